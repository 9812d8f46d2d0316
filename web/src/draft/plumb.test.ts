import { describe, expect, it } from 'vitest';
import type { Check } from '../api/client';
import { lean, leanOf } from '../kit/Plumb';
import { finding, together } from './PlumbStrip';

const IN = { shown: 'in', mark: '.' } as const;
const CM = { shown: 'cm', mark: ',' } as const;

const check = (over: Partial<Check>): Check => ({
  id: 'side.meets',
  words: {},
  title: 'Sides',
  verdict: 'true',
  measured: 600,
  wanted: 600,
  difference: 0,
  tolerance: 3.175,
  atLeast: false,
  unit: 'mm',
  posture: 'standing',
  whenTrue: 'meet',
  whenOff: '',
  undecided: null,
  guesses: [],
  remedies: [],
  text: '',
  cause: '',
  ...over,
});

describe('plumb lines', () => {
  it('hang straight when there is no difference and within four degrees while true', () => {
    expect(lean(0, 3, 'true')).toBe(0);
    expect(Math.abs(lean(3, 3, 'true'))).toBeLessThanOrEqual(4);
  });

  it('lean plainly when off, further for more, and never past their dial', () => {
    const little = lean(4, 3, 'off');
    const much = lean(40, 3, 'off');
    expect(little).toBeGreaterThan(8);
    expect(much).toBeGreaterThan(little);
    expect(much).toBeLessThanOrEqual(26);
    expect(lean(-4, 3, 'off')).toBe(-little);
  });

  it('do not lean for having more than a floor asks, and lean for having less', () => {
    const roomy = check({ difference: 60, atLeast: true });
    expect(leanOf(roomy)).toBe(0);
    expect(leanOf({ ...roomy, atLeast: false })).toBeGreaterThan(0);
    expect(leanOf(check({ verdict: 'off', difference: -60, atLeast: true }))).toBeLessThan(-9);
  });

  it('are summed up in words', () => {
    expect(together([check({}), check({}), check({ verdict: 'off' })])).toBe('Two true, one off');
    expect(together([check({ verdict: 'watch' })])).toBe('One to watch');
    expect(together([check({ verdict: 'not-taken' }), check({})])).toBe('One true, one not taken');
  });

  it('say by how much and which way', () => {
    expect(finding(check({ verdict: 'off', difference: -9.525 }), IN)).toBe('⅜ short');
    expect(finding(check({ verdict: 'off', difference: 9.5 }), CM)).toBe('9,5 mm over');
    expect(finding(check({ verdict: 'off', unit: 'degrees', measured: 11.6 }), IN)).toBe('turns 12°');
    expect(finding(check({}), IN)).toBe('meet');
    const crease = { verdict: 'off', unit: 'degrees', measured: 2.6, whenOff: 'leans {measured}' };
    expect(finding(check(crease), IN)).toBe('leans 3°');
    expect(finding(check({ verdict: 'off', whenOff: 'not sound' }), IN)).toBe('not sound');
    expect(finding(check({ verdict: 'not-taken' }), IN)).toBe('not taken');
  });
});
