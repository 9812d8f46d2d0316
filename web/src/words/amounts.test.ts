import { describe, expect, it } from 'vitest';
import { writeAmount, writeApart } from './amounts';

const IN = { shown: 'in', mark: '.' } as const;
const CM = { shown: 'cm', mark: ',' } as const;

describe('amounts in words', () => {
  it('are written in what they count', () => {
    expect(writeAmount(25.4, 'mm', IN)).toBe('1');
    expect(writeAmount(25.4, 'mm', CM)).toBe('2,5');
    expect(writeAmount(2.04, 'degrees', IN)).toBe('2°');
    expect(writeAmount(2, 'count', CM)).toBe('2');
  });

  it('are finer where little is apart and as the tape reads where much is', () => {
    expect(writeApart(1.6, 'mm', IN)).toBe('1/16');
    expect(writeApart(93.7, 'mm', IN)).toBe('3¾');
    expect(writeApart(1.6, 'mm', CM)).toBe('1,6 mm');
    expect(writeApart(44, 'mm', CM)).toBe('4,4');
  });
});
