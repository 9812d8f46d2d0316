import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { machine } from '../account/machine';
import { api, type MeasureKey, type Problem, problemOf, type Sheet, unwrap } from '../api/client';
import { keys, useSession } from '../api/queries';
import { useUndoable } from '../kit/Undo';
import type { Shown } from '../tape/notation';
import { readTape } from '../tape/reader';
import { useUnit } from '../tape/unit';
import { useOutbox, useOutboxState } from '../tickets/TicketDesk';
import { today } from '../words/dates';
import type { Tapes } from './readings';
import {
  bodyOf,
  type Entries,
  type Entry,
  entriesOf,
  type Head,
  headOf,
  isSheet,
  settled,
  touched,
} from './sheetChanges';

const key = (person: string) => `sheet.${person}`;

/** What is kept on this machine until the workroom has it. */
type Left = { changed: Entries; head: Partial<Head>; after: number | null };
const NOTHING: Left = { changed: {}, head: {}, after: null };

function left(person: string): Left {
  try {
    const kept: Partial<Left> | null = JSON.parse(machine.get(key(person)) ?? 'null');
    return { ...NOTHING, ...kept };
  } catch {
    return NOTHING;
  }
}

/** A sheet being filled in on top of the last one; kept on this machine until the workroom has it. */
export function useSheetWork(person: string, last: Sheet | null) {
  const queries = useQueryClient();
  const unit = useUnit();
  const session = useSession();
  const undoable = useUndoable();
  const outbox = useOutbox();
  const waits = useOutboxState().waiting.some((item) => item.kind === 'sheet' && item.of === person);
  const [work, setWork] = useState<Left>(() => left(person));
  const [problem, setProblem] = useState<Problem | null>(null);
  const [theirs, setTheirs] = useState<Sheet | null>(null);
  const [saving, setSaving] = useState(false);
  const { changed } = work;
  const base = useMemo(() => entriesOf(last), [last]);
  const entries = useMemo(() => ({ ...base, ...changed }), [base, changed]);

  const { readings, faults } = useMemo(() => read(entries), [entries]);
  const values = useMemo(() => {
    const mm: Tapes = {};
    for (const [measure, both] of Object.entries(readings)) mm[measure as MeasureKey] = middle(both);
    return mm;
  }, [readings]);

  const asked = useSettled(readings, 250);
  const review = useQuery({
    queryKey: ['review', asked],
    queryFn: () => unwrap(api.POST('/api/measures/review', { body: { measures: asked } })),
    placeholderData: (before) => before,
    staleTime: Number.POSITIVE_INFINITY,
  });

  /** Changes what is on the table; the first change remembers which sheet it was made on. */
  const change = useCallback(
    (next: (now: Left) => Left) => {
      setProblem(null);
      setWork((now) => {
        const then = next(now);
        const kept = { ...then, after: then.after ?? last?.number ?? 0 };
        machine.set(key(person), JSON.stringify(kept));
        return kept;
      });
    },
    [person, last],
  );

  const type = useCallback(
    (measure: string, typed: string) =>
      change((now) => {
        // The other reading of the pair keeps its length when the unit is another one by now.
        const second = inUnit(now.changed[measure] ?? base[measure], unit);
        return { ...now, changed: { ...now.changed, [measure]: { typed, second, unit: unit.shown } } };
      }),
    [change, unit, base],
  );

  /** Types the second reading of a tape in the unit shown; undefined takes it away. */
  const typeSecond = useCallback(
    (measure: string, second: string | undefined, shown: Shown) =>
      change((now) => {
        const first = now.changed[measure] ?? base[measure];
        if (!first) return now;
        const length = readTape(first.typed, first.unit);
        const typed = first.unit !== shown && length.ok ? unit.write(length.mm) : first.typed;
        return { ...now, changed: { ...now.changed, [measure]: { typed, second, unit: shown } } };
      }),
    [change, base, unit],
  );

  const fresh = touched(changed, base).length > 0;
  const me = session.data?.account?.name ?? '';
  const head = headOf(work.head, last, fresh, { takenOn: today(), takenBy: me, note: '' });
  const dirty =
    fresh ||
    (last !== null &&
      (head.takenOn !== last.takenOn || head.takenBy.trim() !== last.takenBy || head.note !== last.note));

  const refresh = () =>
    Promise.all([
      queries.invalidateQueries({ queryKey: keys.sheets(person) }),
      queries.invalidateQueries({ queryKey: keys.person(person) }),
      queries.invalidateQueries({ queryKey: ['people'] }),
    ]);

  const forget = () => {
    machine.remove(key(person));
    setWork(NOTHING);
    setProblem(null);
    setTheirs(null);
  };

  const add = (body: ReturnType<typeof bodyOf>) =>
    outbox.send<Sheet>({ kind: 'sheet', of: person, title: 'A sheet of measures', body });

  /** Adds the sheet; true when the workroom has it. Without a connection it waits here, and is kept by itself. */
  const keep = async (): Promise<boolean> => {
    if (!dirty) return true;
    setSaving(true);
    setProblem(null);
    try {
      machine.set(key(person), JSON.stringify({ ...work, sent: true }));
      const sent = await add(bodyOf(entries, changed, last, head, work.after ?? last?.number ?? 0));
      if (sent === 'waiting') return false;
      const kept = sent.answer;
      forget();
      await refresh();
      if (last) {
        const before = entriesOf(last);
        undoable({
          text: `Sheet ${kept.number} is kept`,
          undo: () => {
            void add(bodyOf(before, {}, last, headOf({}, last, false, head), kept.number))
              .catch((e) => setProblem(problemOf(e)))
              .then(refresh);
          },
        });
      }
      return true;
    } catch (e) {
      const failed = problemOf(e);
      if (failed.stale && isSheet(failed.current)) setTheirs(failed.current);
      else setProblem(failed);
      return false;
    } finally {
      setSaving(false);
    }
  };

  // What waited has arrived: what was typed since goes on from it.
  const waited = useRef(waits);
  useEffect(() => {
    if (waited.current && !waits) setWork(left(person));
    waited.current = waits;
  }, [waits, person]);

  /** Settles what two people wrote at once: these fields as I have them, all others as they have. */
  const settle = (fields: string[]) => {
    if (!theirs) return;
    const mine = settled(entries, entriesOf(theirs), fields);
    queries.setQueryData<Sheet[]>(keys.sheets(person), (sheets) => [theirs, ...(sheets ?? [])]);
    setTheirs(null);
    change((now) => ({ ...now, changed: mine, after: theirs.number }));
  };

  const serverFault = (measure: string) =>
    problem?.at(`readings.${measure}`) ?? review.data?.faults.find((f) => f.field === `measures.${measure}`)?.message;

  return {
    entries,
    changed,
    base,
    values,
    /**
     * How far the two readings of a tape lie apart, the second's less the first's; undefined where it was read once.
     */
    apart: (measure: string): number | undefined => {
      const both = readings[measure];
      return Array.isArray(both) && both[0] !== undefined && both[1] !== undefined ? both[1] - both[0] : undefined;
    },
    dirty,
    saving,
    /** Whether the sheet was sent and waits for the workroom to answer. */
    waits,
    problem,
    type,
    typeSecond,
    keep,
    faultAt: (measure: string): string | undefined => faults[measure] ?? serverFault(measure),
    faulty: Object.keys(faults).length > 0,
    doubts: review.data?.doubts ?? [],
    estimates: review.data?.estimates ?? [],
    forget,
    head,
    setHead: (part: Partial<Head>) => change((now) => ({ ...now, head: { ...now.head, ...part } })),
    theirs,
    settle,
  };
}

export type SheetWork = ReturnType<typeof useSheetWork>;

/** A value once it has stood still for a moment. */
function useSettled<T>(value: T, pause: number): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), pause);
    return () => clearTimeout(timer);
  }, [value, pause]);
  return settled;
}

/** Every field as it reads: lengths in mm, and why the others cannot be read. */
function read(entries: Entries): { readings: Typed; faults: Record<string, string> } {
  const readings: Typed = {};
  const faults: Record<string, string> = {};
  for (const [measure, e] of Object.entries(entries)) {
    if (e.typed.trim() === '') continue;
    const first = readTape(e.typed, e.unit);
    const second = e.second === undefined || e.second.trim() === '' ? null : readTape(e.second, e.unit);
    if (!first.ok) faults[measure] = first.why;
    else if (second && !second.ok) faults[measure] = second.why;
    else readings[measure] = second?.ok ? [first.mm, second.mm] : first.mm;
  }
  return { readings, faults };
}

/** Lengths as they were typed, in mm; two where a tape was read twice. */
type Typed = Record<string, number | number[]>;

function middle(both: number | number[]): number {
  return Array.isArray(both) ? both.reduce((a, b) => a + b, 0) / both.length : both;
}

/** A second reading as it is typed in the unit shown now. */
function inUnit(entry: Entry | undefined, unit: { shown: Shown; write: (mm: number) => string }): string | undefined {
  if (entry?.second === undefined || entry.unit === unit.shown) return entry?.second;
  const length = readTape(entry.second, entry.unit);
  return length.ok ? unit.write(length.mm) : entry.second;
}
