/** The figure seated: its side bent at hip and knee. mm; x forward, y down from the crown. */
import { type Body, smooth } from './body';

type Pair = [number, number];

const STEPS = 14;

/** The round of a head takes more. */
const TRUNK = 60;

export type Seated = {
  outline: string;
  /** Along the front from a height of the trunk down to the lap, and a little along the thigh. */
  front: (from: number) => string;
  /** Along the back from a height of the trunk down, round the seat and under the thigh. */
  back: (from: number) => string;
  /** What it takes: from its crown to the sole, and from back to toe. */
  box: { left: number; right: number; bottom: number };
};

const ALONG = 0.06;

export function seated(body: Body): Seated {
  const { hip, knee, floor } = body.levels;
  const fore = (y: number) => body.side.at(y).to;
  const aft = (y: number) => body.side.at(y).from;
  const steps = (from: number, to: number, n = STEPS): number[] =>
    Array.from({ length: n + 1 }, (_, i) => from + ((to - from) * i) / n);
  const thigh = knee - hip;
  // Above the hip as it stands; the thigh forward of it; from the knee straight down.
  const lap = fore(hip);
  const trunkFront = (from: number): Pair[] => steps(from, hip - lap, TRUNK).map((y) => [fore(y), y]);
  const thighTop = (to: number): Pair[] => steps(lap * 1.3, to, 6).map((d): Pair => [d, hip - fore(hip + d)]);
  const shin: Pair[] = steps(knee, floor).map((y): Pair => [thigh + fore(y), hip + (y - knee)]);
  const calf: Pair[] = steps(floor, knee - aft(knee) * 1.2).map((y): Pair => [thigh + aft(y), hip + (y - knee)]);
  const under = (from: number): Pair[] => steps(from, 0, 6).map((d): Pair => [d, hip - aft(hip + d)]);
  const seat: Pair[] = steps(0, Math.PI / 2, 5).map((a): Pair => {
    const r = -aft(hip);
    return [-r * Math.sin(a), hip + r * Math.cos(a)];
  });
  const trunkBack = (to: number): Pair[] => steps(hip, to, TRUNK).map((y): Pair => [aft(y), y]);
  const outline: Pair[] = [
    ...trunkFront(0),
    ...thighTop(thigh * 0.96),
    ...shin,
    ...calf,
    ...under(thigh + aft(knee) * 1.2),
    ...seat.slice(1),
    ...trunkBack(0).slice(1),
  ];
  const along = ALONG * body.stature * 2;
  return {
    outline: `${smooth(outline, true)}Z`,
    front: (from) => smooth([...trunkFront(from), ...thighTop(lap * 1.3 + along)], true),
    back: (from) =>
      smooth([...trunkBack(from).reverse(), ...[...seat].reverse(), [along, hip - aft(hip + along)]], true),
    box: {
      left: Math.min(...outline.map(([x]) => x)),
      right: Math.max(...outline.map(([x]) => x)),
      bottom: Math.max(...outline.map(([, y]) => y)),
    },
  };
}
