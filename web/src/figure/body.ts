/**
 * The standing figure: our own. Its levels follow height, rise and depths, its widths the girths and arcs that were
 * taken. mm, y down from the crown.
 */
import type { Tapes } from '../measure/readings';
import shape from './shape.json';

export type Girths = Partial<Record<'bust' | 'waist' | 'hip' | 'thigh' | 'knee' | 'ankle', number>>;

type Pair = [number, number];

/** Where the plain figure has its levels, as shares of its height. */
const PLAIN = {
  crown: 0,
  neck: 0.135,
  shoulder: 0.185,
  bust: 0.283,
  waist: 0.388,
  hip: 0.497,
  crotch: 0.535,
  thigh: 0.56,
  knee: 0.73,
  ankle: 0.95,
  floor: 1,
};

export type Level = keyof typeof PLAIN;

/** The girths that widen it, each at its level. */
const ROUND: (keyof Girths & Level)[] = ['bust', 'waist', 'hip', 'thigh', 'knee', 'ankle'];

/** Of a height nobody has taken. */
const STATURE = 1650;

/** A tape down the front lies on the body: so much of it is height. */
const UPRIGHT = 0.95;

/** A level never comes nearer to the next than this share of the height, whatever was typed. */
const APART = 0.012;

const share = (line: number[][], level: number): number => {
  for (let i = 0; i + 1 < line.length; i++) {
    const [y0, v0] = line[i] as Pair;
    const [y1, v1] = line[i + 1] as Pair;
    if ((level - y0) * (level - y1) <= 0 && y0 !== y1) return v0 + ((v1 - v0) * (level - y0)) / (y1 - y0);
  }
  return (line[line.length - 1] as Pair)[1];
};

const down = (line: number[][]): number[][] => [...line].reverse();

/** Ramanujan's first approximation of an ellipse's girth. */
const ellipse = (a: number, b: number): number => Math.PI * (3 * (a + b) - Math.sqrt((3 * a + b) * (a + 3 * b)));

/** The girth of the plain figure at a level, as a share of its height; below the fork one leg's. */
function plainGirth(level: number): number {
  const depth = (share(shape.sideFront, level) - share(down(shape.sideBack), level)) / 2;
  const outer = share(shape.front, level);
  const inner = level > PLAIN.crotch ? share(down(shape.inner), level) : null;
  return inner === null ? ellipse(outer, depth) : ellipse((outer - inner) / 2, depth);
}

const between = (least: number, value: number, most: number): number => Math.max(least, Math.min(most, value));

/** How tall somebody is: as taped, or by the legs, or as most are. */
function stature(values: Tapes): number {
  const byLegs = values.waistToFloor
    ? values.waistToFloor / (1 - PLAIN.waist)
    : values.outsideLeg
      ? values.outsideLeg / (PLAIN.ankle - PLAIN.waist)
      : STATURE;
  return between(700, values.stature ?? byLegs, 2500);
}

/** Where her own levels lie, mm from the crown. */
export function levelsOf(values: Tapes): Record<Level, number> {
  const tall = stature(values);
  const plain = (level: Level) => PLAIN[level] * tall;
  const floor = tall;
  const waist = values.waistToFloor
    ? floor - values.waistToFloor
    : values.outsideLeg
      ? plain('ankle') - values.outsideLeg
      : plain('waist');
  const own: Record<Level, number> = {
    crown: 0,
    neck: plain('neck'),
    shoulder: plain('shoulder'),
    bust:
      values.shoulderToBust && values.shoulderToWaist
        ? waist - (values.shoulderToWaist - values.shoulderToBust) * UPRIGHT
        : plain('bust') + waist - plain('waist'),
    waist,
    hip: waist + (values.hipDepth ?? plain('hip') - plain('waist')),
    crotch: waist + (values.bodyRise ?? plain('crotch') - plain('waist')),
    thigh: 0,
    knee: values.kneeDepth ? waist + values.kneeDepth : plain('knee'),
    ankle: plain('ankle'),
    floor,
  };
  own.thigh = own.crotch + plain('thigh') - plain('crotch');
  // Levels keep their order, whatever was typed.
  const order = Object.keys(PLAIN) as Level[];
  for (let i = 1; i < order.length; i++) {
    const [above, level] = [order[i - 1] as Level, order[i] as Level];
    own[level] = Math.max(own[level], own[above] + APART * tall);
  }
  const over = own.floor / floor;
  for (const level of order) own[level] /= over;
  return own;
}

export type Drawing = {
  outline: string;
  /**
   * From where to where it goes at a height, mm: all of it, or of the right leg where `leg` is asked below the fork.
   */
  at: (y: number, leg?: boolean) => { from: number; to: number };
};

/** A body from the front and from the side. */
export type Body = {
  stature: number;
  levels: Record<Level, number>;
  front: Drawing;
  side: Drawing;
  /** Its girth at a level as it is drawn, mm; below the fork of one leg. */
  girth: (level: Level) => number;
};

/** The body of what was taken: measure keys to mm. */
export function bodyOf(values: Tapes): Body {
  const tall = stature(values);
  const levels = levelsOf(values);
  const order = Object.keys(PLAIN) as Level[];
  const heights = order.map((l) => [PLAIN[l], levels[l]] as Pair);
  const y = (level: number) => share(heights, level);
  const level = (at: number) =>
    share(
      heights.map(([plain, own]) => [own, plain] as Pair),
      between(0, at, tall),
    );
  const wide = widening(values, tall);
  const [forward, backward] = arcs(values);
  const outer = (l: number) => share(shape.front, l) * wide(l) * tall;
  const inner = (l: number) => {
    // A leg widens about its own middle, and never through the other.
    const middle = (share(shape.front, l) + share(down(shape.inner), l)) / 2;
    const half = ((share(shape.front, l) - share(down(shape.inner), l)) / 2) * wide(l);
    return Math.max(0, middle * Math.max(1, wide(l)) - half) * tall;
  };
  const fore = (l: number) => share(shape.sideFront, l) * wide(l) * forward(l) * tall;
  const aft = (l: number) => share(down(shape.sideBack), l) * wide(l) * backward(l) * tall;
  const line = (pairs: number[][], x: (l: number) => number) =>
    pairs.map(([l]) => [x(l as number), y(l as number)] as Pair);
  const right = [...line(shape.front, outer), ...line(shape.inner, inner)];
  const left = right.map(([x, at]) => [-x, at] as Pair).reverse();
  return {
    stature: tall,
    levels,
    front: {
      outline: `${smooth(right, true)}${smooth(left, false)}Z`,
      at: (at, leg) => ({ from: leg ? inner(level(at)) : -outer(level(at)), to: outer(level(at)) }),
    },
    side: {
      outline: `${smooth(line(shape.sideFront, fore), true)}${smooth(line(shape.sideBack, aft), false)}Z`,
      at: (at) => ({ from: aft(level(at)), to: fore(level(at)) }),
    },
    girth: (l) => plainGirth(PLAIN[l]) * wide(PLAIN[l]) * tall,
  };
}

/** How much wider than the plain figure a body is at a level: known at its girths, blended between them. */
function widening(values: Tapes, tall: number): (level: number) => number {
  const known = ROUND.flatMap((name): Pair[] => {
    const girth = values[`${name}Girth`];
    return girth === undefined ? [] : [[PLAIN[name], between(0.6, girth / (plainGirth(PLAIN[name]) * tall), 1.7)]];
  });
  const first = known[0];
  const last = known[known.length - 1];
  if (!first || !last) return () => 1;
  // Head and neck keep their own size; the shoulders go half the way.
  const anchored: Pair[] = [
    [PLAIN.neck, 1],
    [0.2, 1 + (first[1] - 1) * 0.45],
    ...known.filter(([l]) => l > 0.2),
    [0.99, 1 + (last[1] - 1) * 0.3],
  ];
  return (level) => (level <= PLAIN.neck ? 1 : share(anchored, level));
}

/**
 * How much of its depth a body has before and behind its plumb line at the hip: as the two tapes across front and back
 * say.
 */
function arcs(values: Tapes): [(level: number) => number, (level: number) => number] {
  const { frontHipArc: front, backHipArc: back } = values;
  if (!front || !back) return [() => 1, () => 1];
  const more = between(-0.35, ((back - front) / (back + front)) * 2.4 - 0.12, 0.35);
  const near = (level: number) => Math.max(0, 1 - Math.abs(level - PLAIN.hip) / 0.1);
  return [(level) => 1 - more * near(level), (level) => 1 + more * near(level)];
}

/** A smooth line through places (Catmull-Rom). */
export function smooth(points: Pair[], start: boolean): string {
  const p = (i: number) => points[Math.max(0, Math.min(points.length - 1, i))] as Pair;
  const n = (v: number) => Math.round(v * 10) / 10;
  let d = `${start ? 'M' : 'L'}${n(p(0)[0])} ${n(p(0)[1])}`;
  for (let i = 0; i + 1 < points.length; i++) {
    const [a, b, c, e] = [p(i - 1), p(i), p(i + 1), p(i + 2)];
    const out = [b[0] + (c[0] - a[0]) / 6, b[1] + (c[1] - a[1]) / 6];
    const into = [c[0] - (e[0] - b[0]) / 6, c[1] - (e[1] - b[1]) / 6];
    d += `C${[...out, ...into, ...c].map(n).join(' ')}`;
  }
  return d;
}
