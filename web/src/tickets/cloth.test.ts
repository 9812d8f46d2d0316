import { describe, expect, it } from 'vitest';
import type { Cut, Way } from '../api/client';
import { madeCut, madeSetting, PLAIN } from '../testing/made';
import type { Kept } from './changes';
import { fromHandTest, pulledTo } from './handTest';
import { cutSteps } from './otherCut';

describe('the hand test', () => {
  it('reads a stretch off how far 10 cm go', () => {
    expect(fromHandTest('12')).toBe(0.2);
    expect(fromHandTest('12,5 cm')).toBe(0.25);
    expect(fromHandTest('10')).toBe(0);
    expect(pulledTo(0.2)).toBe(12);
  });

  it('takes no cloth that shrinks under the hand or has no end', () => {
    for (const typed of ['9.9', '31', '', 'far', '-12', '1e1']) expect(fromHandTest(typed)).toBeNull();
  });
});

describe('another cut', () => {
  const cut = (id: string, part: string, settings: string[], way = 'house'): Cut =>
    madeCut({
      id,
      group: part,
      parts: [part],
      ways: ['quarter', 'allocated', 'house', 'arc'],
      way,
      settings: settings.map((key) => madeSetting({ key, readBy: [part] })),
    });
  const way = (id: string, part: string): Way => ({ id, part, cut: null, title: id, why: '', rules: {}, words: {} });
  const kept: Kept = {
    name: 'x',
    cut: 'straight-skirt',
    way: 'allocated',
    settings: { hipEase: 20, slit: 100 },
    cloth: PLAIN,
    with: [],
    without: [],
    promised: null,
  };

  it('keeps the amounts it knows and the way it has', () => {
    const to = cut('slit-pencil', 'skirt', ['hipEase', 'slit']);
    expect(cutSteps(kept, to, [way('allocated', 'skirt')])).toEqual([{ set: 'cut', to: 'slit-pencil' }]);
  });

  it('lets amounts go that it does not know, and takes its own way', () => {
    const to = cut('classic-trousers', 'leg', ['hipEase'], 'sixteenth');
    expect(cutSteps(kept, to, [way('allocated', 'skirt'), way('sixteenth', 'leg')])).toEqual([
      { set: 'cut', to: 'classic-trousers' },
      { set: 'way', to: 'sixteenth' },
      { set: 'settings.slit', to: null },
    ]);
  });

  it('is made with what its own recipe has', () => {
    const to = cut('box-fold-palazzo', 'skirt', ['hipEase', 'slit']);
    const banded = { ...kept, with: ['straight-band'], without: ['lining'] };
    expect(cutSteps(banded, to, [way('allocated', 'skirt')])).toEqual([
      { set: 'cut', to: 'box-fold-palazzo' },
      { set: 'made.straight-band', to: null },
      { set: 'made.lining', to: null },
    ]);
  });
});
