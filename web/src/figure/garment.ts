/** The garment round the standing figure, from the figures its plumb lines measured. mm, y down from the crown. */
import type { Check, Draft, Evidence } from '../api/client';
import { type Body, type Level, smooth } from './body';

/** The cloth at a level against the body there, and the plumb line that measured it. */
export type Room = {
  level: string;
  y: number;
  body: number;
  cloth: number;
  least: number;
  check: Check;
};

/** The levels a room is named by, and those of the figure. */
const OF: Record<string, Level> = { bust: 'bust', waist: 'waist', hip: 'hip', thigh: 'thigh', knee: 'knee' };

/** Everywhere the cloth was measured round the body, from the top down. */
export function rooms(body: Body, draft: Draft, evidence: readonly Evidence[]): Room[] {
  const found = evidence.flatMap((e): Room[] => {
    const check = draft.checks.find((c) => c.id === e.check);
    if (!e.room || !check) return [];
    const level = OF[e.room.level];
    const y = level ? body.levels[level] : body.levels.waist + (draft.facts.length ?? 0);
    return [{ ...e.room, y: Math.min(y, body.levels.floor), check }];
  });
  // Two plumb lines at one level: the one with less room is the one to mind.
  return found
    .filter((r) => !found.some((o) => o !== r && o.level === r.level && o.cloth - o.least < r.cloth - r.least))
    .sort((a, b) => a.y - b.y);
}

/** How much more cloth than body there is. */
export const room = (r: Room): number => r.cloth - r.body;

/** What a draft goes round: whether from the shoulder, and round each leg or both. */
export const fromShoulder = (draft: Draft): boolean => draft.levels.some((l) => l.name === 'shoulder');
const legs = (draft: Draft): boolean =>
  draft.levels.some((l) => l.name === 'crotch') && draft.levels.some((l) => l.name === 'hem');

/** A side of the garment, from its top to its lower edge. */
type Edge = [number, number][];

export type Worn = { front: string; fore: string; aft: string };

/** The garment as it is worn: its closed outline from the front, and its two edges from the side. */
export function worn(body: Body, draft: Draft, all: readonly Room[]): Worn | null {
  if (all.length < 2) return null;
  const top = fromShoulder(draft) ? body.levels.shoulder : body.levels.waist;
  const end = lowerEdge(body, draft, all);
  const forked = legs(draft) && end > body.levels.crotch;
  const ys = heights(top, end, all);
  const below = (y: number) => forked && y > body.levels.crotch;
  // What the cloth is larger stands out by as much on either side.
  const beside = further(all, (y) => {
    const at = body.front.at(y, below(y));
    return (at.to - at.from) / 2;
  });
  const before = further(all, (y) => {
    const at = body.side.at(y);
    return (at.to - at.from) / 2;
  });
  const outer: Edge = ys.map((y) => [body.front.at(y).to + beside(y), y]);
  const fork = body.levels.crotch + 12;
  const inner: Edge = forked
    ? ys
        .filter((y) => y > fork + 20)
        .map((y): [number, number] => [Math.max(3, body.front.at(y, true).from - beside(y)), y])
        .reverse()
    : [];
  const right: Edge = [...outer, ...inner, ...(forked ? ([[0, fork]] as Edge) : [])];
  const left: Edge = right.map(([x, y]): [number, number] => [-x, y]).reverse();
  const sided = (which: 'from' | 'to'): Edge =>
    ys.map((y) => [body.side.at(y)[which] + (which === 'to' ? before(y) : -before(y)), y]);
  return {
    front: `${smooth(outer, true)}${corners([...inner, ...(forked ? ([[0, fork]] as Edge) : [])])}${corners(
      left.slice(0, left.length - outer.length),
    )}${corners(left.slice(-outer.length, -outer.length + 1))}${smooth(left.slice(-outer.length), false)}Z`,
    fore: smooth(sided('to'), true),
    aft: smooth(sided('from'), true),
  };
}

const corners = (edge: Edge): string => edge.map(([x, y]) => `L${x.toFixed(1)} ${y.toFixed(1)}`).join('');

/** Where it ends below: at its hem, or at the leg line of what has none. */
function lowerEdge(body: Body, draft: Draft, all: readonly Room[]): number {
  const line = draft.levels.find((l) => l.name === 'leg line');
  if (line) return body.levels.waist + line.y;
  const hem = all.find((r) => r.level === 'hem');
  const length = draft.facts.length;
  return Math.min(body.levels.floor, hem?.y ?? (length === undefined ? body.levels.knee : body.levels.waist + length));
}

/** The heights it is drawn through: its ends, every level that was measured, and two between. */
function heights(top: number, end: number, all: readonly Room[]): number[] {
  const known = [top, ...all.map((r) => r.y).filter((y) => y > top + 30 && y < end - 30), end];
  return known.flatMap((y, i) => {
    const next = known[i + 1];
    return next === undefined ? [y] : [y, y + (next - y) / 3, y + ((next - y) * 2) / 3];
  });
}

/**
 * How far beyond the body the cloth stands at a height, by half a width of the body there: between the levels that
 * were measured, evenly.
 */
function further(all: readonly Room[], half: (y: number) => number): (y: number) => number {
  const at = all.map((r) => [r.y, (between(0.9, r.cloth / r.body, 2.6) - 1) * half(r.y)] as const);
  return (y) => {
    const [first] = at;
    const last = at[at.length - 1];
    if (!first || !last) return 0;
    if (y <= first[0]) return first[1];
    for (let i = 0; i + 1 < at.length; i++) {
      const [a, b] = [at[i], at[i + 1]];
      if (a && b && y <= b[0]) return a[1] + ((b[1] - a[1]) * (y - a[0])) / Math.max(1, b[0] - a[0]);
    }
    return last[1];
  };
}

const between = (least: number, value: number, most: number): number => Math.max(least, Math.min(most, value));
