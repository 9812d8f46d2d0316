import { describe, expect, it } from 'vitest';
import { madeDraft, madePiece, madeStep } from '../testing/made';
import { begun, besides, laidBefore, laidOff, movable, ruled } from './growth';

const line = (from: number[], to: number[]) => ({ type: 'line', from, to });
const level = (y: number) => ({ sheet: 'front', role: 'level', label: '', segments: [line([0, y], [200, y])] });
const measure = (from: number[], to: number[]) => ({
  sheet: 'front',
  role: 'measure',
  label: '',
  segments: [line(from, to)],
});

const draft = madeDraft({
  pieces: [madePiece({ id: 'front' })],
  levels: [
    { name: 'waist', y: 0 },
    { name: 'hip', y: 200 },
    { name: 'hem', y: 600 },
  ],
  steps: [
    madeStep({ id: 'hip.depth', value: 200, draws: [level(0), level(200), measure([-24, 0], [-24, 200])] }),
    madeStep({ id: 'length', value: 600, setting: 'length', draws: [level(600), measure([-96, 0], [-96, 600])] }),
    madeStep({ id: 'hip.ease', value: 25, setting: 'hipEase' }),
    madeStep({ id: 'dart.intake', value: 40, draws: [measure([50, 0], [70, 0]), measure([90, 0], [110, 0])] }),
    madeStep({
      id: 'side',
      draws: [{ sheet: 'front', role: 'outline', label: '', segments: [line([200, 0], [200, 600])] }],
    }),
  ],
});
const step = (at: number) => draft.steps[at] ?? madeStep({});

describe('a draft that grows', () => {
  it('has the levels that are ruled by then, and all of them when it is whole', () => {
    expect(ruled(draft, 0).map((l) => l.name)).toEqual(['waist', 'hip']);
    expect(ruled(draft, 1)).toHaveLength(3);
    expect(ruled(draft, null)).toHaveLength(3);
  });

  it('has a panel once a line of it is drawn', () => {
    expect(begun(draft, 'front', 3)).toBe(false);
    expect(begun(draft, 'front', 4)).toBe(true);
    expect(begun(draft, 'back', null)).toBe(false);
  });

  it('keeps what was laid off shortly before, and no step in hand keeps nothing', () => {
    expect(laidBefore(draft, 3).map((m) => m.step.id)).toEqual(['hip.depth', 'length']);
    expect(laidBefore(draft, null)).toEqual([]);
  });

  it('says of an amount in parts how long each is', () => {
    expect(laidOff(step(1)).map((m) => m.amount)).toEqual([600]);
    expect(laidOff(step(3)).map((m) => m.amount)).toEqual([20, 20]);
  });

  it('lets an amount be moved that is one line and a setting, and no other', () => {
    expect(draft.steps.filter(movable).map((s) => s.id)).toEqual(['length']);
  });

  it('has room for the depths beside the centre', () => {
    expect(besides(draft)).toBeLessThan(-96);
    expect(besides(madeDraft({}))).toBe(0);
  });
});
