import { describe, expect, it } from 'vitest';
import type { Draft } from '../api/client';
import { madeDraft, madePiece } from '../testing/made';
import { layOut } from './layout';

const box = (left: number, right: number, bottom: number) => [
  { type: 'line', from: [left, 0], to: [right, 0] },
  { type: 'line', from: [right, 0], to: [right, bottom] },
  { type: 'line', from: [right, bottom], to: [left, bottom] },
  { type: 'line', from: [left, bottom], to: [left, 0] },
];

function draft(fork: number, levels: { name: string; y: number }[]): Draft {
  return madeDraft({
    pieces: [
      madePiece({ id: 'front', panel: 'front', sewLine: box(-fork, 250, 1000) }),
      madePiece({ id: 'back', panel: 'back', sewLine: box(-2 * fork, 260, 1000) }),
    ],
    levels,
  });
}

const LEGS = [
  { name: 'waist', y: 0 },
  { name: 'hip', y: 200 },
  { name: 'crotch', y: 280 },
  { name: 'hem', y: 1000 },
];

describe('panels on the table', () => {
  it('keep the fork of each leg in the picture', () => {
    const table = layOut(draft(60, LEGS));
    expect(table.whole.left).toBe(-60);
    expect(table.place.back?.flip).toBe(true);
    expect(table.whole.right).toBe((table.place.back?.dx ?? 0) + 120);
  });

  it('face each other with their sides, a hand apart', () => {
    const table = layOut(draft(60, LEGS));
    expect((table.place.back?.dx ?? 0) - 260 - 250).toBe(110);
  });

  it('show the fork from above the hip to below the crotch line', () => {
    const { fork } = layOut(draft(60, LEGS));
    expect(fork.top).toBeLessThan(200);
    expect(fork.bottom).toBeGreaterThan(280);
    expect(fork.bottom).toBeLessThan(500);
  });

  it('begin at the centre front of a skirt, which has no fork', () => {
    expect(
      layOut(
        draft(
          0,
          LEGS.filter((l) => l.name !== 'crotch'),
        ),
      ).whole.left,
    ).toBeCloseTo(0);
  });

  it('leave room for a draft that will lie over them', () => {
    expect(layOut(draft(0, LEGS), [draft(90, LEGS)]).whole.left).toBe(-90);
  });
});
