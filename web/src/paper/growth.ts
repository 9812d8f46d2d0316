/** What of a draft is on the paper once a step is taken: what later steps draw does not exist yet. */
import type { Drawn, Line, LineStep } from '../api/client';

/** So many steps back an amount stays on the paper after the one in hand was laid off. */
const STAYS = 3;

/** What is nearer than this is one place or one amount, mm. */
const SAME = 0.6;

/** The steps taken so far; all of them while no step is in hand. */
export const taken = (draft: Line, upTo: number | null): LineStep[] =>
  upTo === null ? draft.steps : draft.steps.slice(0, upTo + 1);

/** The levels that are ruled by then. */
export function ruled(draft: Line, upTo: number | null): Line['levels'] {
  const ys = taken(draft, upTo).flatMap((s) => s.draws.filter((d) => d.role === 'level').map(downAt));
  return draft.levels.filter((l) => upTo === null || ys.some((y) => Math.abs(y - l.y) < SAME));
}

const downAt = (drawn: Drawn): number => drawn.segments[0]?.from[1] ?? 0;

/** An amount laid off on a sheet, and what it says. */
export type LaidOff = { key: string; step: LineStep; drawn: Drawn; amount: number };

/** What a step lays off. One that is laid off in several parts says of each how long that is. */
export function laidOff(step: LineStep): LaidOff[] {
  return step.draws
    .filter((d) => d.role === 'measure')
    .map((drawn, i) => {
      const long = lengthOf(drawn);
      const whole = Math.abs(step.value);
      return {
        key: `${step.id}${i}`,
        step,
        drawn,
        amount: step.kind === 'length' && Math.abs(long - whole) < SAME ? step.value : long,
      };
    });
}

/** The amounts that were laid off last, before the step in hand. */
export function laidBefore(draft: Line, upTo: number | null): LaidOff[] {
  return upTo === null
    ? []
    : draft.steps
        .slice(0, upTo)
        .filter((s) => s.draws.some((d) => d.role === 'measure'))
        .slice(-STAYS)
        .flatMap(laidOff);
}

/** Whether any of a panel’s outline is drawn by then. */
export const begun = (draft: Line, sheet: string, upTo: number | null): boolean =>
  taken(draft, upTo).some((s) => s.draws.some((d) => d.sheet === sheet && d.role === 'outline'));

/**
 * How long what is drawn is, along straight lines; a curve by its ends and handles, near enough to tell two amounts
 * apart.
 */
function lengthOf(drawn: Drawn): number {
  return drawn.segments.reduce((sum, s) => {
    const chord = distance(s.from, s.to);
    const handles = s.c1 && s.c2 ? distance(s.from, s.c1) + distance(s.c1, s.c2) + distance(s.c2, s.to) : chord;
    return sum + (chord + handles) / 2;
  }, 0);
}

const distance = (a: number[], b: number[]): number => Math.hypot((b[0] ?? 0) - (a[0] ?? 0), (b[1] ?? 0) - (a[1] ?? 0));

/**
 * Whether the end of an amount on the paper can be moved by hand: it is one straight line, as long as the step says.
 */
export function movable(step: LineStep): boolean {
  const [one, ...others] = step.draws.filter((d) => d.role === 'measure');
  return (
    step.setting !== null &&
    step.kind === 'length' &&
    step.value > 0 &&
    one !== undefined &&
    others.length === 0 &&
    one.segments.length === 1 &&
    Math.abs(lengthOf(one) - step.value) < SAME
  );
}

/** Room for a figure beside an amount that is laid off down the paper, mm. */
const FIGURE = 30;

/** How far left of the first panel's centre amounts are laid off, their figures included; 0 where none are. */
export function besides(draft: Line): number {
  const [first] = draft.pieces;
  const xs = draft.steps.flatMap((s) =>
    s.draws
      .filter((d) => d.role === 'measure' && d.sheet === first?.id)
      .flatMap((d) => d.segments.flatMap((x) => [x.from[0] ?? 0, x.to[0] ?? 0])),
  );
  const least = Math.min(0, ...xs);
  return least < 0 ? least - FIGURE : 0;
}
