import { describe, expect, it } from 'vitest';
import type { Draft } from '../api/client';
import { madeDraft, madeRevision, madeStep, PLAIN } from '../testing/made';
import { askedFor, clothOf, differences, otherCloths, sidesOf } from './sides';

const now = {
  cut: 'straight-skirt',
  way: 'house',
  measures: { hipGirth: 980 },
  settings: { length: 700, hipEase: 30 },
  cloth: PLAIN,
  with: [],
  without: [],
};

describe('a side of the comparison', () => {
  it('in another way keeps the length alone of what was set by hand', () => {
    expect(askedFor('way:quarter', now, [], null)).toMatchObject({ way: 'quarter', settings: { length: 700 } });
    expect(askedFor('way:house', now, [], null)).toEqual(now);
  });

  it('is the same draft in cloth that gives, both ways alike, or in cloth that does not', () => {
    expect(otherCloths(PLAIN)).toEqual([0.4, 0.5]);
    expect(otherCloths({ ...PLAIN, stretch: 0.3 })).toEqual([0]);
    expect(sidesOf('House', [], PLAIN, [], []).map((s) => s.title)).toContain('In a knit, 10 cm pulled to 14');
    expect(askedFor('cloth:0.4', now, [], null)).toEqual({
      ...now,
      cloth: { ...PLAIN, stretch: 0.4, stretchAlong: 0.4 },
    });
    expect(clothOf('cloth:9')).toBeNull();
    expect(askedFor('cloth:9', now, [], null)).toBeNull();
  });

  it('is the frozen request of a revision, and nothing while that is not there', () => {
    const request = { ...now, way: 'allocated' };
    const revisions = [madeRevision({ number: 2, request })];
    expect(askedFor('rev:2', now, revisions, null)).toEqual(request);
    expect(askedFor('rev:3', now, revisions, null)).toBeNull();
    expect(askedFor('who:x', now, [], null)).toBeNull();
  });
});

describe('the facts that differ', () => {
  const draft = (facts: Record<string, number>): Draft =>
    madeDraft({
      facts,
      steps: Object.keys(facts).map((f) =>
        madeStep({ id: f, title: f, fact: f, kind: f.endsWith('count') ? 'number' : 'length' }),
      ),
    });

  it('stand with the largest difference first and counts last', () => {
    const found = differences(
      draft({ hip: 240, waist: 180, 'dart.count': 1, length: 600 }),
      draft({ hip: 246, waist: 160, 'dart.count': 2, length: 600.1 }),
    );
    expect(found.map((d) => d.fact)).toEqual(['waist', 'hip', 'dart.count']);
  });

  it('stand at the end where one draft has them alone', () => {
    const found = differences(draft({ hip: 240, waist: 100 }), draft({ hip: 245, 'serves.hips': 1200 }));
    expect(found.map((d) => [d.fact, d.ink, d.over])).toEqual([
      ['hip', 240, 245],
      ['serves.hips', null, 1200],
      ['waist', 100, null],
    ]);
  });

  it('are none between a draft and itself', () => {
    expect(differences(draft({ hip: 240 }), draft({ hip: 240 }))).toEqual([]);
  });
});
