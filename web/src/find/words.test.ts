import { describe, expect, it } from 'vitest';
import { meanings, named, says } from './words';

const finds = (typed: string, text: string) => says(text, meanings(typed));

describe('what was typed', () => {
  it('finds a thing by the beginning of any of its words, in any order', () => {
    expect(finds('skirt lamp', 'Lamplighter skirt, act one')).toBe(true);
    expect(finds('fenwicks', 'Mrs Fenwick’s good skirt')).toBe(true);
    expect(finds('kirt', 'Lamplighter skirt')).toBe(false);
    expect(finds('lamp trousers', 'Lamplighter skirt')).toBe(false);
  });

  it('finds it by what another bench calls it', () => {
    expect(finds('let-out', 'Hip ease')).toBe(true);
    expect(finds('ease', 'Let-out at the side')).toBe(true);
    expect(finds('turn-up', 'Hem, all round')).toBe(true);
    expect(finds('gusset', 'Crotch strip')).toBe(true);
    expect(finds('crotch strip', 'Gusset')).toBe(true);
    expect(finds('inside leg', 'Front inseam')).toBe(true);
    expect(finds('hip let out', 'Hip ease')).toBe(true);
    expect(finds('waist let-out', 'Hip ease')).toBe(false);
  });

  it('knows what is called so by the very words', () => {
    expect(named('Hip ease', 'hip')).toBe(true);
    expect(named('Hip ease', 'let-out')).toBe(false);
  });
});
