import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { answered, api, type Problem, type Sheet } from '../api/client';
import { keys } from '../api/queries';
import { readTape, type Unit } from '../tape/reader';
import { useUnit } from '../tape/unit';

/** One field of the sheet: what was typed, and the unit meant when none was. */
export type Entry = { typed: string; unit: Unit };
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
    entries[measure] = { typed: r.typed, unit: r.unit as Unit };
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

  const values = useMemo(() => {
    const mm: Record<string, number> = {};
    for (const [measure, e] of Object.entries(entries)) {
      const read = e.typed.trim() === '' ? null : readTape(e.typed, e.unit);
      if (read?.ok) mm[measure] = read.mm;
    }
    return mm;
  }, [entries]);

  const faults = useMemo(() => {
    const why: Record<string, string> = {};
    for (const [measure, e] of Object.entries(entries)) {
      if (e.typed.trim() === '') continue;
      const read = readTape(e.typed, e.unit);
      if (!read.ok) why[measure] = read.why;
    }
    return why;
  }, [entries]);

  const asked = useSettled(values, 250);
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
        const next = { ...c, [measure]: { typed, unit: unit.shown as Unit } };
        localStorage.setItem(key(person), JSON.stringify(next));
        return next;
      });
    },
    [person, unit.shown],
  );

  const dirty = Object.entries(changed).some(
    ([m, e]) => e.typed !== (base[m]?.typed ?? '') || (e.typed !== '' && e.unit !== base[m]?.unit),
  );

  /** Adds the sheet; true when the workroom has it. */
  const keep = async (): Promise<boolean> => {
    if (!dirty) return true;
    setSaving(true);
    setProblem(null);
    const readings: Record<string, { typed: string; unit: string; provenance: string }> = {};
    for (const [measure, e] of Object.entries(entries)) {
      if (e.typed.trim() === '') continue;
      readings[measure] = {
        typed: e.typed,
        unit: e.unit,
        provenance: changed[measure] ? 'measured' : (last?.readings[measure]?.provenance ?? 'measured'),
      };
    }
    try {
      await answered(api.POST('/api/people/{id}/sheets', { params: { path: { id: person } }, body: { readings } }));
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
    dirty,
    saving,
    problem,
    type,
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
