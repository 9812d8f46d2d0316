import { describe, expect, it } from 'vitest';
import type { Check } from '../api/client';
import { lean } from '../kit/Plumb';
import { finding, together } from './PlumbStrip';

const check = (over: Partial<Check>): Check => ({
  id: 'side.meets',
  title: 'Sides',
  verdict: 'true',
  measured: 600,
  wanted: 600,
  difference: 0,
  tolerance: 3.175,
  unit: 'mm',
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

  it('are summed up in words', () => {
    expect(together([check({}), check({}), check({ verdict: 'off' })])).toBe('Two true, one off');
    expect(together([check({ verdict: 'watch' })])).toBe('One to watch');
    expect(together([check({ verdict: 'not-taken' }), check({})])).toBe('One true, one not taken');
  });

  it('say by how much and which way', () => {
    expect(finding(check({ verdict: 'off', difference: -9.525 }), 'in')).toBe('⅜ short');
    expect(finding(check({ verdict: 'off', difference: 9.5 }), 'cm')).toBe('9,5 mm over');
    expect(finding(check({ verdict: 'off', unit: 'degrees', measured: 11.6 }), 'in')).toBe('turns 12°');
    expect(finding(check({}), 'in')).toBe('meet');
    expect(finding(check({ verdict: 'not-taken' }), 'in')).toBe('not taken');
  });
});
