import { describe, expect, it } from 'vitest';
import { keepScale, keptScale, MARKS, scaleOf, screenName } from './screen';

const storage = () => {
  const all = new Map<string, string>();
  return { getItem: (k: string) => all.get(k) ?? null, setItem: (k: string, v: string) => void all.set(k, v) };
};

describe('a screen measured with a tape', () => {
  it('has so many pixels a millimetre as the marks say', () => {
    expect(scaleOf(150)).toBe(MARKS / 150);
    expect(scaleOf(1)).toBeNull();
    expect(scaleOf(100000)).toBeNull();
  });

  it('is remembered, and another screen is not taken for it', () => {
    const kept = storage();
    const mine = screenName({ width: 1920, height: 1080 }, 1);
    keepScale(kept, mine, 3.78);
    expect(keptScale(kept, mine)).toBe(3.78);
    expect(keptScale(kept, screenName({ width: 1280, height: 800 }, 1))).toBeNull();
  });
});
