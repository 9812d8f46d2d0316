import { onlineManager } from '@tanstack/react-query';
import { describe, expect, it, vi } from 'vitest';
import { atTheTable, byOther, page, settingsOf, storage } from '../testing/desks';
import { workroom } from '../testing/workroom';

vi.mock('../api/client', async (original) => {
  const { fakeClient } = await import('../testing/workroom');
  return fakeClient(await original());
});

atTheTable();

describe('a change', () => {
  it('shows at once and is kept a moment later, typing together as one', async () => {
    const { desk } = page();
    desk.change('a', [{ set: 'settings.hipEase', to: 1 }]);
    desk.change('a', [{ set: 'settings.hipEase', to: 12 }]);
    expect(desk.shown('a')?.settings).toEqual({ hipEase: 12 });
    expect(workroom.puts).toHaveLength(0);
    await vi.advanceTimersByTimeAsync(600);
    expect(workroom.puts).toHaveLength(1);
    expect(settingsOf('a')).toEqual({ hipEase: 12 });
    expect(desk.state('a').unsent).toEqual([]);
  });

  it('made while the one before is on its way follows it without a clash', async () => {
    const { desk } = page();
    desk.change('a', [{ set: 'settings.hipEase', to: 12 }]);
    desk.flush('a');
    desk.change('a', [{ set: 'settings.length', to: 700 }]);
    desk.flush('a');
    expect(await desk.whenKept('a')).toBe(3);
    expect(settingsOf('a')).toEqual({ hipEase: 12, length: 700 });
    expect(desk.state('a').clash).toBeNull();
  });

  it('stays with its ticket when saves fail and another ticket is opened', async () => {
    const { desk } = page();
    workroom.down = true;
    desk.change('a', [
      { set: 'settings.hipEase', to: 50 },
      { set: 'way', to: 'quarter' },
    ]);
    await vi.advanceTimersByTimeAsync(600);
    desk.change('b', [{ set: 'settings.length', to: 640 }]);
    await vi.advanceTimersByTimeAsync(600);
    workroom.down = false;
    await vi.advanceTimersByTimeAsync(10_000);
    expect(workroom.tickets.get('a')).toMatchObject({ way: 'quarter', settings: { hipEase: 50 } });
    expect(workroom.tickets.get('b')).toMatchObject({ way: 'house', settings: { length: 640 } });
  });
});

describe('without a connection', () => {
  it('changes wait and go out in order by themselves', async () => {
    const { desk } = page();
    workroom.down = true;
    desk.change('a', [{ set: 'settings.hipEase', to: 12 }]);
    await vi.advanceTimersByTimeAsync(600);
    expect(onlineManager.isOnline()).toBe(false);
    desk.change('a', [{ set: 'settings.hipEase', to: 15 }]);
    await vi.advanceTimersByTimeAsync(600);
    await expect(desk.whenKept('a')).rejects.toThrow('not kept yet');
    workroom.down = false;
    await vi.advanceTimersByTimeAsync(10_000);
    expect(onlineManager.isOnline()).toBe(true);
    expect(settingsOf('a')).toEqual({ hipEase: 15 });
    expect(workroom.puts.map((p) => p.body.settings)).toEqual([{ hipEase: 12 }, { hipEase: 15 }]);
  });

  it('a page that is left and opened again goes on with what was on its way', async () => {
    const first = page();
    workroom.down = true;
    first.desk.change('a', [{ set: 'settings.hipEase', to: 12 }]);
    await vi.advanceTimersByTimeAsync(2_000);
    expect(storage.getItem('plumb.of.ann.unsaved.a.here')).toContain('hipEase');
    first.leave();

    workroom.down = false;
    onlineManager.setOnline(true);
    page().desk.resume();
    await vi.advanceTimersByTimeAsync(2_000);
    expect(settingsOf('a')).toEqual({ hipEase: 12 });
  });

  it('keeps nothing on the machine that was only read', async () => {
    const { desk } = page();
    desk.change('a', [{ set: 'settings.hipEase', to: 12 }]);
    await vi.advanceTimersByTimeAsync(100);
    for (let i = 0; i < storage.length; i++)
      expect(storage.getItem(storage.key(i) ?? '')).not.toContain('Ottoline Varga');
  });

  it('what was typed in the last half second is there again too', async () => {
    const first = page();
    first.desk.change('a', [{ set: 'settings.hipEase', to: 12 }]);
    first.leave();
    const again = page();
    again.desk.open('a');
    expect(again.desk.shown('a')?.settings).toEqual({ hipEase: 12 });
    await vi.advanceTimersByTimeAsync(100);
    expect(settingsOf('a')).toEqual({ hipEase: 12 });
  });

  it('there is no moment without a copy of a change until it has arrived', async () => {
    const { desk } = page();
    const copy = () => storage.getItem('plumb.of.ann.unsaved.a.here');
    desk.change('a', [{ set: 'settings.hipEase', to: 12 }]);
    expect(copy()).toContain('hipEase');
    desk.flush('a');
    expect(copy()).toContain('hipEase');
    desk.change('a', [{ set: 'settings.length', to: 700 }]);
    expect(copy()).toContain('hipEase');
    expect(copy()).toContain('length');
    await desk.whenKept('a');
    await vi.advanceTimersByTimeAsync(10);
    expect(copy()).toBeNull();
  });

  it('what was left of any ticket goes out when the next page is opened, whichever it shows', async () => {
    storage.setItem(
      'plumb.of.ann.unsaved.b.here',
      JSON.stringify([{ version: 1, steps: [{ set: 'settings.hipEase', to: 12 }] }]),
    );
    storage.setItem('plumb.of.ann.unsaved.x.here', 'nonsense');
    const { desk } = page();
    desk.resume();
    await vi.advanceTimersByTimeAsync(600);
    expect(settingsOf('b')).toEqual({ hipEase: 12 });
    expect(storage.getItem('plumb.of.ann.unsaved.b.here')).toBeNull();
  });

  it('what has arrived is written down nowhere any more, and a page opened right then does not bring it', async () => {
    const first = page();
    first.desk.change('a', [{ set: 'settings.length', to: 41 }]);
    await first.desk.whenKept('a');
    first.desk.change('a', [{ set: 'settings.length', to: 12 }]);
    await first.desk.whenKept('a');
    await vi.advanceTimersByTimeAsync(0);
    expect(Object.keys(storage)).toEqual([]);
  });

  it('a page left between two changes goes on with the second, and does not clash with the first', async () => {
    const first = page();
    workroom.mute = true;
    first.desk.change('a', [{ set: 'settings.length', to: 41 }]);
    first.desk.flush('a');
    first.desk.change('a', [{ set: 'settings.length', to: 12 }]);
    first.desk.flush('a');
    first.desk.change('a', [{ set: 'settings.slit', to: 180 }]);
    await vi.advanceTimersByTimeAsync(0);
    expect(settingsOf('a')).toEqual({ length: 41 });
    first.leave();

    onlineManager.setOnline(true);
    const { desk } = page();
    desk.resume();
    expect(desk.shown('a')?.settings).toEqual({ length: 12, slit: 180 });
    await desk.whenKept('a');
    expect(desk.state('a').clash).toBeNull();
    expect(settingsOf('a')).toEqual({ length: 12, slit: 180 });
  });

  it('a change whose answer was lost is not taken for somebody else’s', async () => {
    const { desk } = page();
    workroom.mute = true;
    desk.change('a', [{ set: 'settings.hipEase', to: 12 }]);
    await vi.advanceTimersByTimeAsync(600);
    desk.change('a', [{ set: 'settings.length', to: 700 }]);
    await vi.advanceTimersByTimeAsync(10_000);
    expect(desk.state('a').clash).toBeNull();
    expect(settingsOf('a')).toEqual({ hipEase: 12, length: 700 });
  });
});

describe('two people with one ticket', () => {
  it('are shown both, and each amount is settled by itself', async () => {
    const { desk } = page();
    byOther('a', { settings: { hipEase: 30, slit: 200 }, name: 'Their name' });
    desk.change('a', [
      { set: 'settings.hipEase', to: 12 },
      { set: 'settings.length', to: 700 },
    ]);
    await vi.advanceTimersByTimeAsync(600);
    const clash = desk.state('a').clash;
    expect(clash?.mine.settings).toEqual({ hipEase: 12, length: 700 });
    expect(clash?.theirs.name).toBe('Their name');
    await expect(desk.whenKept('a')).rejects.toThrow('Somebody else');
    desk.settle('a', ['settings.length']);
    await vi.advanceTimersByTimeAsync(600);
    expect(workroom.tickets.get('a')).toMatchObject({
      name: 'Their name',
      settings: { hipEase: 30, slit: 200, length: 700 },
    });
  });

  it('nothing is sent while they are not settled, and theirs can be taken whole', async () => {
    const { desk } = page();
    byOther('a', { way: 'quarter' });
    desk.change('a', [{ set: 'settings.hipEase', to: 12 }]);
    await vi.advanceTimersByTimeAsync(600);
    const sent = workroom.puts.length;
    desk.flush('a');
    await vi.advanceTimersByTimeAsync(5_000);
    expect(workroom.puts).toHaveLength(sent);
    desk.settle('a', []);
    await vi.advanceTimersByTimeAsync(600);
    expect(workroom.puts).toHaveLength(sent);
    expect(desk.shown('a')).toMatchObject({ way: 'quarter', settings: {} });
    expect(storage.getItem('plumb.of.ann.unsaved.a.here')).toBeNull();
  });
});

describe('what the workroom will not have', () => {
  it('stays as it was typed with the reason, and goes with the next change', async () => {
    const { desk } = page();
    desk.change('a', [{ set: 'settings.hipEase', to: 9999 }]);
    await vi.advanceTimersByTimeAsync(600);
    expect(desk.state('a').refused?.at('settings.hipEase')).toBe('too much');
    expect(desk.shown('a')?.settings).toEqual({ hipEase: 9999 });
    desk.change('a', [{ set: 'settings.hipEase', to: 20 }]);
    expect(desk.state('a').refused).toBeNull();
    await vi.advanceTimersByTimeAsync(600);
    expect(settingsOf('a')).toEqual({ hipEase: 20 });
  });
});

describe('a change that comes back', () => {
  it('gives way to what was typed at its place since and is on its way', async () => {
    const { desk } = page();
    desk.change('a', [
      { set: 'settings.hipEase', to: 9999 },
      { set: 'settings.slit', to: 180 },
    ]);
    desk.flush('a');
    desk.change('a', [{ set: 'settings.hipEase', to: 20 }]);
    desk.flush('a');
    await vi.advanceTimersByTimeAsync(600);
    expect(settingsOf('a')).toEqual({ hipEase: 20 });
    expect(desk.shown('a')?.settings).toEqual({ hipEase: 20, slit: 180 });
    expect(desk.state('a').unsent).toEqual([{ set: 'settings.slit', to: 180 }]);
  });
});

describe('taking back', () => {
  it('undoes its own change and leaves what was changed since', async () => {
    const { desk } = page();
    const back = desk.change('a', [{ set: 'settings.slit', to: 180 }]);
    await vi.advanceTimersByTimeAsync(600);
    desk.change('a', [{ set: 'settings.hipEase', to: 12 }]);
    await vi.advanceTimersByTimeAsync(600);
    desk.change('a', back);
    await vi.advanceTimersByTimeAsync(600);
    expect(settingsOf('a')).toEqual({ hipEase: 12 });
  });

  it('goes back one change after the other, typing at one place being one', async () => {
    const { desk } = page();
    desk.change('a', [{ set: 'settings.hipEase', to: 1 }]);
    desk.change('a', [{ set: 'settings.hipEase', to: 12 }]);
    await vi.advanceTimersByTimeAsync(3_000);
    desk.change('a', [{ set: 'cloth.width', to: 900 }]);
    desk.undo('a');
    expect(desk.shown('a')).toMatchObject({ settings: { hipEase: 12 }, cloth: { width: 1500 } });
    desk.undo('a');
    expect(desk.shown('a')?.settings).toEqual({});
    desk.undo('a');
    await vi.advanceTimersByTimeAsync(600);
    expect(settingsOf('a')).toEqual({});
  });
});
