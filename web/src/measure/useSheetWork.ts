import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { answered, api, type Problem, type Sheet } from '../api/client';
import { keys } from '../api/queries';
import { readTape, type Unit } from '../tape/reader';
import { useUnit } from '../tape/unit';
import type { Shown } from '../tape/writer';

/** One field of the sheet: what was typed, once or twice, and the unit meant when none was. */
export type Entry = { typed: string; second?: string; unit: Unit };
type Entries = Record<string, Entry>;

const key = (person: string) => `plumb.sheet.${person}`;

function kept(person: string): Entries | null {
  try {
    return JSON.parse(localStorage.getItem(key(person)) ?? 'null');
  } catch {
    return null;
  }
}

function entriesOf(sheet: Sheet | null): Entries {
  const entries: Entries = {};
  for (const [measure, r] of Object.entries(sheet?.readings ?? {}))
    entries[measure] = { typed: r.typed, second: r.secondTyped ?? undefined, unit: r.unit as Unit };
  return entries;
}

/** A sheet being filled in on top of the last one; kept on this machine until the workroom has it. */
export function useSheetWork(person: string, last: Sheet | null) {
  const queries = useQueryClient();
  const unit = useUnit();
  const [changed, setChanged] = useState<Entries>(() => kept(person) ?? {});
  const [problem, setProblem] = useState<Problem | null>(null);
  const [saving, setSaving] = useState(false);
  const base = useMemo(() => entriesOf(last), [last]);
  const entries = useMemo(() => ({ ...base, ...changed }), [base, changed]);

  const { readings, faults } = useMemo(() => read(entries), [entries]);
  const values = useMemo(() => {
    const mm: Record<string, number> = {};
    for (const [measure, both] of Object.entries(readings)) mm[measure] = middle(both);
    return mm;
  }, [readings]);

  const asked = useSettled(readings, 250);
  const review = useQuery({
    queryKey: ['review', asked],
    queryFn: () => answered(api.POST('/api/measures/review', { body: { measures: asked as never } })),
    placeholderData: (before) => before,
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
  });

  const type = useCallback(
    (measure: string, typed: string) => {
      setProblem(null);
      setChanged((c) => {
        // The other reading of the pair keeps its length when the unit is another one by now.
        const other = c[measure] ?? base[measure];
        const next = { ...c, [measure]: { typed, second: inUnit(other, unit), unit: unit.shown as Unit } };
        localStorage.setItem(key(person), JSON.stringify(next));
        return next;
      });
    },
    [person, unit, base],
  );

  /** Types the second reading of a tape in the unit shown; undefined takes it away. */
  const typeSecond = useCallback(
    (measure: string, second: string | undefined, shown: Shown) => {
      setProblem(null);
      setChanged((c) => {
        const first = c[measure] ?? base[measure];
        if (!first) return c;
        const length = readTape(first.typed, first.unit);
        const typed = first.unit !== shown && length.ok ? unit.write(length.mm) : first.typed;
        const next = { ...c, [measure]: { typed, second, unit: shown as Unit } };
        localStorage.setItem(key(person), JSON.stringify(next));
        return next;
      });
    },
    [person, base, unit],
  );

  const dirty = Object.entries(changed).some(
    ([m, e]) =>
      e.typed !== (base[m]?.typed ?? '') ||
      (e.second ?? '') !== (base[m]?.second ?? '') ||
      (e.typed !== '' && e.unit !== base[m]?.unit),
  );

  /** Adds the sheet; true when the workroom has it. */
  const keep = async (): Promise<boolean> => {
    if (!dirty) return true;
    setSaving(true);
    setProblem(null);
    const kept: Record<string, { typed: string; unit: string; provenance: string; second?: string }> = {};
    for (const [measure, e] of Object.entries(entries)) {
      if (e.typed.trim() === '') continue;
      kept[measure] = {
        typed: e.typed,
        second: e.second?.trim() === '' ? undefined : e.second,
        unit: e.unit,
        provenance: changed[measure] ? 'measured' : (last?.readings[measure]?.provenance ?? 'measured'),
      };
    }
    try {
      await answered(
        api.POST('/api/people/{id}/sheets', { params: { path: { id: person } }, body: { readings: kept } }),
      );
      localStorage.removeItem(key(person));
      setChanged({});
      await queries.invalidateQueries({ queryKey: keys.sheets(person) });
      await queries.invalidateQueries({ queryKey: keys.person(person) });
      await queries.invalidateQueries({ queryKey: ['people'] });
      return true;
    } catch (e) {
      setProblem(e as Problem);
      return false;
    } finally {
      setSaving(false);
    }
  };

  const serverFault = (measure: string) =>
    problem?.at(`readings.${measure}`) ?? review.data?.faults.find((f) => f.field === `measures.${measure}`)?.message;

  return {
    entries,
    changed,
    base,
    values,
    /** How far the two readings of a tape lie apart, the second's less the first's; undefined where it was read once. */
    apart: (measure: string): number | undefined => {
      const both = readings[measure];
      return Array.isArray(both) && both[0] !== undefined && both[1] !== undefined ? both[1] - both[0] : undefined;
    },
    dirty,
    saving,
    problem,
    type,
    typeSecond,
    keep,
    faultAt: (measure: string): string | undefined => faults[measure] ?? serverFault(measure),
    faulty: Object.keys(faults).length > 0,
    doubts: review.data?.doubts ?? [],
    estimates: review.data?.estimates ?? [],
    forget: () => {
      localStorage.removeItem(key(person));
      setChanged({});
      setProblem(null);
    },
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
function read(entries: Entries): { readings: Record<string, number | number[]>; faults: Record<string, string> } {
  const readings: Record<string, number | number[]> = {};
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

function middle(both: number | number[]): number {
  return Array.isArray(both) ? both.reduce((a, b) => a + b, 0) / both.length : both;
}

/** A second reading as it is typed in the unit shown now. */
function inUnit(entry: Entry | undefined, unit: { shown: Shown; write: (mm: number) => string }): string | undefined {
  if (entry?.second === undefined || entry.unit === unit.shown) return entry?.second;
  const length = readTape(entry.second, entry.unit);
  return length.ok ? unit.write(length.mm) : entry.second;
}
