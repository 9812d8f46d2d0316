/** Pieces on cloth that a hand moves: whether they lie on each other, and how far one goes before it touches. */

export type Ring = readonly (readonly number[])[];

/** The box round a ring: left, top, right, bottom. */
export function bounds(ring: Ring): [number, number, number, number] {
  let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const p of ring) {
    const [x, y] = p as [number, number];
    left = Math.min(left, x);
    right = Math.max(right, x);
    top = Math.min(top, y);
    bottom = Math.max(bottom, y);
  }
  return [left, top, right, bottom];
}

export const slid = (ring: Ring, dx: number, dy: number): Ring =>
  ring.map((p) => [(p[0] as number) + dx, (p[1] as number) + dy]);

/** Where the lines of a ring cross a level, in order: its inside lies between the first and the second, and so on. */
function crossings(ring: Ring, level: number): number[] {
  const at: number[] = [];
  for (let i = 0; i < ring.length; i++) {
    const [x1, y1] = ring[i] as [number, number];
    const [x2, y2] = ring[(i + 1) % ring.length] as [number, number];
    if (y1 > level !== y2 > level) at.push(x1 + ((level - y1) / (y2 - y1)) * (x2 - x1));
  }
  return at.sort((a, b) => a - b);
}

/** Levels at which two rings are compared: between all their corners, where their lines run straight. */
function levels(one: Ring, other: Ring, from: number, to: number): number[] {
  const all = [from, to];
  for (const p of [...one, ...other]) {
    const y = p[1] as number;
    if (y > from && y < to) all.push(y);
  }
  all.sort((a, b) => a - b);
  const middles: number[] = [];
  for (let i = 0; i + 1 < all.length; i++) {
    const [a, b] = [all[i] as number, all[i + 1] as number];
    if (b - a > 1e-6) middles.push(a + (b - a) * 0.02, (a + b) / 2, b - (b - a) * 0.02);
  }
  return middles;
}

/** Less than this on each other is touching, mm. */
const TOUCHING = 0.05;

/** Whether two rings lie on each other. */
export function overlap(one: Ring, other: Ring): boolean {
  const a = bounds(one);
  const b = bounds(other);
  if (a[2] <= b[0] || b[2] <= a[0] || a[3] <= b[1] || b[3] <= a[1]) return false;
  for (const level of levels(one, other, Math.max(a[1], b[1]), Math.min(a[3], b[3]))) {
    const mine = crossings(one, level);
    const theirs = crossings(other, level);
    for (let i = 0; i + 1 < mine.length; i += 2) {
      for (let j = 0; j + 1 < theirs.length; j += 2) {
        const from = Math.max(mine[i] as number, theirs[j] as number);
        const to = Math.min(mine[i + 1] as number, theirs[j + 1] as number);
        if (to - from > TOUCHING) return true;
      }
    }
  }
  return false;
}

/** Nothing is moved in longer leaps than this, mm, so that it does not leap over a neighbour. */
const LEAP = 8;

/** How far of a move a ring goes: along both ways as far as it can, then along the one that is still free. */
export function go(ring: Ring, dx: number, dy: number, free: (at: Ring) => boolean): [number, number] {
  const steps = Math.max(1, Math.ceil(Math.hypot(dx, dy) / LEAP));
  let x = 0;
  let y = 0;
  for (let i = 0; i < steps; i++) {
    const [sx, sy] = [dx / steps, dy / steps];
    if (free(slid(ring, x + sx, y + sy))) {
      x += sx;
      y += sy;
    } else {
      // Up to the neighbour, then on along it.
      const near = touch(ring, x, y, sx, sy, free);
      x += near * sx;
      y += near * sy;
      const [rx, ry] = [(1 - near) * sx, (1 - near) * sy];
      x += touch(ring, x, y, rx, 0, free) * rx;
      y += touch(ring, x, y, 0, ry, free) * ry;
    }
  }
  return [x, y];
}

/** The share of a step after which a ring touches what is in its way. */
function touch(ring: Ring, x: number, y: number, sx: number, sy: number, free: (at: Ring) => boolean): number {
  if (free(slid(ring, x + sx, y + sy))) return 1;
  let low = 0;
  let high = 1;
  for (let i = 0; i < 7; i++) {
    const middle = (low + high) / 2;
    if (free(slid(ring, x + middle * sx, y + middle * sy))) low = middle;
    else high = middle;
  }
  return low;
}
