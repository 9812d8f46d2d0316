import { describe, expect, it } from 'vitest';
import { soFar, spent } from './time';

describe('time at the table', () => {
  it('is said in minutes, and in hours from one on', () => {
    expect(spent(20)).toBe('under a minute');
    expect(spent(48 * 60)).toBe('48 min');
    expect(spent(70 * 60)).toBe('1 h 10');
    expect(spent(65 * 60)).toBe('1 h 05');
    expect(spent(7200)).toBe('2 h');
  });

  it('counts a running clock, and never less than what was kept', () => {
    const now = Date.parse('2026-11-26T10:10:00Z');
    expect(soFar({ seconds: 60, clockSince: null }, now)).toBe(60);
    expect(soFar({ seconds: 60, clockSince: '2026-11-26T10:00:00Z' }, now)).toBe(660);
    expect(soFar({ seconds: 60, clockSince: '2026-11-26T11:00:00Z' }, now)).toBe(60);
  });
});
