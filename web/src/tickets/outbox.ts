/**
 * What is sent to the workroom beside the changes of a ticket: ticks and clocks of making, sheets, names and notes,
 * fittings. It waits in the same queue as they do, ticket by ticket and person by person, is written down on this
 * machine until it has arrived, and goes by itself when the workroom answers or somebody is signed in again. What the
 * workroom will not have is told and stays until it was seen.
 */
import { MutationObserver, onlineManager, type QueryClient } from '@tanstack/react-query';
import type { Machine } from '../account/machine';
import { Problem, problemOf, waitOf } from '../api/client';
import type { Tab } from './tabs';

/** Something that is sent, as it is written down. */
export type Item = {
  id: string;
  kind: string;
  /** Whose queue it waits in: a ticket's or a person's id. */
  of: string;
  /** What it is, in words for the person at the table. */
  title: string;
  body: unknown;
};

/** How a kind is sent, and what is done with the answer, whichever page gets it. */
export type Kind<B = never, A = unknown> = {
  send: (item: Item & { body: B }) => Promise<A>;
  done(answer: A, item: Item & { body: B }): void;
};

export type OutboxState = { waiting: Item[]; refused: { item: Item; why: string }[] };

const NAME = 'outbox.';
/** How long one waits for an answer before going on with what waits, ms. */
const PATIENCE = 1500;

export class Outbox {
  private state_: OutboxState = { waiting: [], refused: [] };
  private readonly listeners = new Set<() => void>();
  private count = 0;
  private epoch = 0;

  constructor(
    private readonly queries: QueryClient,
    private readonly machine: Pick<Machine, 'get' | 'set' | 'remove' | 'names' | 'whenLeft'>,
    private readonly tab: Tab,
    private readonly kinds: Readonly<Record<string, Kind>>,
  ) {
    machine.whenLeft(() => {
      this.epoch += 1;
      this.state_ = { waiting: [], refused: [] };
      this.tell();
    });
  }

  readonly subscribe = (tell: () => void): (() => void) => {
    this.listeners.add(tell);
    return () => this.listeners.delete(tell);
  };

  readonly state = (): OutboxState => this.state_;

  /**
   * Sends something and waits a moment for what comes of it: the answer, or that it waits until the workroom answers.
   * Throws why the workroom will not have it, which then is told here and nowhere else.
   */
  async send<A>(what: Omit<Item, 'id'>): Promise<{ answer: A } | 'waiting'> {
    this.count += 1;
    const item = { ...what, id: `${this.tab.id}-${this.count}` };
    this.put({ ...this.state_, waiting: [...this.state_.waiting, item] });
    const answer = this.submit(item);
    answer.catch(() => {});
    if (!onlineManager.isOnline()) return 'waiting';
    let late: ReturnType<typeof setTimeout> | undefined;
    const waiting = new Promise<'waiting'>((done) => {
      late = setTimeout(() => done('waiting'), PATIENCE);
    });
    try {
      return await Promise.race([answer.then((a) => ({ answer: a as A })), waiting]);
    } catch (thrown) {
      this.put({ ...this.state_, refused: this.state_.refused.filter((r) => r.item.id !== item.id) });
      throw thrown;
    } finally {
      clearTimeout(late);
    }
  }

  /** Goes on with what was left on this machine, by this page or by one that is closed. */
  async resume() {
    const names = this.machine.names(NAME);
    const mine = names.filter((n) => n === this.name || n === `${NAME}${this.tab.before}`);
    this.takeUp(mine);
    const others = await this.tab.others();
    this.takeUp(names.filter((n) => !mine.includes(n) && !others.has(n.slice(NAME.length))));
  }

  /** Drops what the workroom would not have, once it was seen. */
  seen() {
    this.put({ ...this.state_, refused: [] });
  }

  private takeUp(names: string[]) {
    for (const name of names) {
      const left = itemsOf(this.machine.get(name));
      const known = new Set(this.state_.waiting.map((i) => i.id));
      const fresh = left.filter((i) => !known.has(i.id));
      if (name !== this.name) this.machine.remove(name);
      this.put({ ...this.state_, waiting: [...this.state_.waiting, ...fresh] });
      // Whoever waited for it is gone; what comes of it is told by the state.
      for (const item of fresh) this.submit(item).catch(() => {});
    }
  }

  private get name(): string {
    return `${NAME}${this.tab.id}`;
  }

  private async submit(item: Item): Promise<unknown> {
    const epoch = this.epoch;
    const kind = this.kinds[item.kind];
    if (!kind) throw new Problem(0, 'This page cannot send what is left here; load it again.');
    try {
      const answer = await new MutationObserver(this.queries, {
        mutationFn: () => {
          if (epoch !== this.epoch) throw new Problem(401, 'This was sent by somebody who is not signed in any more.');
          return kind.send(item as Item & { body: never });
        },
        scope: { id: `ticket.${item.of}` },
        retry: (_, error) => error instanceof Problem && error.passes,
        retryDelay: (_, error) => waitOf(error),
      }).mutate();
      if (epoch === this.epoch) {
        this.settled(item);
        kind.done(answer, item as Item & { body: never });
      }
      return answer;
    } catch (thrown) {
      const problem = problemOf(thrown);
      // A session that has ended refuses nothing: it is sent when somebody is there again.
      if (epoch === this.epoch && problem.status !== 401) {
        this.settled(item);
        this.put({ ...this.state_, refused: [...this.state_.refused, { item, why: problem.message }] });
      }
      throw problem;
    }
  }

  private settled(item: Item) {
    this.put({ ...this.state_, waiting: this.state_.waiting.filter((i) => i.id !== item.id) });
  }

  private put(state: OutboxState) {
    this.state_ = state;
    if (state.waiting.length > 0) this.machine.set(this.name, JSON.stringify(state.waiting));
    else this.machine.remove(this.name);
    this.tell();
  }

  private tell() {
    for (const tell of this.listeners) tell();
  }
}

function itemsOf(written: string | null): Item[] {
  try {
    const list: unknown = JSON.parse(written ?? '[]');
    return Array.isArray(list) ? list.filter(isItem) : [];
  } catch {
    return [];
  }
}

function isItem(value: unknown): value is Item {
  return (
    typeof value === 'object' &&
    value !== null &&
    ['id', 'kind', 'of', 'title'].every((k) => k in value && typeof value[k as keyof typeof value] === 'string')
  );
}
