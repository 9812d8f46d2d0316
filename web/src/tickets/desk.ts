/**
 * The ticket at work. Changes wait here for a moment, then go as one into the query library's queue: one after the
 * other for each ticket, paused while there is no connection. Until the workroom has them they are written down on
 * this machine, here and nowhere else: a second copy would be older for a moment. Every station looks at the same
 * desk.
 */
import { MutationObserver, onlineManager, type QueryClient } from '@tanstack/react-query';
import type { Machine } from '../account/machine';
import { api, Problem, type Ticket, unwrap, waitOf } from '../api/client';
import { keys, ticketQuery } from '../api/queries';
import { fold, inverse, isTicket, type Kept, keptOf, merged, type Place, type Step, toward, valueAt } from './changes';
import type { Tab } from './tabs';

/** Changes that go together, and the version of the ticket they were made on. */
type Run = { version: number; steps: Step[] };

/** What is sent. */
export type Sent = Run & { id: string; epoch?: number };

/** Somebody else was first: theirs, and what stood here. */
export type Clash = { theirs: Ticket; mine: Kept };

export type DeskState = {
  /** Changes that are not on their way yet. */
  unsent: Step[];
  /** The version the first of them was made on. */
  version: number;
  /** Why the workroom will not have them; they wait for another change. */
  refused: Problem | null;
  clash: Clash | null;
  /** What would take the latest changes back, the newest last. */
  past: Step[][];
};

const EMPTY: DeskState = { unsent: [], version: 0, refused: null, clash: null, past: [] };
const PAUSE = 500;
const PAST = 100;
/** Typing at one place within this time is one change to take back. */
const ONE_BREATH = 1500;

const LEFT = 'unsaved.';
const PASTS = 'past.';
/** What the answer was for whom nobody waits any more. */
const LEFT_BEHIND = 'This was sent by somebody who is not signed in any more.';
const queue = (id: string) => ['ticket', id, 'change'] as const;

export class Desk {
  private readonly states = new Map<string, DeskState>();
  private readonly timers = new Map<string, ReturnType<typeof setTimeout>>();
  private readonly listeners = new Set<() => void>();
  /** Versions that went up by our own hand: what was made on the first is made on the second. */
  private readonly ours = new Map<string, number>();
  private lastTouch = { place: '', at: 0 };

  /** Goes up when another account comes: what was sent before is nobody's any more. */
  private epoch = 0;

  constructor(
    private readonly queries: QueryClient,
    private readonly machine: Pick<Machine, 'get' | 'set' | 'remove' | 'names' | 'whenLeft'>,
    private readonly tab: Tab,
    private readonly now: () => number = Date.now,
  ) {
    machine.whenLeft(() => this.leave());
    queries.setMutationDefaults(['ticket'], {
      mutationFn: (sent: Sent) => this.send(sent),
      onSuccess: (saved: Ticket) => this.saved(saved),
      onError: (error: Error, sent: Sent) => this.bounced(sent, error),
      retry: (_, error) => error instanceof Problem && error.passes,
      retryDelay: (_, error) => waitOf(error),
    });
    // What is on its way is written down here until it has arrived, so that no moment is without a copy of it.
    queries.getMutationCache().subscribe(({ mutation }) => {
      const [what, id] = mutation?.options.mutationKey ?? [];
      if (what === 'ticket' && typeof id === 'string') this.write(id);
    });
  }

  /** Goes on with whatever was left on this machine, of whichever ticket, by this page or by one that is closed. */
  async resume() {
    for (const [id, state] of this.states) if (state.unsent.length > 0 && !state.refused) this.flush(id);
    for (const { ticket, tab } of this.kept()) if (this.isMine(tab)) this.open(ticket);
    const others = await this.tab.others();
    for (const { ticket, tab } of this.kept())
      if (!this.isMine(tab) && !others.has(tab)) this.takeUp(ticket, tab, this.left(ticket, tab));
  }

  /**
   * Everything of whoever was signed in goes, out of memory; what waits stays on this machine until they come again.
   */
  private leave() {
    this.epoch += 1;
    for (const timer of this.timers.values()) clearTimeout(timer);
    this.timers.clear();
    this.states.clear();
    this.ours.clear();
    this.queries.getMutationCache().clear();
    this.tell();
  }

  private kept(): { ticket: string; tab: string }[] {
    return this.machine.names(LEFT).map((name) => {
      const [, ticket = '', tab = ''] = name.split('.');
      return { ticket, tab };
    });
  }

  private isMine(tab: string): boolean {
    return tab === this.tab.id || tab === this.tab.before;
  }

  readonly subscribe = (tell: () => void): (() => void) => {
    this.listeners.add(tell);
    return () => this.listeners.delete(tell);
  };

  readonly state = (id: string): DeskState => this.states.get(id) ?? EMPTY;

  /** Lays a ticket on the desk, with what was left on this machine the last time. */
  open(id: string) {
    if (this.states.has(id)) return;
    const past = this.pastOf(id);
    const mine = this.kept().filter(({ ticket, tab }) => ticket === id && this.isMine(tab));
    if (mine.length === 0 && past.length === 0) return;
    const runs = mine.map(({ tab }) => ({ tab, left: this.left(id, tab) }));
    this.put(id, { ...EMPTY, past });
    for (const { tab, left } of runs) this.takeUp(id, tab, left);
  }

  /**
   * Sends what a page left behind, run by run as it was sent: what did arrive, unanswered, is known again by what it
   * says.
   */
  private takeUp(id: string, tab: string, left: Run[]) {
    for (const run of left) this.submit({ id, ...run });
    if (tab !== this.tab.id) this.machine.remove(`${LEFT}${id}.${tab}`);
  }

  /** Every ticket with changes that the workroom does not have. */
  notKept(): { id: string; steps: Step[]; refused: Problem | null }[] {
    return [...this.states.keys()]
      .map((id) => ({ id, steps: [...this.underway(id), ...this.state(id).unsent], refused: this.state(id).refused }))
      .filter(({ steps }) => steps.length > 0);
  }

  /** Changes a ticket that is known here; answers what takes it back. */
  change(id: string, steps: Step[]): Step[] {
    const before = this.shown(id);
    if (!before || steps.length === 0) return [];
    const back = inverse(before, steps);
    const state = this.state(id);
    this.put(id, { ...state, past: this.remembered(state.past, steps, back) });
    this.make(id, steps);
    return back;
  }

  /** Takes the latest changes back, on what is there now. */
  undo(id: string) {
    const state = this.state(id);
    const back = state.past.at(-1);
    if (!back) return;
    this.lastTouch = { place: '', at: 0 };
    this.put(id, { ...state, past: state.past.slice(0, -1) });
    this.make(id, back);
  }

  /** What the ticket is with every change made here; null while it is not known. */
  shown(id: string): Kept | null {
    const ticket = this.ticket(id);
    return ticket ? fold(keptOf(ticket), [...this.underway(id), ...this.state(id).unsent]) : null;
  }

  /** Changes on their way, the oldest first. */
  underway(id: string): Step[] {
    return this.pending(id).flatMap((sent) => sent.steps);
  }

  /** Sends what waits. */
  flush(id: string) {
    clearTimeout(this.timers.get(id));
    const state = this.state(id);
    if (state.unsent.length === 0 || state.clash) return;
    this.submit({ id, version: state.version, steps: state.unsent });
    this.put(id, { ...state, unsent: [], refused: null });
  }

  /** Waits until all changes of a ticket are kept, sending what waits; tells why not where they are not. */
  async whenKept(id: string): Promise<number> {
    this.flush(id);
    const cache = this.queries.getMutationCache();
    while (this.pending(id).length > 0) {
      if (!onlineManager.isOnline()) {
        throw new Problem(0, 'There is no connection; the latest changes are not kept yet.');
      }
      await new Promise<void>((next) => {
        const stop = cache.subscribe(() => {
          stop();
          next();
        });
      });
    }
    const { clash, refused, unsent } = this.state(id);
    if (clash) throw new Problem(409, 'Somebody else changed this ticket; settle that first.');
    if (unsent.length > 0) throw refused ?? new Problem(0, 'The latest changes are not kept yet.');
    return this.ticket(id)?.version ?? 0;
  }

  /** Sends everything that waits and stays, for a moment, until it is kept. */
  async close(moment: number) {
    const ids = [...this.states.keys()];
    const late = new Promise((done) => setTimeout(done, moment));
    await Promise.race([Promise.allSettled(ids.map((id) => this.whenKept(id))), late]);
  }

  /** Settles a clash: at these places mine, at all others theirs. */
  settle(id: string, places: Place[]) {
    const state = this.state(id);
    if (!state.clash) return;
    const { theirs, mine } = state.clash;
    this.queries.setQueryData(keys.ticket(id), theirs);
    const steps = places.map((set) => ({ set, to: valueAt(mine, set) }));
    this.put(id, { ...EMPTY, unsent: steps, version: theirs.version });
    this.flush(id);
  }

  private submit(sent: Sent) {
    const sending = new MutationObserver<Ticket, Error, Sent>(this.queries, {
      mutationKey: queue(sent.id),
      scope: { id: `ticket.${sent.id}` },
    }).mutate({ ...sent, epoch: this.epoch });
    // What comes of it is told through the defaults.
    sending.catch(() => {});
  }

  private make(id: string, steps: Step[]) {
    const state = this.state(id);
    const version = state.unsent.length > 0 ? state.version : (this.ticket(id)?.version ?? 0);
    this.put(id, { ...state, version, refused: null, unsent: merged(state.unsent, steps) });
    this.soon(id, PAUSE);
  }

  private remembered(past: Step[][], steps: Step[], back: Step[]): Step[][] {
    const place = steps.map((s) => s.set).join();
    const breath = this.lastTouch.place === place && this.now() - this.lastTouch.at < ONE_BREATH && past.length > 0;
    this.lastTouch = { place, at: this.now() };
    return breath ? past : [...past, back].slice(-PAST);
  }

  private ticket(id: string): Ticket | undefined {
    return this.queries.getQueryData<Ticket>(keys.ticket(id));
  }

  /** What is on its way, the oldest first. */
  private pending(id: string): Sent[] {
    const all = this.queries.getMutationCache().findAll({ mutationKey: queue(id), status: 'pending' });
    return all.map((m) => m.state.variables).filter((sent) => isSent(sent) && sent.epoch === this.epoch) as Sent[];
  }

  private soon(id: string, pause: number) {
    clearTimeout(this.timers.get(id));
    this.timers.set(
      id,
      setTimeout(() => this.flush(id), pause),
    );
  }

  private async send({ id, version, steps, epoch }: Sent): Promise<Ticket> {
    if (epoch !== this.epoch) throw new Problem(401, LEFT_BEHIND);
    const now = await this.queries.ensureQueryData(ticketQuery(id));
    const on = this.latest(id, version);
    const { promised, ...rest } = fold(keptOf(now), steps);
    try {
      const saved = await unwrap(
        api.PUT('/api/tickets/{id}', {
          params: { path: { id } },
          body: { ...rest, promised: promised ?? undefined, version: on },
        }),
      );
      if (epoch !== this.epoch) throw new Problem(401, LEFT_BEHIND);
      return saved;
    } catch (e) {
      if (epoch !== this.epoch) throw new Problem(401, LEFT_BEHIND);
      // Sent before, and the answer was lost on the way: it is there already.
      if (e instanceof Problem && e.stale && isTicket(e.current) && isMade(e.current, steps)) {
        this.follow(id, on, e.current.version);
        return e.current;
      }
      throw e;
    }
  }

  /** The version that a version has become by our own changes. */
  latest(id: string, version: number): number {
    let v = version;
    for (let next = this.ours.get(`${id} ${v}`); next !== undefined; next = this.ours.get(`${id} ${v}`)) v = next;
    return v;
  }

  private follow(id: string, from: number, to: number) {
    if (to > from) this.ours.set(`${id} ${from}`, to);
  }

  private saved(saved: Ticket) {
    this.follow(saved.id, saved.version - 1, saved.version);
    this.queries.setQueryData(keys.ticket(saved.id), saved);
    void this.queries.invalidateQueries({ queryKey: ['tickets'] });
  }

  private bounced({ id, version, steps }: Sent, error: Error) {
    if (error.message === LEFT_BEHIND) return;
    const state = this.state(id);
    const problem = error instanceof Problem ? error : new Problem(0, 'This could not be saved.');
    // A place that was changed again since is decided by what is on its way there, not by what came back.
    const since = this.pending(id)
      .slice(1)
      .flatMap((later) => later.steps);
    const back = steps.filter(({ set }) => !since.some((later) => later.set === set));
    const unsent = merged(back, state.unsent);
    if (problem.stale && isTicket(problem.current)) {
      const known =
        state.clash?.mine ?? (this.ticket(id) ? keptOf(this.ticket(id) as Ticket) : keptOf(problem.current));
      const mine = fold(known, unsent);
      this.put(id, { ...state, version, unsent, clash: { theirs: problem.current, mine } });
    } else {
      // A session that has ended refuses nothing: what waits goes out when somebody is there again.
      const refused = unsent.length > 0 && problem.status !== 401 ? problem : null;
      this.put(id, { ...state, version, unsent, refused });
    }
  }

  private put(id: string, state: DeskState) {
    if (state.past !== this.state(id).past) this.machine.set(`${PASTS}${id}`, JSON.stringify(state.past), 'tab');
    this.states.set(id, state);
    this.write(id);
    this.tell();
  }

  private tell() {
    for (const tell of this.listeners) tell();
  }

  private write(id: string) {
    const { version, unsent } = this.state(id);
    const runs: Run[] = this.pending(id).map((sent) => ({ version: sent.version, steps: sent.steps }));
    if (unsent.length > 0) runs.push({ version, steps: unsent });
    const name = `${LEFT}${id}.${this.tab.id}`;
    if (runs.length > 0) this.machine.set(name, JSON.stringify(runs));
    else this.machine.remove(name);
  }

  private left(id: string, tab: string): Run[] {
    return listOf(this.machine.get(`${LEFT}${id}.${tab}`)).filter(isRun);
  }

  private pastOf(id: string): Step[][] {
    return listOf(this.machine.get(`${PASTS}${id}`, 'tab')).filter(isSteps);
  }
}

function listOf(written: string | null): unknown[] {
  try {
    const list: unknown = JSON.parse(written ?? '[]');
    return Array.isArray(list) ? list : [];
  } catch {
    return [];
  }
}

function isSent(value: unknown): value is Sent {
  return typeof value === 'object' && value !== null && 'steps' in value && 'version' in value && 'id' in value;
}

function isRun(value: unknown): value is Run {
  return (
    typeof value === 'object' &&
    value !== null &&
    'version' in value &&
    typeof value.version === 'number' &&
    'steps' in value &&
    isSteps(value.steps)
  );
}

function isSteps(value: unknown): value is Step[] {
  return (
    Array.isArray(value) &&
    value.every((s) => typeof s === 'object' && s !== null && typeof s.set === 'string' && 'to' in s)
  );
}

/** Whether a ticket has changes in it already. */
function isMade(ticket: Ticket, steps: readonly Step[]): boolean {
  return toward(keptOf(ticket), fold(keptOf(ticket), steps)).length === 0;
}
