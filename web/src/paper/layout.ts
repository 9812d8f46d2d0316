/** How the pieces of a draft lie beside each other on the table. */
import type { Line, LinePiece } from '../api/client';
import { type Box, boxOf, type Placing } from './geometry';

const APART = 110;
const MADE_APART = 60;

export type Table = {
  /** Where each piece lies, by its name. */
  place: Record<string, Placing>;
  whole: Box;
  waist: Box;
  hem: Box;
  /** The box of each made piece in hand where it lies. */
  made: Record<string, Box>;
};

/** What the block drew: always on the paper. */
export const panelsOf = <P extends LinePiece>(draft: { pieces: P[] }): P[] =>
  draft.pieces.filter((p) => p.madeBy === null);

/** What was made besides: on the paper while it is in hand. */
export const madeOf = <P extends LinePiece>(draft: { pieces: P[] }): P[] =>
  draft.pieces.filter((p) => p.madeBy !== null);

/** Nothing of what ends at the waist lies further below it, mm. */
const AT_WAIST = 5;

/** The panel that a piece that ends at the waist is drawn above: the one of its side that hangs below. */
export function below(draft: Line, piece: LinePiece): LinePiece | null {
  if (boxOf(piece.sewLine).bottom > AT_WAIST) return null;
  return (
    panelsOf(draft).find((p) => p.behind === piece.behind && boxOf(p.sewLine).bottom > AT_WAIST && p !== piece) ?? null
  );
}

/** What is long along the waist lies above it, what is tall beside the panels. */
const alongWaist = (box: Box) => box.right - box.left > (box.bottom - box.top) * 1.5;

/** The made pieces in hand that lie side by side, by their names. */
export const tall = (hand: LinePiece[]): string[] => hand.filter((p) => !alongWaist(boxOf(p.sewLine))).map((p) => p.id);

/**
 * The panels in a row, each front from its centre and the back after it up to its centre, so that their sides face
 * each other. What
 * ends at the waist lies above what it is sewn to, as on the body. What was made and is in hand lies beside them: what
 * is long along the waist above, what is tall to the right. Drafts that will lie over this one
 * have their room.
 */
export function layOut(draft: Line, over: Line[] = [], hand: LinePiece[] = []): Table {
  const place: Record<string, Placing> = {};
  const lines = (piece: LinePiece) =>
    boxOf([draft, ...over].flatMap((d) => d.pieces.filter((p) => p.id === piece.id).flatMap((p) => p.sewLine)));
  const row = panelsOf(draft).filter((p) => !below(draft, p));
  let edge = 0;
  let left = 0;
  let right = 0;
  let top = Number.POSITIVE_INFINITY;
  let bottom = Number.NEGATIVE_INFINITY;
  row.forEach((piece, i) => {
    const box = lines(piece);
    const flip = piece.panel === 'back';
    const near = i === 0 ? 0 : edge + APART;
    place[piece.id] = { dx: i === 0 ? 0 : near + (flip ? box.right : -box.left), dy: 0, flip };
    if (i === 0) left = Math.min(0, box.left);
    edge = i === 0 ? (flip ? -box.left : box.right) : near + box.right - box.left;
    right = Math.max(edge, i > 0 && flip ? near + box.right - Math.min(0, box.left) : 0);
    top = Math.min(top, box.top);
    bottom = Math.max(bottom, box.bottom);
  });
  for (const piece of panelsOf(draft)) {
    const under = below(draft, piece);
    const at = under && place[under.id];
    if (at) {
      place[piece.id] = at;
      top = Math.min(top, lines(piece).top);
    }
  }
  const made: Record<string, Box> = {};
  let above = top - MADE_APART;
  let beyond = right + APART;
  for (const piece of hand) {
    const box = boxOf(piece.sewLine);
    const long = alongWaist(box);
    const at = long ? { dx: -box.left, dy: above - box.bottom } : { dx: beyond - box.left, dy: 0 };
    if (long) above -= box.bottom - box.top + MADE_APART;
    else beyond += box.right - box.left + MADE_APART;
    place[piece.id] = { ...at, flip: false };
    made[piece.id] = {
      left: box.left + at.dx,
      right: box.right + at.dx,
      top: box.top + at.dy,
      bottom: box.bottom + at.dy,
    };
  }
  const levelOf = (name: string) => draft.levels.find((l) => l.name === name)?.y;
  const hip = levelOf('hip') ?? bottom / 3;
  return {
    place,
    made,
    whole: { left, right, top, bottom },
    waist: { left, right, top, bottom: hip + 15 },
    hem: { left, right, top: bottom - 160, bottom },
  };
}

/** What is round the fork and no further belongs to it, mm. */
const ROUND_FORK = 80;

/** So much of a panel is shown beside its fork, mm. */
const BESIDE_FORK = 130;

/**
 * The panels turned so that the forks of front and back face each other, as their seam will lie; null where there is
 * no fork.
 */
export function forks(draft: Line): { place: Record<string, Placing>; box: Box } | null {
  const crotch = draft.levels.find((l) => l.name === 'crotch')?.y;
  const hip = draft.levels.find((l) => l.name === 'hip')?.y ?? 0;
  const panels = panelsOf(draft).filter((p) => !below(draft, p));
  const front = panels.find((p) => !p.behind);
  const back = panels.find((p) => p.behind);
  if (crotch === undefined || !front || !back) return null;
  const tip = (piece: LinePiece) =>
    Math.min(
      0,
      ...piece.sewLine
        .flatMap((s) => [s.from, s.to])
        .filter((at) => Math.abs((at[1] ?? 0) - crotch) < ROUND_FORK)
        .map((at) => at[0] ?? 0),
    );
  const place: Record<string, Placing> = {
    [front.id]: { dx: GAP - tip(front), dy: 0, flip: false },
    [back.id]: { dx: tip(back) - GAP, dy: 0, flip: true },
  };
  for (const piece of panelsOf(draft)) {
    const under = below(draft, piece);
    const at = under && place[under.id];
    if (at) place[piece.id] = at;
  }
  return {
    place,
    box: {
      left: tip(back) - GAP - BESIDE_FORK,
      right: GAP - tip(front) + BESIDE_FORK,
      top: Math.min(hip, crotch - ROUND_FORK) - ROUND_FORK / 2,
      bottom: crotch + ROUND_FORK,
    },
  };
}

/** Half of what lies between two forks, mm. */
const GAP = 14;

/** Where a piece of another draft lies: where its namesake does, or else where the first of its panel does. */
export function placeOf(table: Pick<Table, 'place'>, draft: Line, piece: LinePiece): Placing | null {
  const own = table.place[piece.id];
  if (own) return own;
  const like = panelsOf(draft).find((p) => p.panel === piece.panel);
  return (like && table.place[like.id]) ?? null;
}

/** A box that holds others. */
export function around(box: Box, others: Box[]): Box {
  return others.reduce(
    (all, b) => ({
      left: Math.min(all.left, b.left),
      right: Math.max(all.right, b.right),
      top: Math.min(all.top, b.top),
      bottom: Math.max(all.bottom, b.bottom),
    }),
    box,
  );
}

/** The made pieces in hand while a step is: those it draws, and those that an edge it draws is sewn to. */
export function inHand(draft: Line, stepId: string | null): LinePiece[] {
  const step = draft.steps.find((s) => s.id === stepId);
  if (!step) return [];
  const made = madeOf(draft);
  const drawn = new Set(step.draws.map((d) => d.sheet));
  const seams = new Set<string>();
  for (const piece of panelsOf(draft)) {
    for (const seam of piece.seams) {
      const first = piece.sewLine[seam.segments[0] ?? -1];
      if (!first) continue;
      const here = step.draws.some(
        (d) => d.sheet === piece.id && d.role === 'outline' && d.segments.some((s) => same(s.from, first.from)),
      );
      if (here) seams.add(`${piece.id}.${seam.id}`);
    }
  }
  const sewn = new Set(
    draft.joins
      .flatMap((j) => [
        [j.one, j.other],
        [j.other, j.one],
      ])
      .filter(([one]) => seams.has(one ?? ''))
      .map(([, other]) => other?.split('.')[0]),
  );
  return made.filter((p) => drawn.has(p.id) || sewn.has(p.id));
}

const same = (a: number[], b: number[]) => Math.hypot((a[0] ?? 0) - (b[0] ?? 0), (a[1] ?? 0) - (b[1] ?? 0)) < 0.01;
