/** How large a millimetre is on this screen, found with a tape and remembered for it. */

/** The marks that a tape is laid on stand so many CSS pixels apart. */
export const MARKS = 600;

type Kept = Pick<Storage, 'getItem' | 'setItem'>;

/** One screen is told from another by its size and its density. */
export const screenName = (s: { width: number; height: number }, density: number) =>
  `plumb.screen.${s.width}x${s.height}@${density}`;

/** CSS pixels a millimetre, where this screen was measured; no screen or beam has less than 0.2 or more than 20. */
export function keptScale(kept: Kept, name: string): number | null {
  const scale = Number(kept.getItem(name));
  return scale >= 0.2 && scale <= 20 ? scale : null;
}

/** What a tape reads between the marks, as a scale; null where no tape reads that. */
export function scaleOf(tapeMm: number): number | null {
  const scale = MARKS / tapeMm;
  return scale >= 0.2 && scale <= 20 ? scale : null;
}

export const keepScale = (kept: Kept, name: string, scale: number) => kept.setItem(name, String(scale));
