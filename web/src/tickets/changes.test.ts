import { describe, expect, it } from 'vitest';
import { PLAIN } from '../testing/made';
import {
  differing,
  fold,
  inverse,
  isTicket,
  type Kept,
  merged,
  remedied,
  remedySteps,
  type Step,
  ticked,
  toward,
  valueAt,
} from './changes';

const kept: Kept = {
  name: 'Lamplighter skirt',
  cut: 'straight-skirt',
  way: 'house',
  settings: { hipEase: 25.4, closure: 'fly' },
  cloth: PLAIN,
  with: [],
  without: [],
  promised: '2026-12-04',
};

describe('changes folded into a ticket', () => {
  it('put each value at its place and leave all others', () => {
    const after = fold(kept, [
      { set: 'settings.hipEase', to: 30 },
      { set: 'cloth.width', to: 1140 },
      { set: 'cloth.oneWay', to: true },
      { set: 'name', to: 'Lantern skirt' },
      { set: 'promised', to: null },
    ]);
    expect(after).toEqual({
      ...kept,
      name: 'Lantern skirt',
      promised: null,
      settings: { hipEase: 30, closure: 'fly' },
      cloth: { ...kept.cloth, width: 1140, oneWay: true },
    });
  });

  it('give a setting back to the way when it is set to nothing', () => {
    expect(fold(kept, [{ set: 'settings.hipEase', to: null }]).settings).toEqual({ closure: 'fly' });
  });

  it('let a band take the place of another that was taken on, and the recipe have its own again', () => {
    const made = (id: string, place: string, recipe: boolean, done: boolean) => ({
      id,
      title: id,
      place,
      recipe,
      done,
      reshapes: false,
      pieces: [],
      steps: [],
    });
    const straight = made('straight-band', 'band', true, true);
    const shaped = made('shaped-band', 'band', false, false);
    const lining = made('lining', 'lining', false, true);
    const all = [straight, shaped, lining];
    expect(ticked(all, shaped, true)).toEqual([{ set: 'made.shaped-band', to: 'with' }]);
    expect(ticked(all, straight, true)).toEqual([
      { set: 'made.shaped-band', to: null },
      { set: 'made.straight-band', to: null },
    ]);
    expect(ticked(all, straight, false)).toEqual([{ set: 'made.straight-band', to: 'without' }]);
  });

  it('add an operation, take one off, and give one back to the recipe', () => {
    const banded = fold(kept, [
      { set: 'made.lining', to: 'with' },
      { set: 'made.straight-band', to: 'without' },
    ]);
    expect(banded).toEqual({ ...kept, with: ['lining'], without: ['straight-band'] });
    expect(valueAt(banded, 'made.straight-band')).toBe('without');
    expect(fold(banded, [{ set: 'made.lining', to: 'without' }]).with).toEqual([]);
    expect(fold(banded, [{ set: 'made.lining', to: null }])).toEqual({ ...kept, without: ['straight-band'] });
    expect(fold(banded, inverse(kept, [{ set: 'made.lining', to: 'with' }]))).toEqual({
      ...kept,
      without: ['straight-band'],
    });
  });

  it('differ where one has an operation and the other has not', () => {
    expect(differing(kept, { ...kept, with: ['lining'] })).toEqual(['made.lining']);
  });

  it('change nothing of what was there before', () => {
    const before = structuredClone(kept);
    fold(kept, [
      { set: 'settings.hipEase', to: null },
      { set: 'cloth.width', to: 900 },
    ]);
    expect(kept).toEqual(before);
  });

  it('leave out what does not fit its place', () => {
    const odd: Step[] = [
      { set: 'cloth.width', to: 'wide' },
      { set: 'cloth.folded', to: 'yes' },
      { set: 'cloth.drape', to: 3 },
      { set: 'name', to: 4 },
      { set: 'nowhere', to: 'x' },
    ];
    expect(fold({ ...kept, promised: null }, odd)).toEqual({ ...kept, promised: null });
  });

  it('come to the same in one go or one after the other', () => {
    const steps: Step[] = [
      { set: 'settings.hipEase', to: 10 },
      { set: 'settings.length', to: 700 },
      { set: 'settings.hipEase', to: 20 },
      { set: 'way', to: 'quarter' },
    ];
    expect(fold(kept, merged(steps))).toEqual(fold(kept, steps));
    expect(merged(steps)).toHaveLength(3);
    expect(merged(steps.slice(0, 2), steps.slice(2))).toEqual(merged(steps));
  });
});

describe('an inverse', () => {
  const steps: Step[] = [
    { set: 'settings.hipEase', to: 30 },
    { set: 'settings.length', to: 700 },
    { set: 'cloth.stretch', to: 0.2 },
    { set: 'promised', to: null },
    { set: 'settings.hipEase', to: 40 },
  ];

  it('brings back exactly what was there', () => {
    expect(fold(fold(kept, steps), inverse(kept, steps))).toEqual(kept);
  });

  it('made later takes only its own change back, not what came since', () => {
    const back = inverse(kept, [{ set: 'settings.hipEase', to: 30 }]);
    const since = fold(kept, [
      { set: 'settings.hipEase', to: 30 },
      { set: 'settings.length', to: 700 },
      { set: 'name', to: 'Renamed' },
    ]);
    const undone = fold(since, back);
    expect(undone.settings).toEqual({ hipEase: 25.4, closure: 'fly', length: 700 });
    expect(undone.name).toBe('Renamed');
  });

  it('of an inverse is the change again', () => {
    const after = fold(kept, steps);
    expect(fold(kept, inverse(after, inverse(kept, steps)))).toEqual(after);
  });
});

describe('two versions', () => {
  it('differ wherever they do: name, cloth and promise included', () => {
    const theirs = fold(kept, [
      { set: 'name', to: 'Theirs' },
      { set: 'promised', to: null },
      { set: 'cloth.drape', to: 'soft' },
      { set: 'settings.closure', to: null },
      { set: 'settings.length', to: 700 },
    ]);
    expect(differing(kept, theirs)).toEqual(['name', 'promised', 'cloth.drape', 'settings.closure', 'settings.length']);
    expect(differing(kept, kept)).toEqual([]);
    expect(fold(kept, toward(kept, theirs))).toEqual(theirs);
  });

  it('tell what is at a place', () => {
    expect(valueAt(kept, 'settings.hipEase')).toBe(25.4);
    expect(valueAt(kept, 'settings.length')).toBeNull();
    expect(valueAt(kept, 'cloth.folded')).toBe(true);
    expect(valueAt(kept, 'promised')).toBe('2026-12-04');
  });

  it('are told from anything that is no ticket', () => {
    expect(isTicket({ ...kept, version: 3 })).toBe(true);
    expect(isTicket(null)).toBe(false);
    expect(isTicket({ detail: 'no' })).toBe(false);
  });
});

describe('a remedy', () => {
  it('is a change of its settings and of the width of the cloth', () => {
    expect(remedySteps({ settings: { slit: 180 }, clothWidth: 1500 })).toEqual([
      { set: 'settings.slit', to: 180 },
      { set: 'cloth.width', to: 1500 },
    ]);
    expect(remedySteps({ settings: { slit: 180 }, clothWidth: null })).toHaveLength(1);
  });

  it('asks for the same as its change makes', () => {
    const remedy = { settings: { hipEase: 60, slit: 180 }, clothWidth: 1140 };
    const asked = remedied({ settings: kept.settings, cloth: kept.cloth }, remedy);
    const made = fold(kept, remedySteps(remedy));
    expect(asked).toEqual({ settings: made.settings, cloth: made.cloth });
  });

  it('gives back what a hand set', () => {
    const remedy = { settings: {}, givesBack: ['hipEase'] };
    expect(remedySteps(remedy)).toEqual([{ set: 'settings.hipEase', to: null }]);
    expect(remedied({ settings: { hipEase: 60, slit: 180 }, cloth: kept.cloth }, remedy).settings).toEqual({
      slit: 180,
    });
  });
});
