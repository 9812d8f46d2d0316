import { type KeyboardEvent, useEffect, useMemo, useState } from 'react';
import type { Measure, Sheet } from '../api/client';
import type { Level } from '../figure/body';
import { Card } from '../kit/Card';
import { readTape } from '../tape/reader';
import { useUnit } from '../tape/unit';
import { writeFine, writeWithUnit } from '../tape/writer';
import { Figure } from './Figure';
import { estimatesOf, lengthOf } from './readings';
import { SheetClash } from './SheetClash';
import { SheetHead } from './SheetHead';
import type { Entry } from './sheetChanges';
import type { SheetWork } from './useSheetWork';

/** What a lower garment is measured for; the rest waits below. */
const LOWER = [
  'waistGirth',
  'hipDepth',
  'hipGirth',
  'frontHipArc',
  'backHipArc',
  'bodyRise',
  'crotchLength',
  'thighGirth',
  'kneeDepth',
  'kneeGirth',
  'ankleGirth',
  'outsideLeg',
  'insideLeg',
  'waistToFloor',
  'bustGirth',
  'bustSpan',
  'stature',
];

/** The sheet beside the standing figure: the field in hand lights its level and says how to take it. */
export function MeasureTable(props: {
  measures: Measure[];
  work: SheetWork;
  last: Sheet | null;
  needed: string[];
  /** What cannot be done without and is not taken: said beside its field. */
  missing?: readonly string[];
  /** What the sheet is for when it is filled in. */
  onDone: () => void;
}) {
  const { measures, work, last, needed, missing = [] } = props;
  const [held, setHeld] = useState<string | null>(null);
  const lower = LOWER.flatMap((k) => measures.filter((m) => m.key === k));
  const rest = measures.filter((m) => !LOWER.includes(m.key));
  const heldMeasure = measures.find((m) => m.key === held) ?? null;
  const shown = useMemo(() => {
    return { ...estimatesOf(work.estimates), ...work.values };
  }, [work.estimates, work.values]);
  // What is to be taken first is in hand; on a tablet a keyboard would rise over the sheet.
  const first = missing[0] ?? (last === null ? lower[0]?.key : undefined);
  useEffect(() => {
    if (first && !window.matchMedia('(pointer: coarse)').matches) document.getElementById(`measure-${first}`)?.focus();
  }, [first]);
  const row = (m: Measure) => (
    <MeasureRow
      key={m.key}
      measure={m}
      work={work}
      last={last}
      needed={needed.includes(m.key)}
      missing={missing.includes(m.key)}
      held={held === m.key}
      onHold={setHeld}
    />
  );
  return (
    <div
      className={`grid flex-1 max-lg:auto-rows-max lg:min-h-0 gap-4 px-5 py-3
      lg:grid-cols-[25.5rem_minmax(0,1fr)_17rem]`}
    >
      <form
        className="min-h-0 lg:overflow-y-auto lg:pr-1"
        data-form=""
        onSubmit={(e) => e.preventDefault()}
        onKeyDown={(e) => {
          if (e.key === 'Enter' && (e.ctrlKey || e.metaKey)) props.onDone();
        }}
        aria-label="Measures"
      >
        {lower.map(row)}
        <details className="mt-1" open={rest.some((m) => needed.includes(m.key)) || undefined}>
          <summary className="flex min-h-11 cursor-pointer items-center font-semibold text-soft">
            For bodices and sleeves
          </summary>
          {rest.map(row)}
        </details>
      </form>
      <div className="hidden min-h-0 rounded-[4px] border border-line bg-card p-2 shadow-card md:block">
        <Figure
          values={shown}
          held={heldMeasure}
          places={ROUND_OF.map(([place]) => place)}
          onPlace={(place) => {
            const measure = ROUND_OF.find(([p]) => p === place)?.[1];
            const field = document.getElementById(`measure-${measure}`);
            field?.closest('details')?.setAttribute('open', '');
            field?.focus();
          }}
        />
      </div>
      <div className="flex min-h-0 flex-col gap-3 lg:overflow-y-auto">
        {heldMeasure ? <HowTo measure={heldMeasure} /> : <Begin />}
        <Arcs work={work} />
        {work.doubts.map((d) => (
          <Card key={d.measure + d.id} title={measures.find((m) => m.key === d.measure)?.title ?? ''} tone="amber">
            {d.text}
          </Card>
        ))}
        <Guesses work={work} measures={measures} needed={needed} />
        <SheetHead work={work} last={last} />
      </div>
      <SheetClash work={work} measures={measures} />
    </div>
  );
}

/** What is taken round the body at a place of the figure; a press there takes it in hand. */
const ROUND_OF: [Level, string][] = [
  ['bust', 'bustGirth'],
  ['waist', 'waistGirth'],
  ['hip', 'hipGirth'],
  ['thigh', 'thighGirth'],
  ['knee', 'kneeGirth'],
  ['ankle', 'ankleGirth'],
];

function MeasureRow(props: {
  measure: Measure;
  work: SheetWork;
  last: Sheet | null;
  needed: boolean;
  missing: boolean;
  held: boolean;
  onHold: (key: string | null) => void;
}) {
  const { measure, work, last, held } = props;
  const unit = useUnit();
  const key = measure.key;
  const id = `measure-${key}`;
  const entry = work.entries[key];
  const mm = work.values[key];
  const guess = work.estimates.find((e) => e.measure === key);
  const fault = work.faultAt(key);
  const doubt = work.doubts.some((d) => d.measure === key);
  // While it is being typed a field shows what was typed; otherwise the same length as it is written at the bench.
  const [typing, setTyping] = useState(false);
  const touched = work.changed[key] !== undefined;
  // What is in the field: the first of two readings where there are two.
  const own = entry === undefined ? undefined : readTape(entry.typed, entry.unit);
  const first = own?.ok ? own.mm : undefined;
  const written = first === undefined ? null : readTape(unit.write(first), unit.shown);
  const same = written?.ok && first !== undefined && Math.abs(written.mm - first) < 0.01;
  const text =
    entry === undefined
      ? ''
      : first !== undefined && !typing && (entry.unit !== unit.shown || (same && key !== 'stature'))
        ? unit.write(first)
        : entry.typed;
  const inOther = { mark: unit.mark, shown: unit.shown === 'in' ? 'cm' : 'in' } as const;
  const before = last?.readings[key] && lengthOf(last.readings[key]);
  const moved = touched && before && mm !== undefined && Math.abs(mm - before) > 0.5 ? mm - before : null;
  const tone =
    moved !== null
      ? 'text-brass-deep'
      : doubt
        ? 'text-amber'
        : props.missing
          ? 'font-medium text-crimson'
          : 'text-soft';
  const beside =
    moved !== null && last
      ? `${unit.write(Math.abs(moved))} ${moved > 0 ? 'up' : 'down'} since ${unit.shortDay(last.takenOn)}`
      : guess && text === ''
        ? `guess: ${unit.words(guess.rule)}`
        : props.missing && text === ''
          ? 'to be taken'
          : '';
  const press = (e: KeyboardEvent<HTMLInputElement>) => {
    if (e.key === 'Enter' && !e.ctrlKey && !e.metaKey) {
      e.preventDefault();
      const all = [
        ...(e.currentTarget.closest('[data-form]')?.querySelectorAll<HTMLInputElement>('input[data-amount]') ?? []),
      ];
      all[all.indexOf(e.currentTarget) + 1]?.focus();
    }
  };
  const border = fault
    ? 'border-crimson'
    : held
      ? 'border-brass'
      : doubt
        ? 'border-amber'
        : text === '' && guess
          ? 'border-dashed border-tape-deep'
          : 'border-line';
  return (
    <div className="group border-line border-b py-[3px]">
      <div className="grid grid-cols-[7.5rem_6rem_4.5rem_minmax(0,1fr)] items-center gap-2">
        <label htmlFor={id} className={held ? 'font-semibold text-brass-deep' : props.needed ? 'font-medium' : ''}>
          {measure.title}
        </label>
        <input
          id={id}
          data-amount=""
          autoComplete="off"
          value={text}
          placeholder={guess ? unit.write(guess.value) : ''}
          aria-invalid={fault ? true : undefined}
          aria-describedby={`${id}-says`}
          onFocus={(e) => {
            props.onHold(key);
            e.currentTarget.select();
          }}
          onBlur={() => {
            setTyping(false);
            props.onHold(null);
          }}
          onChange={(e) => {
            setTyping(true);
            work.type(key, e.target.value);
          }}
          onKeyDown={press}
          className={`h-9 w-full rounded-field border bg-card px-2.5 font-semibold placeholder:font-normal
            hover:border-brass ${border}`}
        />
        <span className="whitespace-nowrap text-small text-soft">
          {mm !== undefined ? writeWithUnit(mm, inOther) : guess ? writeWithUnit(guess.value, inOther) : ''}
        </span>
        <span className={`text-small leading-tight ${tone}`}>
          {beside}{' '}
          {text !== '' && entry?.second === undefined && (
            <button
              type="button"
              className={`h-6 font-medium underline ${
                doubt ? 'text-amber' : 'invisible text-brass-deep group-focus-within:visible group-hover:visible'
              }`}
              onMouseDown={(e) => e.preventDefault()}
              onClick={() => work.typeSecond(key, '', unit.shown)}
            >
              {doubt ? 'take it again' : measure.sided ? 'left and right' : 'read twice'}
            </button>
          )}
        </span>
      </div>
      {entry?.second !== undefined && (
        <SecondReading measure={measure} entry={entry} work={work} onHold={props.onHold} />
      )}
      <p id={`${id}-says`} role={fault ? 'alert' : undefined} className="text-crimson text-small empty:hidden">
        {fault}
      </p>
    </div>
  );
}

/** The second reading of a tape, or the right side, with how far it lies from the first. */
function SecondReading(props: {
  measure: Measure;
  entry: Entry;
  work: SheetWork;
  onHold: (key: string | null) => void;
}) {
  const { measure, entry, work } = props;
  const unit = useUnit();
  const id = `measure-${measure.key}-second`;
  const read = readTape(entry.second ?? '', entry.unit);
  const apart = work.apart(measure.key);
  const mm = work.values[measure.key];
  return (
    <div className="grid grid-cols-[7.5rem_6rem_minmax(0,1fr)] items-center gap-2 pt-[3px]">
      <label htmlFor={id} className="text-right text-small text-soft">
        {measure.sided ? 'right side' : 'read again'}
      </label>
      <input
        id={id}
        data-amount=""
        autoComplete="off"
        // biome-ignore lint/a11y/noAutofocus: it appears because it was asked for
        autoFocus={entry.second === ''}
        value={entry.unit !== unit.shown && read.ok ? unit.write(read.mm) : (entry.second ?? '')}
        onFocus={() => props.onHold(measure.key)}
        onBlur={() => props.onHold(null)}
        onChange={(e) => work.typeSecond(measure.key, e.target.value, unit.shown)}
        className="h-9 w-full rounded-field border border-line bg-card px-2.5 font-semibold hover:border-brass"
      />
      <span className="flex items-center justify-between gap-2 text-small text-soft">
        {apart === undefined || mm === undefined
          ? ''
          : Math.abs(apart) < 0.5
            ? 'the same'
            : `${writeFine(Math.abs(apart), unit)} ${apart > 0 ? 'more' : 'less'}; drafted with ${writeFine(mm, unit)}`}
        <button
          type="button"
          aria-label={`Take the second reading of ${measure.title} away`}
          className="h-6 font-medium text-brass-deep underline"
          onClick={() => work.typeSecond(measure.key, undefined, unit.shown)}
        >
          once
        </button>
      </span>
    </div>
  );
}

function HowTo({ measure }: { measure: Measure }) {
  return (
    <section aria-live="polite">
      <h2 className="font-semibold text-title">{measure.title}</h2>
      <p className="mt-1">{measure.how}</p>
    </section>
  );
}

function Begin() {
  return (
    <section>
      <h2 className="font-semibold text-title">Read the tape in</h2>
      <p className="mt-1">
        Type it as you call it out: 38 1/2, 10½, 97,8 cm, 5 ft 6. Enter goes on to the next. Two measures are enough to
        begin: waist and hip.
      </p>
      <p className="mt-2 text-soft">
        Ask before you measure, say where the tape will go, and keep the figures to yourselves.
      </p>
    </section>
  );
}

function Arcs({ work }: { work: SheetWork }) {
  const unit = useUnit();
  const { frontHipArc: front, backHipArc: back, hipGirth: hip } = work.values;
  if (front === undefined || back === undefined || hip === undefined || Math.abs(front + back - hip) > 6.4) return null;
  const more = back - front;
  return (
    <Card title="Front and back hip add up">
      {unit.write(front)} + {unit.write(back)} = {unit.write(hip)}.{' '}
      {more > 0
        ? `The back is ${unit.write(more)} fuller, so the house draft gives it ${unit.write(more / 2)} more in each
           half.`
        : 'The front is as full as the back, so the house draft gives it as much.'}
    </Card>
  );
}

function Guesses({ work, measures, needed }: { work: SheetWork; measures: Measure[]; needed: string[] }) {
  const names = work.estimates
    .filter((e) => needed.includes(e.measure))
    .map((e) => measures.find((m) => m.key === e.measure)?.title.toLowerCase())
    .filter((t) => t !== undefined);
  if (names.length === 0) return null;
  const list = names.length === 1 ? names[0] : `${names.slice(0, -1).join(', ')} and ${names[names.length - 1]}`;
  const said = `${list?.[0]?.toUpperCase()}${list?.slice(1)}`;
  return (
    <Card title={names.length === 1 ? `${said} is a guess` : `${said} are guesses`} tone="amber">
      The draft will use {names.length === 1 ? 'it' : 'them'} and say so. A tape always wins.
    </Card>
  );
}
