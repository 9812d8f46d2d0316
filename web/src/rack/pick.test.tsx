// @vitest-environment jsdom
import { cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Person } from '../api/client';
import { lay } from '../testing/page';
import { FirstSteps } from './FirstSteps';
import { PersonPick } from './PersonPick';

beforeEach(() => localStorage.clear());
afterEach(cleanup);

const person = (name: string, sheets = 1): Person => ({
  id: name,
  name,
  note: '',
  sheets,
  lastTaken: null,
  tickets: 0,
  version: 1,
  createdAt: '2026-11-26T08:00:00Z',
});
const page = (...items: Person[]) => ({
  pages: [{ items, total: items.length, page: 0, size: 8 }],
  pageParams: [0],
});
const known = (size: number, ...items: Person[]): [readonly unknown[], unknown] => [
  ['people', '', size, 'paged'],
  page(...items),
];

describe('somebody of the book', () => {
  it('is picked from a list that opens, by hand or by the arrow keys', () => {
    const pick = vi.fn();
    const { rerender } = lay(<PersonPick label="For" person={null} onPick={pick} />, [
      known(8, person('Alma'), person('Berta', 0), person('Cora')),
    ]);
    expect(rerender).toBeDefined();
    const field = screen.getByRole('combobox');
    expect(field.getAttribute('aria-expanded')).toBe('false');
    fireEvent.click(field);
    expect(screen.getAllByRole('option')).toHaveLength(3);
    expect(screen.getByText('not measured yet')).toBeDefined();
    fireEvent.keyDown(field, { key: 'ArrowDown' });
    fireEvent.keyDown(field, { key: 'ArrowDown' });
    fireEvent.keyDown(field, { key: 'ArrowUp' });
    fireEvent.keyDown(field, { key: 'Enter' });
    expect(pick).toHaveBeenLastCalledWith(person('Berta', 0));
    expect(screen.queryByRole('listbox')).toBeNull();
    fireEvent.click(field);
    fireEvent.click(screen.getByText('Cora'));
    expect(pick).toHaveBeenLastCalledWith(person('Cora'));
  });

  it('is left as it was with Escape', () => {
    const pick = vi.fn();
    lay(<PersonPick label="For" person={person('Alma')} onPick={pick} />, [known(8, person('Berta'))]);
    const field = screen.getByRole('combobox');
    fireEvent.click(field);
    fireEvent.keyDown(field, { key: 'Escape' });
    expect(pick).not.toHaveBeenCalled();
    expect(field).toHaveProperty('value', 'Alma');
  });
});

describe('the first steps', () => {
  const done = () => screen.queryAllByText('done').length;

  it('begin with somebody in the book', () => {
    lay(<FirstSteps />, [known(6)]);
    expect(done()).toBe(0);
    expect(screen.queryByText(/^Measure /)).toBeNull();
  });

  it('go on to the tape, and then to the ticket', () => {
    lay(<FirstSteps />, [known(6, person('Alma', 0))]);
    expect(done()).toBe(1);
    expect(screen.getByText('Measure Alma')).toBeDefined();
    cleanup();
    lay(<FirstSteps />, [known(6, person('Alma'))]);
    expect(done()).toBe(2);
    expect(screen.getByText('New ticket').getAttribute('href')).toBe('/new?person=Alma');
  });
});
