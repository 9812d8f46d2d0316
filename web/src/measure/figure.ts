/** The standing figure: our own, its widths following a body's girths. Everything is in mm, y down from the crown. */
import shape from './figure.json';

export type Level = keyof typeof shape.levels;
export type Girths = Partial<Record<'bust' | 'waist' | 'hip' | 'thigh' | 'knee' | 'ankle', number>>;

type Pair = [number, number];

const LEVELS: [keyof Girths, number][] = [
  ['bust', shape.levels.bust],
  ['waist', shape.levels.waist],
  ['hip', shape.levels.hip],
  ['thigh', 0.555],
  ['knee', shape.levels.knee],
  ['ankle', shape.levels.ankle],
];

/** A half width of the plain figure at a level, as a share of stature. */
function at(line: number[][], level: number): number {
  for (let i = 0; i + 1 < line.length; i++) {
    const [y0, v0] = line[i] as Pair;
    const [y1, v1] = line[i + 1] as Pair;
    if ((level - y0) * (level - y1) <= 0 && y0 !== y1) return v0 + ((v1 - v0) * (level - y0)) / (y1 - y0);
  }
  return (line[line.length - 1] as Pair)[1];
}

/** Ramanujan's first approximation of an ellipse's girth. */
function ellipse(a: number, b: number): number {
  return Math.PI * (3 * (a + b) - Math.sqrt((3 * a + b) * (a + 3 * b)));
}

/** The girth of the plain figure at a level, as a share of stature; below the fork one leg's. */
function plainGirth(level: number): number {
  const depth = (at(shape.profile.front, level) - at([...shape.profile.back].reverse(), level)) / 2;
  const outer = at(shape.front.outer, level);
  if (level < shape.levels.crotch) return ellipse(outer, depth);
  const inner = at([...shape.front.inner].reverse(), level);
  return ellipse((outer - inner) / 2, depth);
}

/** How much wider than the plain figure a body is at a level: known at its girths, blended between them. */
function widening(girths: Girths, stature: number): (level: number) => number {
  const known = LEVELS.filter(([name]) => girths[name] !== undefined).map(([name, level]) => {
    const scale = (girths[name] as number) / (plainGirth(level) * stature);
    return [level, Math.max(0.6, Math.min(1.7, scale))] as Pair;
  });
  const first = known[0];
  const last = known[known.length - 1];
  if (!first || !last) return () => 1;
  // Head and neck keep their own size; the shoulders go half the way.
  const anchored: Pair[] = [[0.165, 1], [0.2, 1 + (first[1] - 1) * 0.45], ...known, [0.99, 1 + (last[1] - 1) * 0.3]];
  return (level) => (level <= 0.165 ? 1 : at(anchored, level));
}

export type Drawing = { outline: string; head: string; half: (level: number) => { from: number; to: number } };

/** The figure from the front. x = 0 is its middle. */
export function frontView(girths: Girths, stature: number): Drawing {
  const wide = widening(girths, stature);
  const outer = (shape.front.outer as Pair[]).map(([y, x]) => [x * wide(y) * stature, y * stature] as Pair);
  const inner = (shape.front.inner as Pair[]).map(([y, x]) => {
    const centre = at(shape.front.outer, y);
    const shifted = centre * wide(y) - (centre - x) * wide(y);
    return [Math.max(0, shifted) * stature, y * stature] as Pair;
  });
  const right = [...outer, ...inner];
  const left = right.map(([x, y]) => [-x, y] as Pair).reverse();
  return {
    outline: `${smooth(outer, true)}${smooth(inner, false)}${smooth(left.slice(0, inner.length), false)}${smooth(left.slice(inner.length), false)}Z`,
    head: headPath(0, stature),
    half: (level) => {
      const w = at(shape.front.outer, level) * wide(level) * stature;
      return { from: -w, to: w };
    },
  };
}

/** The figure from the side. x = 0 is the plumb line. */
export function sideView(girths: Girths, stature: number): Drawing {
  const wide = widening(girths, stature);
  const line = (pairs: number[][]) => (pairs as Pair[]).map(([y, x]) => [x * wide(y) * stature, y * stature] as Pair);
  const front = line(shape.profile.front);
  const back = line(shape.profile.back);
  const backDown = [...shape.profile.back].reverse();
  return {
    outline: `${smooth(front, true)}${smooth(back, false)}Z`,
    head: profileHead(stature),
    half: (level) => ({
      from: at(backDown, level) * wide(level) * stature,
      to: at(shape.profile.front, level) * wide(level) * stature,
    }),
  };
}

/** A head seen from the side: brow, nose, chin, and the round of the skull. */
function profileHead(stature: number): string {
  const p = (x: number, y: number) => `${Math.round(x * stature * 10) / 10} ${Math.round(y * stature * 10) / 10}`;
  return [
    `M${p(0.006, 0)}`,
    `C${p(0.036, 0.001)} ${p(0.051, 0.022)} ${p(0.05, 0.05)}`,
    `C${p(0.05, 0.058)} ${p(0.06, 0.07)} ${p(0.061, 0.077)}`,
    `C${p(0.061, 0.081)} ${p(0.054, 0.081)} ${p(0.053, 0.085)}`,
    `C${p(0.053, 0.1)} ${p(0.052, 0.118)} ${p(0.042, 0.125)}`,
    `C${p(0.028, 0.131)} ${p(0.012, 0.127)} ${p(0.004, 0.12)}`,
    `C${p(-0.03, 0.11)} ${p(-0.048, 0.085)} ${p(-0.047, 0.052)}`,
    `C${p(-0.046, 0.02)} ${p(-0.022, 0)} ${p(0.006, 0)}Z`,
  ].join('');
}

function headPath(x: number, stature: number): string {
  const cx = x * stature;
  const w = 0.046 * stature;
  const top = 0;
  const h = 0.132 * stature;
  return `M${cx} ${top}C${cx + w * 1.25} ${top} ${cx + w * 1.15} ${h * 0.62} ${cx + w * 0.55} ${h * 0.9}C${cx + w * 0.3} ${h * 1.03} ${cx - w * 0.3} ${h * 1.03} ${cx - w * 0.55} ${h * 0.9}C${cx - w * 1.15} ${h * 0.62} ${cx - w * 1.25} ${top} ${cx} ${top}Z`;
}

/** A smooth line through places (Catmull-Rom). */
function smooth(points: Pair[], start: boolean): string {
  const p = (i: number) => points[Math.max(0, Math.min(points.length - 1, i))] as Pair;
  const n = (v: number) => Math.round(v * 10) / 10;
  let d = `${start ? 'M' : 'L'}${n(p(0)[0])} ${n(p(0)[1])}`;
  for (let i = 0; i + 1 < points.length; i++) {
    const [a, b, c, e] = [p(i - 1), p(i), p(i + 1), p(i + 2)];
    d += `C${n(b[0] + (c[0] - a[0]) / 6)} ${n(b[1] + (c[1] - a[1]) / 6)} ${n(c[0] - (e[0] - b[0]) / 6)} ${n(c[1] - (e[1] - b[1]) / 6)} ${n(c[0])} ${n(c[1])}`;
  }
  return d;
}

/** The level of the figure a measure lies at, as a share of stature. */
export const LEVEL_AT: Record<string, number> = {
  head: 0.06,
  shoulder: 0.2,
  bust: shape.levels.bust,
  waist: shape.levels.waist,
  hip: shape.levels.hip,
  crotch: shape.levels.crotch,
  thigh: 0.555,
  knee: shape.levels.knee,
  ankle: shape.levels.ankle,
  floor: 1,
};
