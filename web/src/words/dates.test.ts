import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { daysTo, longDay, shortDay } from './dates';

describe('days in words', () => {
  beforeEach(() => {
    vi.useFakeTimers();
    vi.setSystemTime(new Date(2026, 10, 25, 23, 30));
  });
  afterEach(() => vi.useRealTimers());

  it('are written as they are said', () => {
    expect(longDay('2026-12-04', 'day')).toBe('Fri 4 Dec');
    expect(longDay('2026-12-04', 'month')).toBe('Fri, Dec 4');
    expect(shortDay('2026-09-12T08:00:00Z', 'day')).toBe('12 September');
    expect(shortDay('2026-09-12T08:00:00Z', 'month')).toBe('September 12');
  });

  it('are counted by the calendar, late at night as well', () => {
    expect(daysTo('2026-11-25')).toBe(0);
    expect(daysTo('2026-11-26')).toBe(1);
    expect(daysTo('2026-11-24')).toBe(-1);
    expect(daysTo('2027-03-29')).toBe(124);
  });
});
