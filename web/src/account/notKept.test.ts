import { expect, it } from 'vitest';
import { written } from './notKept';

it('what is not kept is written down with what it is of, and why', () => {
  expect(
    written([
      { title: 'Reed skirt', lines: ['settings.hipEase: 76.2', 'way: "quarter"'], why: 'too much' },
      { title: 'A sheet of measures', lines: ['{}'] },
    ]),
  ).toBe('Reed skirt (too much)\n  settings.hipEase: 76.2\n  way: "quarter"\n\nA sheet of measures\n  {}');
});
