import { describe, expect, it } from 'vitest';
import type { Segment } from '../api/client';
import { boxOf, frame, path, project } from './geometry';

const line = (from: number[], to: number[]): Segment => ({ type: 'line', from, to }) as Segment;
const cubic = (from: number[], c1: number[], c2: number[], to: number[]): Segment =>
  ({ type: 'cubic', from, c1, c2, to }) as Segment;

const plain = project({ dx: 0, dy: 0, flip: false }, { left: 0, top: 0, scale: 1 });

describe('drawing geometry', () => {
  it('draws joined segments as one path and starts anew after a gap', () => {
    expect(path([line([0, 0], [10, 0]), line([10, 0], [10, 5])], plain)).toBe('M0 0L10 0L10 5');
    expect(path([line([0, 0], [10, 0]), line([20, 0], [20, 5])], plain)).toBe('M0 0L10 0M20 0L20 5');
  });

  it('draws a cubic with both its handles', () => {
    expect(path([cubic([0, 0], [1, 2], [3, 4], [5, 6])], plain)).toBe('M0 0C1 2 3 4 5 6');
  });

  it('flips a panel about its own centre line before placing it', () => {
    const to = project({ dx: 300, dy: 0, flip: true }, { left: 0, top: 0, scale: 2 });
    expect(to([0, 10])).toEqual([600, 20]);
    expect(to([100, 10])).toEqual([400, 20]);
  });

  it('boxes in every handle', () => {
    expect(boxOf([cubic([0, 0], [-5, 2], [12, 4], [5, 6])])).toEqual({ left: -5, top: 0, right: 12, bottom: 6 });
  });

  it('fits a box whole and in the middle', () => {
    const view = frame({ left: 0, top: 0, right: 100, bottom: 50 }, 400, 400);
    expect(view.scale).toBe(4);
    const to = project({ dx: 0, dy: 0, flip: false }, view);
    expect(to([50, 25])).toEqual([200, 200]);
    expect(to([0, 0])[0]).toBe(0);
  });
});
