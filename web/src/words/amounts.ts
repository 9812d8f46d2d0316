/** Figures in words, in the quantity they are counted in. */
import { INCH } from '../tape/reader';
import { type Notation, writeFine, writeLength, writeNumber } from '../tape/writer';

/** A figure: a length as a tape reads it, degrees to a tenth, or a count. */
export function writeAmount(value: number, quantity: string, notation: Notation): string {
  if (quantity === 'degrees') return `${writeNumber(Math.round(value * 10) / 10, notation)}°`;
  return quantity === 'count' ? writeNumber(value, notation) : writeLength(value, notation);
}

/** A difference: a small one finer than a tape reads, a larger one as the tape does. */
export function writeApart(value: number, quantity: string, notation: Notation): string {
  return quantity === 'mm' && Math.abs(value) < (notation.shown === 'in' ? INCH / 4 : 10)
    ? writeFine(value, notation)
    : writeAmount(value, quantity, notation);
}
