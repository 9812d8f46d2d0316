import { describe, expect, it } from 'vitest';
import { go, overlap, type Ring, slid } from './collide';

const box = (left: number, top: number, right: number, bottom: number): Ring => [
  [left, top],
  [right, top],
  [right, bottom],
  [left, bottom],
];

describe('pieces on cloth', () => {
  it('touch without lying on each other', () => {
    expect(overlap(box(0, 0, 10, 10), box(10, 0, 20, 10))).toBe(false);
    expect(overlap(box(0, 0, 10, 10), box(9, 2, 20, 8))).toBe(true);
    expect(overlap(box(0, 0, 10, 10), box(0, 0, 10, 10))).toBe(true);
  });

  it('lie in each other’s hollow', () => {
    const hollow: Ring = [
      [0, 0],
      [30, 0],
      [30, 30],
      [20, 30],
      [20, 10],
      [10, 10],
      [10, 30],
      [0, 30],
    ];
    expect(overlap(hollow, box(11, 12, 19, 30))).toBe(false);
    expect(overlap(hollow, box(9, 12, 19, 30))).toBe(true);
  });

  it('stop at a neighbour, and slide on along it', () => {
    const wall = box(100, 0, 110, 50);
    const free = (at: Ring) => !overlap(at, wall);
    const [dx, dy] = go(box(0, 0, 10, 10), 200, 30, free);
    expect(dx).toBeGreaterThan(89);
    expect(dx).toBeLessThan(90.2);
    expect(dy).toBeGreaterThan(20);
    expect(overlap(slid(box(0, 0, 10, 10), dx, dy), wall)).toBe(false);
  });

  it('do not leap over a thin neighbour', () => {
    const thin = box(50, -50, 52, 50);
    const [dx] = go(box(0, 0, 10, 10), 400, 0, (at) => !overlap(at, thin));
    expect(dx).toBeLessThan(40.2);
  });
});
