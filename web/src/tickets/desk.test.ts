import { onlineManager, QueryClient } from '@tanstack/react-query';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Machine } from '../account/machine';
import type { Ticket } from '../api/client';
import { keys } from '../api/queries';
import { PLAIN } from '../testing/made';
import { Desk } from './desk';
import type { Tab } from './tabs';

/** A workroom of two tickets, which can be away, refuse an amount of 9999, or be changed by somebody else. */
const workroom = vi.hoisted(() => ({
  tickets: new Map<string, Ticket>(),
  down: false,
  /** Keeps what it is sent but loses the answer. */
  mute: false,
  puts: [] as { id: string; body: Record<string, unknown> & { version: number } }[],
}));

vi.mock('../api/client', async (original) => {
  const real = await original<typeof import('../api/client')>();
  const answer = (status: number, body: unknown) => ({
    data: status < 300 ? structuredClone(body) : undefined,
    error: status < 300 ? undefined : structuredClone(body),
    response: new Response(null, { status }),
  });
  type Asked = { params: { path: { id: string } }; body: Record<string, unknown> & { version: number } };
  return {
    ...real,
    api: {
      GET: async (_: string, { params }: Asked) => {
        if (workroom.down) throw new TypeError('no line');
        return answer(200, workroom.tickets.get(params.path.id));
      },
      PUT: async (_: string, { params, body }: Asked) => {
        const { id } = params.path;
        if (workroom.down) throw new TypeError('no line');
        workroom.puts.push({ id, body });
        const now = workroom.tickets.get(id);
        if (!now) return answer(404, { detail: 'gone' });
        if ((body.settings as { hipEase?: number }).hipEase === 9999)
          return answer(422, { detail: 'too much', errors: [{ field: 'settings.hipEase', message: 'too much' }] });
        if (body.version !== now.version) return answer(409, { detail: 'stale', current: now });
        const { version, ...rest } = body;
        const next = { ...now, promised: null, ...rest, version: version + 1 };
        workroom.tickets.set(id, next);
        if (workroom.mute) {
          workroom.mute = false;
          throw new TypeError('the answer was lost');
        }
        return answer(200, next);
      },
    },
  };
});

const ticket = (id: string): Ticket => ({
  id,
  personId: 'p',
  personName: 'Ottoline Varga',
  name: id,
  cut: 'straight-skirt',
  way: 'house',
  settings: {},
  cloth: PLAIN,
  with: [],
  without: [],
  promised: null,
  version: 1,
  revisions: 0,
  updatedAt: '2026-11-26T08:00:00Z',
});

function memory(): Storage {
  const kept = new Map<string, string>();
  // As in a browser, what is kept shows as properties too.
  const shown: Record<string, string> = {};
  const storage = {
    get length() {
      return kept.size;
    },
    key: (i: number) => [...kept.keys()][i] ?? null,
    clear: () => kept.clear(),
    getItem: (k: string) => kept.get(k) ?? null,
    setItem: (k: string, v: string) => {
      kept.set(k, v);
      shown[k] = v;
    },
    removeItem: (k: string) => {
      kept.delete(k);
      delete shown[k];
    },
  };
  return new Proxy(storage, {
    ownKeys: () => Object.keys(shown),
    getOwnPropertyDescriptor: (_, k) => Object.getOwnPropertyDescriptor(shown, k),
  });
}

/** A page at the table: its own memory of what was read, on a machine whose storage outlives it. */
function page(storage: Storage, tab: Tab = { id: 'here', before: 'here', others: async () => new Set() }) {
  const queries = new QueryClient();
  queries.mount();
  const machine = new Machine({ good: () => storage, tab: () => tabStore });
  machine.belongTo('ann');
  const desk = new Desk(queries, machine, tab);
  for (const t of workroom.tickets.values()) queries.setQueryData(keys.ticket(t.id), structuredClone(t));
  /** The page is gone: nothing of it runs any more, and what it wrote down stays. */
  const leave = () => {
    const left = Object.keys(storage).map((key) => [key, storage.getItem(key) ?? ''] as const);
    vi.clearAllTimers();
    queries.unmount();
    queries.clear();
    for (const [key, value] of left) storage.setItem(key, value);
  };
  return { desk, leave, machine, queries };
}

const settingsOf = (id: string) => workroom.tickets.get(id)?.settings;
const byOther = (id: string, change: Partial<Ticket>) => {
  const now = workroom.tickets.get(id);
  if (now) workroom.tickets.set(id, { ...now, ...change, version: now.version + 1 });
};

let storage: Storage;
let tabStore: Storage;

beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal(
    'fetch',
    vi.fn(async () => new Response(null, { status: workroom.down ? 503 : 200 })),
  );
  storage = memory();
  tabStore = memory();
  workroom.tickets.clear();
  for (const id of ['a', 'b']) workroom.tickets.set(id, { ...ticket(id) });
  Object.assign(workroom, { down: false, mute: false });
  workroom.puts.length = 0;
  onlineManager.setOnline(true);
});

afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe('a change', () => {
  it('shows at once and is kept a moment later, typing together as one', async () => {
    const { desk } = page(storage);
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
    const { desk } = page(storage);
    desk.change('a', [{ set: 'settings.hipEase', to: 12 }]);
    desk.flush('a');
    desk.change('a', [{ set: 'settings.length', to: 700 }]);
    desk.flush('a');
    expect(await desk.whenKept('a')).toBe(3);
    expect(settingsOf('a')).toEqual({ hipEase: 12, length: 700 });
    expect(desk.state('a').clash).toBeNull();
  });

  it('stays with its ticket when saves fail and another ticket is opened', async () => {
    const { desk } = page(storage);
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
    const { desk } = page(storage);
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
    const first = page(storage);
    workroom.down = true;
    first.desk.change('a', [{ set: 'settings.hipEase', to: 12 }]);
    await vi.advanceTimersByTimeAsync(2_000);
    expect(storage.getItem('plumb.of.ann.unsaved.a.here')).toContain('hipEase');
    first.leave();

    workroom.down = false;
    onlineManager.setOnline(true);
    page(storage).desk.resume();
    await vi.advanceTimersByTimeAsync(2_000);
    expect(settingsOf('a')).toEqual({ hipEase: 12 });
  });

  it('keeps nothing on the machine that was only read', async () => {
    const { desk } = page(storage);
    desk.change('a', [{ set: 'settings.hipEase', to: 12 }]);
    await vi.advanceTimersByTimeAsync(100);
    for (let i = 0; i < storage.length; i++)
      expect(storage.getItem(storage.key(i) ?? '')).not.toContain('Ottoline Varga');
  });

  it('what was typed in the last half second is there again too', async () => {
    const first = page(storage);
    first.desk.change('a', [{ set: 'settings.hipEase', to: 12 }]);
    first.leave();
    const again = page(storage);
    again.desk.open('a');
    expect(again.desk.shown('a')?.settings).toEqual({ hipEase: 12 });
    await vi.advanceTimersByTimeAsync(100);
    expect(settingsOf('a')).toEqual({ hipEase: 12 });
  });

  it('there is no moment without a copy of a change until it has arrived', async () => {
    const { desk } = page(storage);
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
    const left = memory();
    left.setItem(
      'plumb.of.ann.unsaved.b.here',
      JSON.stringify([{ version: 1, steps: [{ set: 'settings.hipEase', to: 12 }] }]),
    );
    left.setItem('plumb.of.ann.unsaved.x.here', 'nonsense');
    const { desk } = page(left);
    desk.resume();
    await vi.advanceTimersByTimeAsync(600);
    expect(settingsOf('b')).toEqual({ hipEase: 12 });
    expect(left.getItem('plumb.of.ann.unsaved.b.here')).toBeNull();
  });

  it('what has arrived is written down nowhere any more, so that a page opened right then does not bring it again', async () => {
    const first = page(storage);
    first.desk.change('a', [{ set: 'settings.length', to: 41 }]);
    await first.desk.whenKept('a');
    first.desk.change('a', [{ set: 'settings.length', to: 12 }]);
    await first.desk.whenKept('a');
    await vi.advanceTimersByTimeAsync(0);
    expect(Object.keys(storage)).toEqual([]);
  });

  it('a page left between two changes goes on with the second, and does not clash with the first that has arrived', async () => {
    const first = page(storage);
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
    const { desk } = page(storage);
    desk.resume();
    expect(desk.shown('a')?.settings).toEqual({ length: 12, slit: 180 });
    await desk.whenKept('a');
    expect(desk.state('a').clash).toBeNull();
    expect(settingsOf('a')).toEqual({ length: 12, slit: 180 });
  });

  it('a change whose answer was lost is not taken for somebody else’s', async () => {
    const { desk } = page(storage);
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
    const { desk } = page(storage);
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
    const { desk } = page(storage);
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
    const { desk } = page(storage);
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
    const { desk } = page(storage);
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
    const { desk } = page(storage);
    const back = desk.change('a', [{ set: 'settings.slit', to: 180 }]);
    await vi.advanceTimersByTimeAsync(600);
    desk.change('a', [{ set: 'settings.hipEase', to: 12 }]);
    await vi.advanceTimersByTimeAsync(600);
    desk.change('a', back);
    await vi.advanceTimersByTimeAsync(600);
    expect(settingsOf('a')).toEqual({ hipEase: 12 });
  });

  it('goes back one change after the other, typing at one place being one', async () => {
    const { desk } = page(storage);
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

describe('two pages of one browser', () => {
  const tab = (id: string, open: string[] = []): Tab => ({ id, before: null, others: async () => new Set(open) });

  it('that were both closed without a connection lose nothing of either', async () => {
    workroom.down = true;
    const one = page(storage, tab('one'));
    one.desk.change('a', [{ set: 'settings.hipEase', to: 12 }]);
    const two = page(storage, tab('two'));
    two.desk.change('a', [{ set: 'settings.length', to: 700 }]);
    one.leave();
    two.leave();
    workroom.down = false;
    onlineManager.setOnline(true);
    const { desk } = page(storage, tab('three'));
    await desk.resume();
    await vi.advanceTimersByTimeAsync(2_000);
    expect(settingsOf('a')).toEqual({ hipEase: 12, length: 700 });
    expect(desk.state('a').clash).toBeNull();
  });

  it('do not take what the other holds', async () => {
    workroom.down = true;
    const one = page(storage, tab('one'));
    one.desk.change('a', [{ set: 'settings.hipEase', to: 12 }]);
    const two = page(storage, tab('two', ['one']));
    await two.desk.resume();
    expect(two.desk.underway('a')).toEqual([]);
  });
});

describe('an account that goes', () => {
  it('takes what it typed out of sight, and finds it again when it comes back', async () => {
    const { desk, machine } = page(storage);
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
    const { desk, machine } = page(storage);
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
    const first = page(storage);
    first.desk.change('a', [{ set: 'settings.hipEase', to: 12 }]);
    await first.desk.whenKept('a');
    first.leave();
    const { desk } = page(storage);
    desk.open('a');
    expect(desk.state('a').past).toHaveLength(1);
    desk.undo('a');
    await vi.advanceTimersByTimeAsync(600);
    expect(settingsOf('a')).toEqual({});
  });
});
