/**
 * A sheet being filled in on top of the last one, as plain data: what was typed, and what of it differs from somebody
 * else’s sheet.
 */
import type { Reading, Sheet } from '../api/client';
import type { Unit } from '../tape/reader';

/** One field of the sheet: what was typed, once or twice, and the unit meant when none was. */
export type Entry = { typed: string; second?: string; unit: Unit };
export type Entries = Record<string, Entry>;

/** The head of a sheet. */
export type Head = { takenOn: string; takenBy: string; note: string };

const isUnit = (unit: string): unit is Unit => unit === 'in' || unit === 'cm' || unit === 'mm';

export function entryOf(reading: Reading): Entry {
  return {
    typed: reading.typed,
    second: reading.secondTyped ?? undefined,
    unit: isUnit(reading.unit) ? reading.unit : 'in',
  };
}

export function entriesOf(sheet: Sheet | null): Entries {
  return Object.fromEntries(Object.entries(sheet?.readings ?? {}).map(([measure, r]) => [measure, entryOf(r)]));
}

/** Whether two fields read the same. */
export function alike(one: Entry | undefined, other: Entry | undefined): boolean {
  const empty = (e: Entry | undefined) => e === undefined || e.typed.trim() === '';
  if (empty(one) || empty(other)) return empty(one) && empty(other);
  return one?.typed === other?.typed && (one?.second ?? '') === (other?.second ?? '') && one?.unit === other?.unit;
}

/** The fields in which a hand changed what stands on a sheet. */
export function touched(changed: Entries, base: Entries): string[] {
  return Object.keys(changed).filter((measure) => !alike(changed[measure], base[measure]));
}

/** The head a sheet is kept with: as it was typed; else of today and by whoever sits here, once a reading is new. */
export function headOf(typed: Partial<Head>, last: Sheet | null, fresh: boolean, now: Head): Head {
  const usual = last && !fresh ? { takenOn: last.takenOn, takenBy: last.takenBy, note: last.note } : now;
  return { ...usual, ...typed };
}

/** A sheet as it is sent; what was not touched keeps where it came from. */
export function bodyOf(entries: Entries, changed: Entries, last: Sheet | null, head: Head, after: number) {
  const readings: Record<string, { typed: string; unit: string; provenance: string; second?: string }> = {};
  for (const [measure, e] of Object.entries(entries)) {
    if (e.typed.trim() === '') continue;
    readings[measure] = {
      typed: e.typed,
      second: e.second?.trim() === '' ? undefined : e.second,
      unit: e.unit,
      provenance: changed[measure] ? 'measured' : (last?.readings[measure]?.provenance ?? 'measured'),
    };
  }
  return { ...head, readings, after };
}

/** The fields in which my sheet differs from theirs. */
export function differing(mine: Entries, theirs: Entries): string[] {
  return [...new Set([...Object.keys(mine), ...Object.keys(theirs)])]
    .filter((measure) => !alike(mine[measure], theirs[measure]))
    .sort();
}

/**
 * What stays changed on top of their sheet, once it is settled which of mine hold; a field of theirs that I had
 * emptied stays empty.
 */
export function settled(mine: Entries, theirs: Entries, keep: string[]): Entries {
  return Object.fromEntries(
    keep.map((measure) => [measure, mine[measure] ?? { typed: '', unit: theirs[measure]?.unit ?? 'in' }]),
  );
}

/** A sheet as it came from somewhere that does not say so. */
export function isSheet(value: unknown): value is Sheet {
  return typeof value === 'object' && value !== null && 'readings' in value && 'number' in value;
}
