/** Writes lengths as a cutter reads them. */
import { INCH } from './reader';

/** The unit shown: inches in real fractions, or centimetres to the millimetre. */
export type Shown = 'in' | 'cm';

const EIGHTHS = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'];

function inches(sixteenths: number): string {
  const magnitude = Math.abs(sixteenths);
  const whole = Math.floor(magnitude / 16);
  const part = magnitude % 16;
  const fraction = part % 2 === 0 ? EIGHTHS[part / 2] : `${whole > 0 ? ' ' : ''}${part}/16`;
  const text = `${whole === 0 && part !== 0 ? '' : whole}${fraction}`;
  return sixteenths < 0 ? `−${text}` : text;
}

function centimetres(mm: number): string {
  const rounded = Math.round(mm);
  const magnitude = Math.abs(rounded);
  return `${rounded < 0 ? '−' : ''}${Math.floor(magnitude / 10)},${magnitude % 10}`;
}

/** To the nearest eighth, or the nearest millimetre. */
export function writeLength(mm: number, shown: Shown): string {
  return shown === 'in' ? inches(Math.round((mm / INCH) * 8) * 2) : centimetres(mm);
}

/** With its unit. */
export function writeWithUnit(mm: number, shown: Shown): string {
  return `${writeLength(mm, shown)} ${shown}`;
}

/** A small difference: to the nearest sixteenth, or a tenth of a millimetre. */
export function writeFine(mm: number, shown: Shown): string {
  if (shown === 'in') return inches(Math.round((mm / INCH) * 16));
  const tenths = Math.round(mm * 10);
  return `${tenths < 0 ? '−' : ''}${Math.floor(Math.abs(tenths) / 10)},${Math.abs(tenths) % 10} mm`;
}

/** A plain number with at most three decimals and a true minus. */
export function writeNumber(value: number): string {
  return String(Math.round(value * 1000) / 1000).replace('-', '−');
}

/** How a length is typed back: what the reader reads, so that an untouched field keeps its value. */
export function typeLength(mm: number, shown: Shown): string {
  return writeLength(mm, shown);
}
