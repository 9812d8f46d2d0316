/** Figures in words, in the quantity they are counted in. */
import { type Shown, writeFine, writeLength, writeNumber } from '../tape/writer';

/** A figure: a length as a tape reads it, degrees to a tenth, or a count. */
export function writeAmount(value: number, quantity: string, shown: Shown): string {
  if (quantity === 'degrees') return `${writeNumber(Math.round(value * 10) / 10)}°`;
  return quantity === 'count' ? writeNumber(value) : writeLength(value, shown);
}

/** A small difference, finer than a tape reads. */
export function writeApart(value: number, quantity: string, shown: Shown): string {
  return quantity === 'mm' ? writeFine(value, shown) : writeAmount(value, quantity, shown);
}
