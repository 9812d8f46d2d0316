/** Writes lengths as a cutter reads them. */
import type { Mark, Shown } from './notation';
import { INCH } from './reader';

/** In what, and how, figures are written. */
export type Notation = { shown: Shown; mark: Mark };

const EIGHTHS = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'];

function inches(sixteenths: number): string {
  const magnitude = Math.abs(sixteenths);
  const whole = Math.floor(magnitude / 16);
  const part = magnitude % 16;
  const fraction = part % 2 === 0 ? EIGHTHS[part / 2] : `${whole > 0 ? ' ' : ''}${part}/16`;
  const text = `${whole === 0 && part !== 0 ? '' : whole}${fraction}`;
  return sixteenths < 0 ? `−${text}` : text;
}

function tenths(tens: number, mark: Mark): string {
  const magnitude = Math.abs(tens);
  return `${tens < 0 ? '−' : ''}${Math.floor(magnitude / 10)}${mark}${magnitude % 10}`;
}

/** To the nearest eighth, or the nearest millimetre. */
export function writeLength(mm: number, { shown, mark }: Notation): string {
  return shown === 'in' ? inches(Math.round((mm / INCH) * 8) * 2) : tenths(Math.round(mm), mark);
}

/** As a working is printed that eighths would not let one follow: to the nearest sixteenth; in centimetres as ever. */
export function writeSixteenths(mm: number, notation: Notation): string {
  return notation.shown === 'in' ? inches(Math.round((mm / INCH) * 16)) : writeLength(mm, notation);
}

/** With its unit. */
export function writeWithUnit(mm: number, notation: Notation): string {
  return `${writeLength(mm, notation)} ${notation.shown}`;
}

/** A small difference: to the nearest sixteenth, or a tenth of a millimetre. */
export function writeFine(mm: number, { shown, mark }: Notation): string {
  return shown === 'in' ? inches(Math.round((mm / INCH) * 16)) : `${tenths(Math.round(mm * 10), mark)} mm`;
}

/** A plain number with at most three decimals and a true minus. */
export function writeNumber(value: number, { mark }: Pick<Notation, 'mark'>): string {
  return String(Math.round(value * 1000) / 1000)
    .replace('-', '−')
    .replace('.', mark);
}
