import { describe, expect, it } from 'vitest';
import { figures } from './figures';
import type { XY } from './geometry';

const across = (key: string, from: number, to: number, y = 100) => ({
  key,
  a: [from, y] as XY,
  b: [to, y] as XY,
  letters: 3,
  size: 16,
});

describe('figures of amounts', () => {
  it('stand above what lies across and left of what lies upright', () => {
    const said = figures([
      across('wide', 0, 200),
      { key: 'high', a: [400, 0] as XY, b: [400, 300] as XY, letters: 3, size: 16 },
    ]);
    expect(said.wide).toEqual({ at: [100, 90], upright: false });
    expect(said.high?.upright).toBe(true);
    expect(said.high?.at[0]).toBe(391);
  });

  it('make room for the one in hand, and for each other', () => {
    const said = figures([across('now', 0, 200), across('before', 10, 190), across('elsewhere', 500, 600)]);
    expect(said.now?.at[1]).toBe(90);
    expect(said.before?.at[1]).toBeLessThan(90 - 16);
    expect(said.elsewhere?.at[1]).toBe(90);
  });

  it('are left out rather than written over each other', () => {
    const said = figures(['a', 'b', 'c', 'd'].map((key) => across(key, 0, 200)));
    expect(Object.keys(said)).toEqual(['a', 'b', 'c']);
  });
});
