import { onlineManager } from '@tanstack/react-query';
import { describe, expect, it, vi } from 'vitest';
import { atTheTable, page, settingsOf, storage } from '../testing/desks';
import { workroom } from '../testing/workroom';
import type { Tab } from './tabs';

vi.mock('../api/client', async (original) => {
  const { fakeClient } = await import('../testing/workroom');
  return fakeClient(await original());
});

atTheTable();

describe('two pages of one browser', () => {
  const tab = (id: string, open: string[] = []): Tab => ({ id, before: null, others: async () => new Set(open) });

  it('that were both closed without a connection lose nothing of either', async () => {
    workroom.down = true;
    const one = page(tab('one'));
    one.desk.change('a', [{ set: 'settings.hipEase', to: 12 }]);
    const two = page(tab('two'));
    two.desk.change('a', [{ set: 'settings.length', to: 700 }]);
    one.leave();
    two.leave();
    workroom.down = false;
    onlineManager.setOnline(true);
    const { desk } = page(tab('three'));
    await desk.resume();
    await vi.advanceTimersByTimeAsync(2_000);
    expect(settingsOf('a')).toEqual({ hipEase: 12, length: 700 });
    expect(desk.state('a').clash).toBeNull();
  });

  it('do not take what the other holds', async () => {
    workroom.down = true;
    const one = page(tab('one'));
    one.desk.change('a', [{ set: 'settings.hipEase', to: 12 }]);
    const two = page(tab('two', ['one']));
    await two.desk.resume();
    expect(two.desk.underway('a')).toEqual([]);
  });
});

describe('an account that goes', () => {
  it('takes what it typed out of sight, and finds it again when it comes back', async () => {
    const { desk, machine } = page();
    workroom.down = true;
    desk.change('a', [{ set: 'settings.hipEase', to: 12 }]);
    await vi.advanceTimersByTimeAsync(600);
    machine.belongTo(null);
    expect(desk.state('a').unsent).toEqual([]);
    expect(desk.underway('a')).toEqual([]);
    workroom.down = false;
    onlineManager.setOnline(true);
    machine.belongTo('ann');
    await desk.resume();
    await vi.advanceTimersByTimeAsync(2_000);
    expect(settingsOf('a')).toEqual({ hipEase: 12 });
  });

  it('leaves nothing to the one that comes', async () => {
    const { desk, machine } = page();
    workroom.down = true;
    desk.change('a', [{ set: 'settings.hipEase', to: 12 }]);
    await vi.advanceTimersByTimeAsync(600);
    machine.belongTo('bea');
    workroom.down = false;
    onlineManager.setOnline(true);
    await desk.resume();
    await vi.advanceTimersByTimeAsync(2_000);
    expect(settingsOf('a')).toEqual({});
    expect(Object.keys(storage)).toEqual([]);
  });
});

describe('what can be taken back', () => {
  it('goes on after the page was loaded again', async () => {
    const first = page();
    first.desk.change('a', [{ set: 'settings.hipEase', to: 12 }]);
    await first.desk.whenKept('a');
    first.leave();
    const { desk } = page();
    desk.open('a');
    expect(desk.state('a').past).toHaveLength(1);
    desk.undo('a');
    await vi.advanceTimersByTimeAsync(600);
    expect(settingsOf('a')).toEqual({});
  });
});
