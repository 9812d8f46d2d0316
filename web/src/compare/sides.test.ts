import { describe, expect, it } from 'vitest';
import type { Draft } from '../api/client';
import { madeDraft, madeRevision, madeStep, PLAIN } from '../testing/made';
import { askedFor, differences } from './sides';

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

  it('are none between a draft and itself', () => {
    expect(differences(draft({ hip: 240 }), draft({ hip: 240 }))).toEqual([]);
  });
});
