import { describe, expect, it } from 'vitest';
import type { Making } from '../api/client';
import { madeMaking, madeMakingStep } from '../testing/made';
import { ranTooLong, soFar, spent, stepped } from './time';

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

  it('asks about a clock that ran over four hours, and about none before', () => {
    const now = Date.parse('2026-11-26T14:00:01Z');
    expect(ranTooLong('2026-11-26T10:00:00Z', now)).toBe(true);
    expect(ranTooLong('2026-11-26T10:00:10Z', now)).toBe(false);
  });

  it('shows a tick and the clock at once as the workroom will tell them', () => {
    const making = madeMaking([
      madeMakingStep({ id: 'sides', seconds: 60, clockSince: '2026-11-26T10:00:00Z' }),
      madeMakingStep({ id: 'hem', seconds: 60 }),
    ]);
    const now = Date.parse('2026-11-26T10:01:00Z');
    const of = (m: Making) => m.steps.map((s) => [s.done, s.seconds, s.clockSince !== null]);
    expect(of(stepped(making, 'sides', { done: true }, now))).toEqual([
      [true, 120, false],
      [false, 60, false],
    ]);
    expect(of(stepped(making, 'hem', { clock: true }, now))).toEqual([
      [false, 120, false],
      [false, 60, true],
    ]);
    expect(of(stepped(making, 'sides', { done: true, seconds: 300 }, now))[0]).toEqual([true, 300, false]);
  });
});
