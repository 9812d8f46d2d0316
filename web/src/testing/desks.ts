/** Pages that work with a workroom in memory, for tests of what is kept and sent. */
import { onlineManager, QueryClient } from '@tanstack/react-query';
import { afterEach, beforeEach, vi } from 'vitest';
import { Machine } from '../account/machine';
import type { Ticket } from '../api/client';
import { keys } from '../api/queries';
import { Desk } from '../tickets/desk';
import type { Tab } from '../tickets/tabs';
import { ticket, workroom } from './workroom';

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

export let storage: Storage;
let tabStore: Storage;

/** A page at the table: its own memory of what was read, on a machine whose storage outlives it. */
export function page(tab: Tab = { id: 'here', before: 'here', others: async () => new Set() }) {
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

export const settingsOf = (id: string) => workroom.tickets.get(id)?.settings;
export const byOther = (id: string, change: Partial<Ticket>) => {
  const now = workroom.tickets.get(id);
  if (now) workroom.tickets.set(id, { ...now, ...change, version: now.version + 1 });
};

export function atTheTable() {
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
}
