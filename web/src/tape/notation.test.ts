import { describe, expect, it } from 'vitest';
import { daysOf, inMark, keepMark, keptDays, keptMark, markOf } from './notation';

const storage = (kept: Record<string, string> = {}) => ({
  getItem: (key: string) => kept[key] ?? null,
  setItem: (key: string, value: string) => {
    kept[key] = value;
  },
});

describe('numbers and days', () => {
  it('are written at first as the browser’s language does', () => {
    expect(markOf('en-GB')).toBe('.');
    expect(markOf('en-US')).toBe('.');
    expect(markOf('de-DE')).toBe(',');
    expect(markOf('fr-FR')).toBe(',');
    expect(daysOf('en-US')).toBe('month');
    expect(daysOf('en-GB')).toBe('day');
    expect(daysOf('de-DE')).toBe('day');
  });

  it('are written as they were chosen, whatever the browser speaks', () => {
    const kept = storage();
    expect(keptMark(kept, 'de-DE')).toBe(',');
    keepMark(kept, '.');
    expect(keptMark(kept, 'de-DE')).toBe('.');
    expect(keptDays(storage({ 'plumb.days': 'nonsense' }), 'en-US')).toBe('month');
  });

  it('in words take one’s own mark and leave everything else', () => {
    expect(inMark('0.553 × hip + 3.35 cm', ',')).toBe('0,553 × hip + 3,35 cm');
    expect(inMark('97,8 cm, then 4 more. 12', '.')).toBe('97.8 cm, then 4 more. 12');
  });
});
