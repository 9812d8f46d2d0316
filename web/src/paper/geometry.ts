/** Drawing geometry: from millimetres on a piece to pixels on the screen. */
import type { Segment } from '../api/client';

export type XY = readonly [number, number];
export type Box = { left: number; top: number; right: number; bottom: number };

/** Where a panel lies on the table: slid along, and flipped where its side should face its neighbour's. */
export type Placing = { dx: number; dy: number; flip: boolean };

/** What part of the table is shown, and how large. */
export type View = { left: number; top: number; scale: number };

export type Project = (p: ArrayLike<number>) => XY;

/** From a point of a panel to the screen. */
export function project(place: Placing, view: View): Project {
  return (p) => {
    const x = place.dx + (place.flip ? -1 : 1) * (p[0] as number);
    const y = place.dy + (p[1] as number);
    return [(x - view.left) * view.scale, (y - view.top) * view.scale];
  };
}

const n = (v: number) => Math.round(v * 100) / 100;

/** Straight from place to place of the screen, as a path's description. */
export const straight = (...places: (readonly number[])[]): string =>
  places.map(([x = 0, y = 0], i) => `${i === 0 ? 'M' : 'L'}${n(x)} ${n(y)}`).join('');

/** Places of a piece where a lay puts it: its move is a turn and a slide, as an affine matrix by rows. */
export function laid(move: readonly number[], place: (x: number, y: number) => XY): Project {
  const [a = 1, b = 0, c = 0, d = 1, dx = 0, dy = 0] = move;
  return (p) => {
    const x = p[0] ?? 0;
    const y = p[1] ?? 0;
    return place(a * x + b * y + dx, c * x + d * y + dy);
  };
}

/** An SVG path of joined segments. */
export function path(segments: Segment[], to: Project): string {
  let d = '';
  let at: XY | null = null;
  for (const s of segments) {
    const from = to(s.from);
    if (!at || Math.hypot(at[0] - from[0], at[1] - from[1]) > 0.05) d += `M${n(from[0])} ${n(from[1])}`;
    const end = to(s.to);
    if (s.type === 'cubic' && s.c1 && s.c2) {
      const c1 = to(s.c1);
      const c2 = to(s.c2);
      d += `C${n(c1[0])} ${n(c1[1])} ${n(c2[0])} ${n(c2[1])} ${n(end[0])} ${n(end[1])}`;
    } else {
      d += `L${n(end[0])} ${n(end[1])}`;
    }
    at = end;
  }
  return d;
}

/** The box round segments; handles count, so it is never too small. */
export function boxOf(segments: Segment[]): Box {
  const box = { left: Infinity, top: Infinity, right: -Infinity, bottom: -Infinity };
  for (const s of segments) {
    for (const p of [s.from, s.c1, s.c2, s.to]) {
      if (!p) continue;
      box.left = Math.min(box.left, p[0] as number);
      box.right = Math.max(box.right, p[0] as number);
      box.top = Math.min(box.top, p[1] as number);
      box.bottom = Math.max(box.bottom, p[1] as number);
    }
  }
  return box;
}

/** The view that shows a box whole within a frame of pixels, in the middle. */
export function frame(box: Box, width: number, height: number): View {
  const scale = Math.max(0.05, Math.min(width / (box.right - box.left), height / (box.bottom - box.top)));
  return {
    scale,
    left: (box.left + box.right) / 2 - width / scale / 2,
    top: (box.top + box.bottom) / 2 - height / scale / 2,
  };
}
