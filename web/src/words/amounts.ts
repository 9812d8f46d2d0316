/** Figures in words, in the quantity they are counted in. */
import { INCH } from '../tape/reader';
import { type Shown, writeFine, writeLength, writeNumber } from '../tape/writer';

/** A figure: a length as a tape reads it, degrees to a tenth, or a count. */
export function writeAmount(value: number, quantity: string, shown: Shown): string {
  if (quantity === 'degrees') return `${writeNumber(Math.round(value * 10) / 10)}°`;
  return quantity === 'count' ? writeNumber(value) : writeLength(value, shown);
}

/** A difference: a small one finer than a tape reads, a larger one as the tape does. */
export function writeApart(value: number, quantity: string, shown: Shown): string {
  return quantity === 'mm' && Math.abs(value) < (shown === 'in' ? INCH / 4 : 10)
    ? writeFine(value, shown)
    : writeAmount(value, quantity, shown);
}
