/** Where the figures of laid-off amounts stand on the screen, so that each can be read. Places are px. */
import type { XY } from './geometry';

/** A figure beside the line it is of. */
export type Figure = { at: XY; upright: boolean };

type Asked = { key: string; a: XY; b: XY; letters: number; size: number };
type Box = { left: number; right: number; top: number; bottom: number };

/** How wide a letter is, as a share of its height, a fraction and the space between two figures with it. */
const LETTER = 0.85;
const BESIDE = 9;
const ABOVE = 10;
/** So often a figure makes room for one that is nearer to the step in hand; then it is left out. */
const TRIES = 3;

/**
 * The figures by the keys of their amounts: beside what lies upright, above what lies across. The first asked is the
 * one in hand and has its
 * place; each after it goes further out where one stands already, and is left out where there is no room.
 */
export function figures(asked: Asked[]): Record<string, Figure> {
  const placed: Box[] = [];
  const found: Record<string, Figure> = {};
  for (const { key, a, b, letters, size } of asked) {
    const upright = Math.abs(b[1] - a[1]) > Math.abs(b[0] - a[0]);
    const wide = letters * size * LETTER;
    for (let i = 0; i < TRIES; i++) {
      const at: XY = upright
        ? [Math.min(a[0], b[0]) - BESIDE - i * (wide + 6), (a[1] + b[1]) / 2 + size * 0.32]
        : [(a[0] + b[0]) / 2, Math.min(a[1], b[1]) - ABOVE - i * (size + 3)];
      const right = upright ? at[0] : at[0] + wide / 2;
      const box = { left: right - wide, right, top: at[1] - size * 0.8, bottom: at[1] + size * 0.1 };
      if (placed.some((p) => meets(p, box))) continue;
      placed.push(box);
      found[key] = { at, upright };
      break;
    }
  }
  return found;
}

const meets = (p: Box, q: Box) => p.left < q.right && q.left < p.right && p.top < q.bottom && q.top < p.bottom;
