import { describe, expect, it } from 'vitest';
import { Machine, type Store } from './machine';

function store(): Store & { kept: Map<string, string> } {
  const kept = new Map<string, string>();
  return {
    kept,
    get length() {
      return kept.size;
    },
    key: (i) => [...kept.keys()][i] ?? null,
    getItem: (k) => kept.get(k) ?? null,
    setItem: (k, v) => void kept.set(k, v),
    removeItem: (k) => void kept.delete(k),
  };
}

describe('what this machine keeps', () => {
  it('is each account’s own, and goes when another one comes', () => {
    const good = store();
    const tab = store();
    good.setItem('plumb.unit', 'cm');
    good.setItem('plumb.opened', '[]');
    const machine = new Machine({ good: () => good, tab: () => tab });
    machine.set('nobody', 'x');
    machine.belongTo('ann');
    machine.set('sheet.1', 'waist 38');
    machine.set('past.1', '[]', 'tab');
    machine.belongTo(null);
    expect(machine.get('sheet.1')).toBeNull();
    machine.belongTo('ann');
    expect(machine.get('sheet.1')).toBe('waist 38');
    expect(machine.names('sheet.')).toEqual(['sheet.1']);
    machine.belongTo('bea');
    expect(machine.get('sheet.1')).toBeNull();
    expect([...good.kept.keys(), ...tab.kept.keys()]).toEqual(['plumb.unit']);
    machine.set('sheet.2', 'hip 40');
    machine.forget();
    expect([...good.kept.keys()]).toEqual(['plumb.unit']);
  });

  it('harms nobody where a browser keeps nothing, and says so until it does', () => {
    const good = store();
    let blocked = true;
    const machine = new Machine({
      good: () => {
        if (blocked) throw new DOMException('no', 'SecurityError');
        return good;
      },
      tab: store,
    });
    machine.belongTo('ann');
    machine.set('sheet.1', 'waist 38');
    expect(machine.get('sheet.1')).toBeNull();
    expect(machine.keepsNothing()).toBe(true);
    blocked = false;
    machine.set('sheet.1', 'waist 38');
    expect(machine.keepsNothing()).toBe(false);
  });
});
