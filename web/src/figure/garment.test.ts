import { describe, expect, it } from 'vitest';
import type { Check, CheckId, Evidence } from '../api/client';
import { madeDraft } from '../testing/made';
import { bodyOf } from './body';
import { room, rooms, worn } from './garment';
import { seated } from './seated';

const body = bodyOf({ stature: 1700, waistGirth: 700, hipGirth: 1000, thighGirth: 560, outsideLeg: 1040 });
const check = (id: CheckId, verdict = 'true') => ({ id, title: id, verdict }) as Check;
const measured = (id: CheckId, level: string, girth: number, cloth: number, least = girth): Evidence => ({
  check: id,
  figures: [],
  strokes: [],
  spans: [],
  notes: [],
  room: { level, body: girth, cloth, least },
});
const draft = (levels: string[]) =>
  madeDraft({
    facts: { length: 600 },
    levels: levels.map((name, i) => ({ name, y: i * 200 })),
    checks: [check('waist.fits'), check('hip.fits'), check('thigh.room', 'off'), check('strides'), check('enters')],
  });
const evidence = [
  measured('strides', 'hem', 800, 1000),
  measured('waist.fits', 'waist', 700, 713),
  measured('thigh.room', 'thigh', 560, 580, 611),
  measured('hip.fits', 'hip', 1000, 1038),
];

const xs = (path: string): number[] => [...path.matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map((m) => Number(m[1]));

describe('the garment on the figure', () => {
  it('has its room from the plumb lines, from the top down', () => {
    const all = rooms(body, draft(['waist', 'hip', 'hem']), evidence);
    expect(all.map((r) => r.level)).toEqual(['waist', 'hip', 'thigh', 'hem']);
    expect(all.map(room)).toEqual([13, 38, 20, 200]);
    expect(all[3]?.y).toBeCloseTo(body.levels.waist + 600, 6);
  });

  it('minds the tighter of two plumb lines at one level', () => {
    const twice = [...evidence, measured('enters', 'hip', 1000, 1010, 1013)];
    const hip = rooms(body, draft(['waist', 'hip']), twice).filter((r) => r.level === 'hip');
    expect(hip.map((r) => r.check.id)).toEqual(['enters']);
  });

  it('stands out round both legs, or round each', () => {
    const skirt = draft(['waist', 'hip', 'hem']);
    const around = rooms(body, skirt, evidence);
    const hung = worn(body, skirt, around);
    expect(hung?.front).toMatch(/^M.*Z$/);
    expect(hung?.front).not.toContain('NaN');
    expect(Math.max(...xs(hung?.front ?? ''))).toBeGreaterThan(body.front.at(body.levels.hip).to);
    const legs = worn(body, draft(['waist', 'hip', 'crotch', 'hem']), around);
    expect(xs(legs?.front ?? '')).toContain(0);
    expect(hung?.front).not.toBe(legs?.front);
  });

  it('is not drawn from nothing', () => {
    expect(worn(body, draft(['waist']), [])).toBeNull();
  });
});

describe('the figure seated', () => {
  it('bends at hip and knee and is lower than it stands', () => {
    const her = seated(body);
    expect(her.outline).toMatch(/^M.*Z$/);
    expect(her.outline).not.toContain('NaN');
    expect(her.box.bottom).toBeLessThan(body.stature * 0.85);
    expect(her.box.right).toBeGreaterThan(body.levels.knee - body.levels.hip);
    expect(her.front(body.levels.waist)).toMatch(/^M/);
    expect(her.back(body.levels.waist)).not.toContain('NaN');
  });
});
