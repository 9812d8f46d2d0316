import { describe, expect, it } from 'vitest';
import { byName, letters } from './byName';

const TITLES = ['Straight skirt', 'Classic trousers', 'Culottes', 'Slit pencil'];

describe('a cut found by its first letters', () => {
  it('is the first whose name begins so, however it is written', () => {
    expect(byName(TITLES, 'c')).toBe(1);
    expect(byName(TITLES, 'cu')).toBe(2);
    expect(byName(TITLES, 'SL')).toBe(3);
    expect(byName(TITLES, 'straight s')).toBe(0);
  });

  it('is none where no name begins so', () => {
    expect(byName(TITLES, 'x')).toBe(-1);
  });
});

describe('letters pressed after each other', () => {
  it('are one beginning while they follow quickly, and a new one after a pause', () => {
    const first = letters(null, 'c', 1000);
    expect(first.typed).toBe('c');
    expect(letters(first, 'u', 1300).typed).toBe('cu');
    expect(letters(first, 's', 3000).typed).toBe('s');
  });
});
