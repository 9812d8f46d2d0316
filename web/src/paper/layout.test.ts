import { describe, expect, it } from 'vitest';
import type { Draft } from '../api/client';
import { madeDraft, madePiece, madeStep } from '../testing/made';
import { around, forks, inHand, layOut, madeOf, panelsOf } from './layout';

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
      madePiece({ id: 'back', panel: 'back', behind: true, sewLine: box(-2 * fork, 260, 1000) }),
    ],
    levels,
  });
}

/** A leg whose fork stands out at the crotch line. */
const forked = (out: number) => [
  { type: 'line', from: [0, 0], to: [250, 0] },
  { type: 'line', from: [250, 0], to: [250, 1000] },
  { type: 'line', from: [250, 1000], to: [-30, 1000] },
  { type: 'line', from: [-30, 1000], to: [-out, 280] },
  { type: 'line', from: [-out, 280], to: [0, 0] },
];

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

  it('turn their forks to each other where the fork is looked at, from above the hip to below the crotch line', () => {
    const legs = madeDraft({
      pieces: [
        madePiece({ id: 'front', panel: 'front', sewLine: forked(60) }),
        madePiece({ id: 'back', panel: 'back', behind: true, sewLine: forked(110) }),
      ],
      levels: LEGS,
    });
    const at = forks(legs);
    const front = at?.place.front;
    const back = at?.place.back;
    expect(front?.flip).toBe(false);
    expect(back?.flip).toBe(true);
    expect((front?.dx ?? 0) - 60).toBe(-((back?.dx ?? 0) + 110));
    expect(at?.box.top).toBeLessThan(200);
    expect(at?.box.bottom).toBeGreaterThan(280);
    expect(at?.box.bottom).toBeLessThan(400);
    expect(at?.box.left).toBeLessThan((back?.dx ?? 0) + 110);
  });

  it('have no fork to look at on a skirt', () => {
    expect(
      forks(
        draft(
          0,
          LEGS.filter((l) => l.name !== 'crotch'),
        ),
      ),
    ).toBeNull();
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

describe('what was made besides the panels', () => {
  const waist = { type: 'line', from: [0, 0], to: [250, 0] };
  const seam = (id: string, pairsWith: string | null) => ({
    id,
    length: 250,
    allowance: 12.7,
    segments: [0],
    end: '',
    spoken: id,
    letOut: 0,
    sewnIn: 0,
    pairsWith,
  });
  const banded = madeDraft({
    ...draft(0, LEGS),
    pieces: [
      madePiece({ id: 'front', panel: 'front', sewLine: box(0, 250, 1000), seams: [seam('waist', 'band.waist')] }),
      madePiece({ id: 'back', panel: 'back', behind: true, sewLine: box(0, 260, 1000), seams: [seam('side', null)] }),
      madePiece({ id: 'band', panel: 'band', sewLine: box(0, 740, 40), madeBy: 'straight-band' }),
      madePiece({ id: 'flap', panel: 'flap', sewLine: box(0, 60, 140), madeBy: 'patch-pocket' }),
    ],
    joins: [
      { seam: 'waist', one: 'front.waist', other: 'band.waist', from: 0, to: 250, length: 250, eased: 0, kind: 'sewn' },
    ],
    steps: [
      madeStep({ id: 'waist.front', draws: [{ sheet: 'front', role: 'outline', label: 'waist', segments: [waist] }] }),
      madeStep({
        id: 'hem',
        draws: [{ sheet: 'front', role: 'outline', label: 'hem', segments: box(0, 250, 9).slice(2, 3) }],
      }),
      madeStep({ id: 'flap.depth', draws: [{ sheet: 'flap', role: 'outline', label: 'flap', segments: [waist] }] }),
    ],
  });
  const named = (step: string | null) => inHand(banded, step).map((p) => p.id);

  it('is apart from the panels', () => {
    expect(panelsOf(banded).map((p) => p.id)).toEqual(['front', 'back']);
    expect(madeOf(banded).map((p) => p.id)).toEqual(['band', 'flap']);
  });

  it('is in hand while its own step is, or the edge it is sewn to', () => {
    expect(named('flap.depth')).toEqual(['flap']);
    expect(named('waist.front')).toEqual(['band']);
    expect(named('hem')).toEqual([]);
    expect(named(null)).toEqual([]);
  });

  it('lies above the panels where it is long, beside them where it is tall, and moves none of them', () => {
    const bare = layOut(banded);
    const table = layOut(banded, [], madeOf(banded));
    expect(bare.made).toEqual({});
    expect(table.place.back).toEqual(bare.place.back);
    expect(table.made.band?.bottom).toBeLessThan(table.whole.top);
    expect(table.made.flap?.left).toBeGreaterThan(table.whole.right);
    expect(around(table.whole, Object.values(table.made)).right).toBe(table.made.flap?.right);
  });

  it('lies as near when another piece is not in hand', () => {
    const [band] = madeOf(banded);
    const alone = layOut(banded, [], band ? [band] : []);
    expect(alone.made).toEqual({ band: layOut(banded, [], madeOf(banded)).made.band });
  });
});
