/** The hand test of stretch: 10 cm, folded, pulled along the girth, go to so many. */

const LAID = 10;
const MOST = 30;

/** What 10 cm go to in a cloth of that stretch, in cm. */
export const pulledTo = (stretch: number): number => LAID * (1 + stretch);

/** The stretch of a cloth whose 10 cm go to what was typed; null where that cannot be. */
export function fromHandTest(typed: string): number | null {
  const plain = typed.replace('cm', '').replace(',', '.').trim();
  const pulled = /^\d{1,2}(\.\d{1,3})?$/.test(plain) ? Number(plain) : Number.NaN;
  return pulled >= LAID && pulled <= MOST ? Math.round((pulled / LAID - 1) * 1000) / 1000 : null;
}
