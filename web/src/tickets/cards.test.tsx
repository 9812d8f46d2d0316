// @vitest-environment jsdom
import { cleanup, fireEvent, screen, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Cloth, Cut, Ticket } from '../api/client';
import { CLOTH_FIELDS, madeCut, madeSetting, PLAIN } from '../testing/made';
import { lay } from '../testing/page';
import { ClashCard } from './ClashCard';
import { ClothFields } from './ClothFields';
import { fold, keptOf } from './changes';

beforeEach(() => localStorage.clear());
afterEach(cleanup);

const cloth: Cloth = PLAIN;
const theirs: Ticket = {
  id: 't',
  personId: 'p',
  personName: 'Ottoline Varga',
  name: 'Their skirt',
  cut: 'straight-skirt',
  way: 'house',
  settings: { hipEase: 25.4 },
  cloth,
  with: [],
  without: [],
  promised: '2027-01-15',
  version: 4,
  revisions: 0,
  updatedAt: '2026-11-26T08:00:00Z',
};
const cuts: Cut[] = [
  madeCut({
    settings: [
      madeSetting({ readBy: ['skirt'] }),
      madeSetting({
        key: 'closure',
        title: 'Closure',
        label: 'Closure',
        zone: 'Making',
        kind: 'choice',
        choices: [{ id: 'fly', title: 'Fly' }],
        readBy: ['skirt'],
      }),
    ],
  }),
];
const known: [readonly unknown[], unknown][] = [
  [['cuts'], cuts],
  [['ways'], []],
  [['cloth-fields'], CLOTH_FIELDS],
];

describe('two versions of a ticket', () => {
  const mine = fold(keptOf(theirs), [
    { set: 'name', to: 'My skirt' },
    { set: 'promised', to: null },
    { set: 'settings.hipEase', to: 50.8 },
    { set: 'settings.closure', to: 'fly' },
    { set: 'cloth.oneWay', to: true },
  ]);
  const row = (name: string) => within(screen.getByRole('row', { name: new RegExp(`^${name}`) }));

  it('are shown wherever they differ, in the words of the table', () => {
    lay(<ClashCard clash={{ mine, theirs }} onSettle={() => {}} />, known);
    expect(row('Name').getByText('My skirt')).toBeDefined();
    expect(row('Promised for').getByText('no day')).toBeDefined();
    expect(row('Hip ease').getByText('2 in')).toBeDefined();
    expect(row('Hip ease').getByText('1 in')).toBeDefined();
    expect(row('Closure').getByText('Fly')).toBeDefined();
    expect(row('Closure').getByText('by the way')).toBeDefined();
    expect(row('Nap or print').getByText('one way')).toBeDefined();
    expect(screen.getAllByRole('row')).toHaveLength(6);
  });

  it('are settled as chosen, whole or one by one', () => {
    const settle = vi.fn();
    lay(<ClashCard clash={{ mine, theirs }} onSettle={settle} />, known);
    fireEvent.click(row('Name').getByText('Their skirt'));
    fireEvent.click(row('Closure').getByText('by the way'));
    fireEvent.click(screen.getByText('Keep what is chosen'));
    expect(settle).toHaveBeenLastCalledWith(['promised', 'cloth.oneWay', 'settings.hipEase']);
    fireEvent.click(screen.getByText('Take theirs'));
    expect(settle).toHaveBeenLastCalledWith([]);
    fireEvent.click(screen.getByText('Keep mine'));
    expect(settle.mock.lastCall?.[0]).toHaveLength(5);
  });
});

describe('the cloth', () => {
  it('keeps what was pulled along once it differs from what goes round', () => {
    const change = vi.fn();
    lay(<ClothFields cloth={{ ...cloth, stretch: 0.3, stretchAlong: 0.1 }} change={change} />, known);
    fireEvent.change(screen.getByLabelText('Stretch along the girth'), { target: { value: '14' } });
    expect(change).toHaveBeenLastCalledWith([{ set: 'cloth.stretch', to: 0.4 }]);
  });

  it('that does not stretch is not asked how far it stretches along', () => {
    const change = vi.fn();
    lay(<ClothFields cloth={cloth} change={change} />, known);
    expect(screen.queryByLabelText('Stretch along the selvedge')).toBeNull();
    cleanup();
    lay(<ClothFields cloth={{ ...cloth, stretch: 0.3 }} change={change} />, known);
    fireEvent.change(screen.getByLabelText('Stretch along the selvedge'), { target: { value: '11' } });
    expect(change).toHaveBeenLastCalledWith([{ set: 'cloth.stretchAlong', to: 0.1 }]);
  });

  it('is changed part by part, its stretch by the hand test', () => {
    const change = vi.fn();
    lay(<ClothFields cloth={cloth} change={change} />, known);
    fireEvent.change(screen.getByLabelText('Stretch along the girth'), { target: { value: '12,5' } });
    expect(change).toHaveBeenLastCalledWith([
      { set: 'cloth.stretch', to: 0.25 },
      { set: 'cloth.stretchAlong', to: 0.25 },
    ]);
    fireEvent.click(screen.getByText('Shows through'));
    expect(change).toHaveBeenLastCalledWith([{ set: 'cloth.sheer', to: true }]);
    fireEvent.click(screen.getByText('45'));
    expect(change).toHaveBeenLastCalledWith([{ set: 'cloth.width', to: 45 * 25.4 }]);
    fireEvent.click(screen.getByText('Laid open'));
    expect(change).toHaveBeenLastCalledWith([{ set: 'cloth.folded', to: false }]);
    fireEvent.click(screen.getByText('One way'));
    expect(change).toHaveBeenLastCalledWith([{ set: 'cloth.oneWay', to: true }]);
    fireEvent.click(screen.getByText('Soft, hangs in folds'));
    expect(change).toHaveBeenLastCalledWith([{ set: 'cloth.drape', to: 'soft' }]);
  });

  it('that shrinks when it is pulled is none, and says so', () => {
    const change = vi.fn();
    lay(<ClothFields cloth={cloth} change={change} />, known);
    fireEvent.change(screen.getByLabelText('Stretch along the girth'), { target: { value: '9' } });
    expect(change).not.toHaveBeenCalled();
    expect(screen.getByRole('alert').textContent).toContain('From 10 cm');
  });

  it('comes in the widths of the unit that is shown', () => {
    localStorage.setItem('plumb.unit', 'cm');
    localStorage.setItem('plumb.mark', '.');
    lay(<ClothFields cloth={cloth} change={() => {}} />, known);
    expect(screen.getByText('115.0')).toBeDefined();
    expect(screen.queryByText('45')).toBeNull();
  });
});
