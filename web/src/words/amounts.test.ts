import { describe, expect, it } from 'vitest';
import { writeAmount, writeApart } from './amounts';

describe('amounts in words', () => {
  it('are written in what they count', () => {
    expect(writeAmount(25.4, 'mm', 'in')).toBe('1');
    expect(writeAmount(25.4, 'mm', 'cm')).toBe('2,5');
    expect(writeAmount(2.04, 'degrees', 'in')).toBe('2°');
    expect(writeAmount(2, 'count', 'cm')).toBe('2');
  });

  it('are finer where little is apart and as the tape reads where much is', () => {
    expect(writeApart(1.6, 'mm', 'in')).toBe('1/16');
    expect(writeApart(93.7, 'mm', 'in')).toBe('3¾');
    expect(writeApart(1.6, 'mm', 'cm')).toBe('1,6 mm');
    expect(writeApart(44, 'mm', 'cm')).toBe('4,4');
  });
});
