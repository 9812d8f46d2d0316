import { memo, useEffect, useRef } from 'react';
import type { Draft, Step } from '../api/client';
import { Button } from '../kit/Button';
import { Guesses } from '../tape/Guesses';
import { useUnit } from '../tape/unit';
import { Habits, OtherWays, type Rival } from './Rivals';
import { useStepValue, WorkingLine } from './WorkingLine';

type Props = {
  draft: Draft;
  at: number | null;
  lit: string | null;
  onLit: (step: string | null) => void;
  onGo: (index: number | null) => void;
  onTake: (rival: Rival) => void;
};

/** The worked arithmetic in the cutter's order. One step is open; those after it wait. */
export function Working(props: Props) {
  const { draft, at, lit } = props;
  const list = useRef<HTMLOListElement>(null);
  const step = at ?? -1;

  // biome-ignore lint/correctness/useExhaustiveDependencies: what is open is brought into view when another is
  useEffect(() => {
    list.current?.querySelector('[data-open="true"]')?.scrollIntoView({ block: 'nearest' });
  }, [step, lit]);

  return (
    <section aria-label="The working" className="flex min-h-0 flex-col">
      <div className="flex items-center justify-between gap-2 pb-2">
        <h2 className="font-semibold text-title">The working</h2>
        <div className="flex items-center gap-1.5">
          <span className="mr-1 text-soft" role="status">
            {at === null ? `${draft.steps.length} steps` : `${at + 1} of ${draft.steps.length}`}
          </span>
          <Button
            className="w-11 px-0"
            aria-label="A step back"
            disabled={at === 0}
            onClick={() => props.onGo(at === null ? draft.steps.length - 1 : at - 1)}
          >
            [
          </Button>
          <Button
            className="w-11 px-0"
            aria-label="A step on"
            onClick={() => props.onGo(at === null ? 0 : at + 1 < draft.steps.length ? at + 1 : null)}
          >
            ]
          </Button>
        </div>
      </div>
      <ol ref={list} className="-mr-3 min-h-0 flex-1 overflow-y-auto pr-3">
        {draft.steps.map((s, i) => (
          <li
            key={s.id}
            data-open={i === step || (at === null && lit === s.id)}
            onPointerEnter={() => props.onLit(s.id)}
            onPointerLeave={() => props.onLit(null)}
          >
            {i === step ? (
              <OpenStep step={s} settings={draft.settings} onTake={props.onTake} onClose={() => props.onGo(null)} />
            ) : (
              <ClosedStep step={s} at={i} waits={at !== null && i > step} lit={lit === s.id} onGo={props.onGo} />
            )}
          </li>
        ))}
      </ol>
    </section>
  );
}

type Closed = { step: Step; at: number; waits: boolean; lit: boolean; onGo: (index: number) => void };

/** A line of the working. Of sixty, a change moves a few: the others are not written again. */
const ClosedStep = memo(function ClosedStep(props: Closed) {
  const { step } = props;
  const value = useStepValue();
  return (
    <button
      type="button"
      onClick={() => props.onGo(props.at)}
      className={`block w-full border-line border-b border-l-4 px-3 py-2.5 text-left ${
        props.lit ? 'border-l-brass bg-card' : 'border-l-transparent'
      } ${props.waits ? 'text-faint' : ''}`}
    >
      <span className="flex justify-between gap-3">
        <span className="font-medium">{step.title}</span>
        <span className="font-medium">{value(step)}</span>
      </span>
      <span className="block text-small text-soft">
        <WorkingLine step={step} />
      </span>
    </button>
  );
}, readsTheSame);

function readsTheSame(was: Closed, is: Closed): boolean {
  return (
    was.at === is.at &&
    was.waits === is.waits &&
    was.lit === is.lit &&
    was.onGo === is.onGo &&
    was.step.title === is.step.title &&
    was.step.value === is.step.value &&
    JSON.stringify(was.step.working) === JSON.stringify(is.step.working) &&
    JSON.stringify(was.step.printed) === JSON.stringify(is.step.printed)
  );
}

function OpenStep(props: {
  step: Step;
  settings: Draft['settings'];
  onTake: (rival: Rival) => void;
  onClose: () => void;
}) {
  const { step, settings, onTake, onClose } = props;
  const value = useStepValue();
  const unit = useUnit();
  const { setting } = step;
  return (
    <div className="my-1 rounded-r-card border-brass border-l-4 bg-card p-3.5 shadow-card" aria-current="step">
      <div className="flex justify-between gap-3 text-lead">
        <h3 className="font-semibold">{step.title}</h3>
        <span className="whitespace-nowrap font-semibold">
          {value(step)}
          {step.kind === 'length' ? ` ${unit.shown}` : ''}
        </span>
      </div>
      <p className="mt-1">
        <WorkingLine step={step} bold />
      </p>
      {(step.estimated || step.overridden) && (
        <p className="mt-1 flex flex-wrap gap-x-2 font-medium text-small">
          <Guesses of={step.guesses} />
          {step.overridden && <span className="text-brass-deep">set by hand</span>}
        </p>
      )}
      <p className="mt-2 text-soft">{unit.words(step.why)}</p>
      <OtherWays step={step} />
      <div className="mt-3 flex gap-2">
        {setting && settings[setting]?.applies && (
          <Button onClick={() => document.getElementById(`set-${setting}`)?.focus()}>Set by hand</Button>
        )}
        <Button look="quiet" onClick={onClose}>
          Whole draft
        </Button>
      </div>
      <Habits step={step} onTake={onTake} />
    </div>
  );
}
