import { describe, expect, it } from 'vitest';
import { madeDraft, madeStep } from '../testing/made';
import { besides } from './besides';

const rival = { way: 'quarter', title: 'Quarter', value: 250, formula: '', why: '', settings: {}, words: {} };

describe('a draft as it is drawn, with what was last known besides', () => {
  const known = madeDraft({
    way: 'house',
    steps: [madeStep({ id: 'hip.quarter', value: 240, rivals: [rival], guesses: ['hipDepth'], estimated: true })],
  });

  it('has the new amounts, and keeps what other ways would give until that is known anew', () => {
    const drawn = madeDraft({ way: 'house', steps: [madeStep({ id: 'hip.quarter', value: 246 })] });
    expect(besides(drawn, known).steps[0]).toMatchObject({
      value: 246,
      rivals: [rival],
      guesses: ['hipDepth'],
      estimated: true,
    });
  });

  it('knows nothing besides of a step that was not there', () => {
    const drawn = madeDraft({ way: 'house', steps: [madeStep({ id: 'slit', value: 150 })] });
    expect(besides(drawn, known).steps[0]?.rivals).toEqual([]);
  });

  it('says nothing that was known of another way or cut', () => {
    for (const other of [{ way: 'quarter' }, { way: 'house', cut: 'slit-pencil' }]) {
      const drawn = madeDraft({ ...other, steps: [madeStep({ id: 'hip.quarter' })] });
      expect(besides(drawn, known)).toBe(drawn);
    }
  });
});
