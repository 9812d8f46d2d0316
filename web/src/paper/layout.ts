/** How the panels of a draft lie beside each other on the table. */
import type { Draft, Piece } from '../api/client';
import { type Box, boxOf, type Placing } from './geometry';

const APART = 110;

export type Table = { place: Record<string, Placing>; whole: Box; waist: Box; fork: Box; hem: Box };

/**
 * Front on the left from its centre, back on the right up to its centre, so that the two sides face each other. Drafts that will lie over
 * this one have their room too.
 */
export function layOut(draft: Draft, over: Draft[] = []): Table {
  const lines = (panel: string) => [draft, ...over].flatMap((d) => pieceOf(d, panel).sewLine);
  const f = boxOf(lines('front'));
  const b = boxOf(lines('back'));
  const place = {
    front: { dx: 0, dy: 0, flip: false },
    back: { dx: f.right + APART + b.right, dy: 0, flip: true },
  };
  const right = place.back.dx - Math.min(0, b.left);
  const top = Math.min(f.top, b.top);
  const bottom = Math.max(f.bottom, b.bottom);
  const levelOf = (name: string) => draft.levels.find((l) => l.name === name)?.y;
  const hip = levelOf('hip') ?? bottom / 3;
  const crotch = levelOf('crotch') ?? hip;
  const left = Math.min(0, f.left);
  return {
    place,
    whole: { left, right, top, bottom },
    waist: { left, right, top, bottom: hip + 15 },
    fork: { left, right, top: hip - 20, bottom: crotch + 90 },
    hem: { left, right, top: bottom - 160, bottom },
  };
}

function pieceOf(draft: Draft, panel: string): Piece {
  const piece = draft.pieces.find((p) => p.panel === panel);
  if (!piece) throw new Error(`No ${panel}`);
  return piece;
}
