import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { INCH, readTape, type Unit } from './reader';
import { writeFine, writeLength, writeNumber, writeWithUnit } from './writer';

// The same cases that the core's reader is held to, so that the two never drift apart.
const cases = readFileSync(new URL('../../../core/src/test/resources/tape-cases.csv', import.meta.url), 'utf8')
  .trim()
  .split('\n')
  .slice(1)
  .map((line) => line.split(';') as [string, Unit, string]);

const IN = { shown: 'in', mark: '.' } as const;
const CM = { shown: 'cm', mark: ',' } as const;

describe('reading the tape', () => {
  it.each(cases)('“%s” in %s', (typed, unit, mm) => {
    const read = readTape(typed, unit);
    if (mm === 'refused') expect(read.ok).toBe(false);
    else expect(read.ok && read.mm).toBeCloseTo(Number(mm), 9);
  });

  it('every eighth and every millimetre comes back as it was written', () => {
    for (let eighth = 1; eighth <= 8 * 160; eighth++) {
      const read = readTape(writeLength((eighth / 8) * INCH, IN), 'in');
      expect(read.ok && read.mm).toBeCloseTo((eighth / 8) * INCH, 9);
    }
    for (let mm = 1; mm <= 4000; mm++) {
      const read = readTape(writeWithUnit(mm, CM), 'in');
      expect(read.ok && read.mm).toBeCloseTo(mm, 9);
    }
  });
});

describe('writing', () => {
  it('uses real fractions and a true minus', () => {
    expect(writeLength(10.5 * INCH, IN)).toBe('10½');
    expect(writeLength(-0.25 * INCH, IN)).toBe('−¼');
    expect(writeLength(0, IN)).toBe('0');
    expect(writeLength(978, CM)).toBe('97,8');
    expect(writeLength(-4, CM)).toBe('−0,4');
    expect(writeWithUnit(INCH / 8, IN)).toBe('⅛ in');
  });

  it('shows small differences finely', () => {
    expect(writeFine(INCH / 16, IN)).toBe('1/16');
    expect(writeFine(1.64, CM)).toBe('1,6 mm');
    expect(writeNumber(-0.26, IN)).toBe('−0.26');
    expect(writeNumber(1 / 3, IN)).toBe('0.333');
    expect(writeNumber(1 / 3, CM)).toBe('0,333');
    expect(writeLength(978, { shown: 'cm', mark: '.' })).toBe('97.8');
  });
});
