import { describe, expect, it } from 'vitest';
import type { Reading, Sheet } from '../api/client';
import { alike, bodyOf, differing, type Entries, entriesOf, headOf, isSheet, settled, touched } from './sheetChanges';

const reading = (typed: string, over: Partial<Reading> = {}): Reading => ({
  typed,
  unit: 'in',
  mm: 0,
  provenance: 'measured',
  secondTyped: null,
  secondMm: null,
  ...over,
});

const last: Sheet = {
  id: 's',
  number: 3,
  takenOn: '2026-09-12',
  takenBy: 'Winifred Hale',
  note: 'over a slip',
  readings: { waistGirth: reading('29'), hipGirth: reading('39 1/2', { provenance: 'table' }) },
  doubts: [],
};

describe('a sheet on top of the last', () => {
  const base = entriesOf(last);

  it('begins as the last one reads', () => {
    expect(base.waistGirth).toEqual({ typed: '29', second: undefined, unit: 'in' });
    expect(entriesOf(null)).toEqual({});
    expect(entriesOf({ ...last, readings: { a: reading('1', { unit: 'ell' }) } }).a?.unit).toBe('in');
  });

  it('is touched where a hand changed something, not where it typed the same again', () => {
    const changed: Entries = { waistGirth: { typed: '29', unit: 'in' }, hipGirth: { typed: '40', unit: 'in' } };
    expect(touched(changed, base)).toEqual(['hipGirth']);
    expect(touched({ bodyRise: { typed: ' ', unit: 'in' } }, base)).toEqual([]);
    expect(touched({ waistGirth: { typed: '29', unit: 'cm' } }, base)).toEqual(['waistGirth']);
    expect(alike({ typed: '29', unit: 'in' }, { typed: '29', second: '29 1/4', unit: 'in' })).toBe(false);
  });

  it('has the head of the last until a reading is new, then today’s, and always what was typed', () => {
    const now = { takenOn: '2026-11-26', takenBy: 'Tobias Crane', note: '' };
    expect(headOf({}, last, false, now)).toEqual({
      takenOn: '2026-09-12',
      takenBy: 'Winifred Hale',
      note: 'over a slip',
    });
    expect(headOf({}, last, true, now)).toEqual(now);
    expect(headOf({ note: 'in heels' }, last, true, now)).toEqual({ ...now, note: 'in heels' });
    expect(headOf({}, null, false, now)).toEqual(now);
  });

  it('is sent whole, each reading with where it came from, after the one that was seen', () => {
    const changed: Entries = { waistGirth: { typed: '28 1/2', second: ' ', unit: 'in' } };
    const head = { takenOn: '2026-11-26', takenBy: 'T', note: '' };
    const body = bodyOf({ ...base, ...changed, bodyRise: { typed: '', unit: 'in' } }, changed, last, head, 3);
    expect(body).toEqual({
      ...head,
      after: 3,
      readings: {
        waistGirth: { typed: '28 1/2', second: undefined, unit: 'in', provenance: 'measured' },
        hipGirth: { typed: '39 1/2', second: undefined, unit: 'in', provenance: 'table' },
      },
    });
  });
});

describe('two sheets written at once', () => {
  const mine: Entries = {
    waistGirth: { typed: '28', unit: 'in' },
    hipGirth: { typed: '39 1/2', unit: 'in' },
    thighGirth: { typed: '', unit: 'in' },
  };
  const theirs: Entries = {
    waistGirth: { typed: '30', unit: 'in' },
    hipGirth: { typed: '39 1/2', unit: 'in' },
    thighGirth: { typed: '22', unit: 'in' },
    bodyRise: { typed: '10', unit: 'in' },
  };

  it('differ wherever they do', () => {
    expect(differing(mine, theirs)).toEqual(['bodyRise', 'thighGirth', 'waistGirth']);
  });

  it('are settled field by field; what I had emptied stays empty if I say so', () => {
    expect(settled(mine, theirs, ['waistGirth', 'thighGirth'])).toEqual({
      waistGirth: { typed: '28', unit: 'in' },
      thighGirth: { typed: '', unit: 'in' },
    });
    expect(settled(mine, theirs, ['bodyRise']).bodyRise).toEqual({ typed: '', unit: 'in' });
    expect(settled(mine, theirs, [])).toEqual({});
  });

  it('are told from anything that is no sheet', () => {
    expect(isSheet(last)).toBe(true);
    expect(isSheet({ detail: 'no' })).toBe(false);
  });
});
