import { describe, expect, it } from 'vitest';
import { frontView, LEVEL_AT, sideView } from './figure';

const width = (girths: Parameters<typeof frontView>[0], level: string) => {
  const edge = frontView(girths, 1650).half(LEVEL_AT[level] as number);
  return edge.to - edge.from;
};

describe('the standing figure', () => {
  it('is as wide as the girths that were taken', () => {
    expect(width({ hip: 1150, waist: 800 }, 'hip')).toBeGreaterThan(width({ hip: 950, waist: 800 }, 'hip') * 1.15);
    expect(width({ hip: 950, waist: 900 }, 'waist')).toBeGreaterThan(width({ hip: 950, waist: 650 }, 'waist') * 1.3);
  });

  it('stands plainly when nothing was taken', () => {
    expect(width({}, 'hip')).toBeCloseTo(2 * 0.1045 * 1650, -1);
  });

  it('does not burst or vanish at impossible girths', () => {
    const plain = width({}, 'hip');
    expect(width({ hip: 99999 }, 'hip')).toBeLessThan(plain * 1.8);
    expect(width({ hip: 1 }, 'hip')).toBeGreaterThan(plain * 0.5);
  });

  it('is drawn as closed outlines of real numbers', () => {
    for (const view of [frontView, sideView]) {
      const { outline, head } = view({ hip: 1000, waist: 700, bust: 900, thigh: 560, knee: 370, ankle: 230 }, 1700);
      for (const d of [outline, head]) {
        expect(d).toMatch(/^M.*Z$/);
        expect(d).not.toContain('NaN');
      }
    }
  });

  it('is the same on both sides of its middle', () => {
    const edge = frontView({ hip: 1000 }, 1650).half(LEVEL_AT.knee as number);
    expect(edge.from).toBeCloseTo(-edge.to, 9);
  });
});
