import { onlineManager, QueryClient } from '@tanstack/react-query';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Machine, type Store } from '../account/machine';
import { Problem } from '../api/client';
import { type Item, Outbox } from './outbox';
import type { Tab } from './tabs';

function store(): Store {
  const kept = new Map<string, string>();
  return {
    get length() {
      return kept.size;
    },
    key: (i) => [...kept.keys()][i] ?? null,
    getItem: (k) => kept.get(k) ?? null,
    setItem: (k, v) => void kept.set(k, v),
    removeItem: (k) => void kept.delete(k),
  };
}

let good: Store;
let answer: (item: Item) => Promise<unknown>;
let arrived: string[];
let done: string[];

function page(id: string, before: string | null = null, open: string[] = []) {
  const machine = new Machine({ good: () => good, tab: store });
  machine.belongTo('ann');
  const queries = new QueryClient();
  queries.mount();
  const tab: Tab = { id, before, others: async () => new Set(open) };
  const tick = {
    send: (item: Item) => answer(item),
    done: (_: unknown, item: Item) => void done.push(item.title),
  };
  return { outbox: new Outbox(queries, machine, tab, { tick }), machine, queries };
}

const sent = (title: string, of = 't') => ({ kind: 'tick', of, title, body: { title } });

beforeEach(() => {
  vi.useFakeTimers();
  good = store();
  arrived = [];
  done = [];
  answer = async (item) => {
    arrived.push(item.title);
    return 'kept';
  };
  onlineManager.setOnline(true);
});

afterEach(() => vi.useRealTimers());

describe('what is sent beside a ticket’s changes', () => {
  it('is answered, and written down nowhere any more', async () => {
    const { outbox } = page('one');
    expect(await outbox.send(sent('Hem'))).toEqual({ answer: 'kept' });
    expect(outbox.state().waiting).toEqual([]);
    expect(good.length).toBe(0);
    expect(done).toEqual(['Hem']);
  });

  it('waits without a connection, in order, and goes by itself', async () => {
    const { outbox } = page('one');
    onlineManager.setOnline(false);
    expect(await outbox.send(sent('Sides'))).toBe('waiting');
    expect(await outbox.send(sent('Hem'))).toBe('waiting');
    expect(good.getItem('plumb.of.ann.outbox.one')).toContain('Hem');
    onlineManager.setOnline(true);
    await vi.advanceTimersByTimeAsync(100);
    expect(arrived).toEqual(['Sides', 'Hem']);
    expect(outbox.state().waiting).toEqual([]);
  });

  it('that a closed page left goes out by the next; what another page holds is left to it', async () => {
    onlineManager.setOnline(false);
    void page('closed').outbox.send(sent('Sides', 'a'));
    void page('open').outbox.send(sent('Hem', 'b'));
    onlineManager.setOnline(true);
    const next = page('next', null, ['open']);
    await next.outbox.resume();
    await vi.advanceTimersByTimeAsync(100);
    expect(arrived).toContain('Sides');
    expect(good.getItem('plumb.of.ann.outbox.closed')).toBeNull();
  });

  it('is told in place when it is refused, and at the head of the page where nobody waits for it', async () => {
    const { outbox } = page('one');
    answer = async () => {
      throw new Problem(422, 'too much');
    };
    await expect(outbox.send(sent('Hem'))).rejects.toThrow('too much');
    expect(outbox.state().refused).toEqual([]);
    onlineManager.setOnline(false);
    await outbox.send(sent('Sides'));
    onlineManager.setOnline(true);
    await vi.advanceTimersByTimeAsync(100);
    expect(outbox.state().refused.map((r) => [r.item.title, r.why])).toEqual([['Sides', 'too much']]);
    outbox.seen();
    expect(outbox.state().refused).toEqual([]);
  });

  it('waits for the same hand to sign in again, and goes with it when another comes', async () => {
    const { outbox, machine } = page('one');
    answer = async () => {
      throw new Problem(401, 'ended');
    };
    await expect(outbox.send(sent('Hem'))).rejects.toThrow('ended');
    machine.belongTo(null);
    expect(outbox.state().waiting).toEqual([]);
    answer = async (item) => {
      arrived.push(item.title);
      return 'kept';
    };
    machine.belongTo('ann');
    const going = outbox.resume();
    await vi.advanceTimersByTimeAsync(100);
    await going;
    expect(arrived).toEqual(['Hem']);
    onlineManager.setOnline(false);
    await outbox.send(sent('Sides'));
    machine.belongTo('bea');
    expect(good.length).toBe(0);
    expect(outbox.state().waiting).toEqual([]);
  });
});
