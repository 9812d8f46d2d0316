/** What a sheet's readings come to. */
import type { Reading, Sheet, Views } from '../api/client';

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
