/** What a sheet's readings come to. */
import type { MeasureKey, Reading, Sheet, Views } from '../api/client';

/** What was taken of a body, mm. */
export type Tapes = Partial<Record<MeasureKey, number>>;

/** Measures as a draft asks for them, in mm. */
export type Asked = NonNullable<Views['PreviewRequest']['measures']>;

/** What is drafted with: the reading, or the middle of two. */
export function lengthOf(reading: Pick<Reading, 'mm' | 'secondMm'>): number {
  return reading.secondMm == null ? reading.mm : (reading.mm + reading.secondMm) / 2;
}

/** A sheet as a draft asks for it: both readings where a tape was read twice. */
export function askedOf(sheet: Sheet): Asked {
  const measures: Asked = {};
  for (const [measure, reading] of Object.entries(sheet.readings)) {
    const mm = reading.secondMm == null ? reading.mm : [reading.mm, reading.secondMm];
    const from = reading.provenance;
    measures[measure] = from === 'estimated' || from === 'table' ? { mm, from } : mm;
  }
  return measures;
}

/** What a sheet comes to. */
export function tapesOf(sheet: Sheet): Tapes {
  const all: Tapes = {};
  for (const [measure, reading] of Object.entries(sheet.readings)) all[measure as MeasureKey] = lengthOf(reading);
  return all;
}

/** What stands in for tapes that were not taken. */
export function estimatesOf(estimates: readonly Views['EstimateView'][]): Tapes {
  return Object.fromEntries(estimates.map((e) => [e.measure, e.value]));
}
