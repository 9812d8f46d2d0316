import { describe, expect, it } from 'vitest';
import type { Tapes } from '../measure/readings';
import { bodyOf, type Level, levelsOf } from './body';

const width = (values: Tapes, level: Level) => {
  const body = bodyOf(values);
  const edge = body.front.at(body.levels[level]);
  return edge.to - edge.from;
};

const WHOLE = {
  stature: 1700,
  waistGirth: 700,
  hipGirth: 1000,
  bustGirth: 900,
  thighGirth: 560,
  kneeGirth: 370,
  ankleGirth: 230,
};

describe('the standing figure', () => {
  it('is as wide as the girths that were taken', () => {
    expect(width({ hipGirth: 1150, waistGirth: 800 }, 'hip')).toBeGreaterThan(
      width({ hipGirth: 950, waistGirth: 800 }, 'hip') * 1.15,
    );
    expect(width({ hipGirth: 950, waistGirth: 900 }, 'waist')).toBeGreaterThan(
      width({ hipGirth: 950, waistGirth: 650 }, 'waist') * 1.3,
    );
  });

  it('goes round as the tape does', () => {
    const body = bodyOf(WHOLE);
    expect(body.girth('waist')).toBeCloseTo(700, 6);
    expect(body.girth('hip')).toBeCloseTo(1000, 6);
    expect(body.girth('thigh')).toBeCloseTo(560, 6);
    expect(body.girth('ankle')).toBeCloseTo(230, 6);
  });

  it('has its levels where height, rise and depths say', () => {
    const own = levelsOf({ stature: 1700, outsideLeg: 1040, hipDepth: 230, bodyRise: 290, kneeDepth: 610 });
    expect(own.waist).toBeCloseTo(0.95 * 1700 - 1040, 6);
    expect(own.hip - own.waist).toBeCloseTo(230, 6);
    expect(own.crotch - own.waist).toBeCloseTo(290, 6);
    expect(own.knee - own.waist).toBeCloseTo(610, 6);
    expect(own.floor).toBeCloseTo(1700, 6);
    expect(levelsOf({ outsideLeg: 1124 }).floor).toBeCloseTo(2000, 0);
  });

  it('keeps its levels in order, whatever was typed', () => {
    const typed: Tapes[] = [
      { hipDepth: 900, bodyRise: 10 },
      { kneeDepth: 1 },
      { shoulderToBust: 1200 },
      { stature: 1 },
    ];
    for (const values of typed) {
      const ys = Object.values(levelsOf(values));
      for (let i = 1; i < ys.length; i++) expect(ys[i]).toBeGreaterThan(ys[i - 1] as number);
    }
  });

  it('stands out behind as far as the tape across the back says', () => {
    const depth = (frontHipArc: number, backHipArc: number) => {
      const body = bodyOf({ ...WHOLE, frontHipArc, backHipArc });
      return -body.side.at(body.levels.hip).from;
    };
    expect(depth(440, 560)).toBeGreaterThan(depth(500, 500) * 1.1);
  });

  it('does not burst or vanish at impossible girths', () => {
    const plain = width({}, 'hip');
    expect(width({ hipGirth: 99999 }, 'hip')).toBeLessThan(plain * 1.8);
    expect(width({ hipGirth: 1 }, 'hip')).toBeGreaterThan(plain * 0.5);
  });

  it('is drawn as closed outlines of real numbers, the same on both sides of its middle', () => {
    const body = bodyOf(WHOLE);
    for (const { outline } of [body.front, body.side]) {
      expect(outline).toMatch(/^M.*Z$/);
      expect(outline).not.toContain('NaN');
    }
    const edge = body.front.at(body.levels.knee);
    expect(edge.from).toBeCloseTo(-edge.to, 9);
  });
});
