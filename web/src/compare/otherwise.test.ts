import { describe, expect, it } from 'vitest';
import type { Cut, Draft } from '../api/client';
import { madeDraft } from '../testing/made';
import { linesOtherwise, madeOtherwise, setOtherwise } from './otherwise';

const setting = (key: string, kind: string) => ({ key, kind }) as Cut['settings'][number];
const cut = {
  settings: [setting('hipEase', 'length'), setting('negativeEase', 'ratio'), setting('closure', 'choice')],
} as Cut;

const inForce = (value: number | null, choice: string | null = null, applies = true) => ({
  value,
  choice,
  applies,
  byHand: false,
  formula: '',
  why: 'as the cloth asks',
  words: {},
});

const woven: Partial<Draft> = {
  settings: {
    hipEase: inForce(25.4),
    negativeEase: inForce(0.1, null, false),
    closure: inForce(null, 'centre-back-zip'),
  },
};

describe('what a draft sets otherwise', () => {
  it('stands in the order of the body, with the reason of the one laid over', () => {
    const knit = {
      settings: { hipEase: inForce(0), negativeEase: inForce(0.1), closure: inForce(null, 'none') },
    };
    expect(setOtherwise(cut, madeDraft(woven), madeDraft(knit))).toEqual([
      { key: 'hipEase', ink: 25.4, over: 0, why: 'as the cloth asks' },
      { key: 'negativeEase', ink: null, over: 0.1, why: 'as the cloth asks' },
      { key: 'closure', ink: 'centre-back-zip', over: 'none', why: 'as the cloth asks' },
    ]);
  });

  it('is nothing within what a tape reads', () => {
    const near = { settings: { ...woven.settings, hipEase: inForce(25.6) } };
    expect(setOtherwise(cut, madeDraft(woven), madeDraft(near))).toEqual([]);
  });
});

describe('what it is made with, and how its lines hang', () => {
  const operation = (id: string, done: boolean) => ({ id, title: id, done }) as Draft['made'][number];
  const check = (id: string, verdict: string) => ({ id, title: id, verdict, text: verdict }) as Draft['checks'][number];

  it('tells on which side an operation is', () => {
    const one = madeDraft({ made: [operation('lining', true), operation('slit', false)] });
    const other = madeDraft({ made: [operation('lining', false), operation('slit', true)] });
    expect(madeOtherwise(one, other)).toEqual([
      { id: 'slit', title: 'slit', over: true },
      { id: 'lining', title: 'lining', over: false },
    ]);
  });

  it('has what is off first, and what only one of them asks', () => {
    const one = madeDraft({ checks: [check('hip', 'true'), check('enters', 'true'), check('zip', 'true')] });
    const other = madeDraft({ checks: [check('hip', 'watch'), check('enters', 'off')] });
    expect(linesOtherwise(one, other).map((l) => [l.id, l.ink, l.over])).toEqual([
      ['enters', 'true', 'off'],
      ['hip', 'true', 'watch'],
      ['zip', 'true', null],
    ]);
    expect(linesOtherwise(one, one)).toEqual([]);
  });
});
