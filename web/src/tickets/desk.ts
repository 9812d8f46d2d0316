/**
 * The ticket at work. Changes wait here for a moment, then go as one into the query library's queue: one after the other for each ticket,
 * paused while there is no connection. Until the workroom has them they are written down on this machine, here and nowhere else: a second copy
 * would be older for a moment. Every station looks at the same desk.
 */
import { MutationObserver, onlineManager, type QueryClient } from '@tanstack/react-query';
import { answered, api, Problem, type Ticket } from '../api/client';
import { keys, ticketQuery } from '../api/queries';
import { fold, inverse, isTicket, type Kept, keptOf, merged, type Place, type Step, toward, valueAt } from './changes';

/** Changes that go together, and the version of the ticket they were made on. */
type Run = { version: number; steps: Step[] };

/** What is sent. */
export type Sent = Run & { id: string };

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

const LEFT = 'plumb.unsaved.';
const kept = (id: string) => `${LEFT}${id}`;
const queue = (id: string) => ['ticket', id, 'change'] as const;

export class Desk {
  private readonly states = new Map<string, DeskState>();
  private readonly timers = new Map<string, ReturnType<typeof setTimeout>>();
  private readonly listeners = new Set<() => void>();
  /** Versions that went up by our own hand: what was made on the first is made on the second. */
  private readonly ours = new Map<string, number>();
  private lastTouch = { place: '', at: 0 };

  constructor(
    private readonly queries: QueryClient,
    private readonly storage: Pick<Storage, 'getItem' | 'setItem' | 'removeItem'> = localStorage,
    private readonly now: () => number = Date.now,
  ) {
    queries.setMutationDefaults(['ticket'], {
      mutationFn: (sent: Sent) => this.send(sent),
      onSuccess: (saved: Ticket) => this.saved(saved),
      onError: (error: Error, sent: Sent) => this.bounced(sent, error),
      retry: (_, error) => error instanceof Problem && error.lost,
      retryDelay: 1000,
    });
    // What is on its way is written down here until it has arrived, so that no moment is without a copy of it.
    queries.getMutationCache().subscribe(({ mutation }) => {
      const [what, id] = mutation?.options.mutationKey ?? [];
      if (what === 'ticket' && typeof id === 'string') this.write(id);
    });
  }

  /** Goes on with whatever was left on this machine, of whichever ticket. */
  resume() {
    for (const key of Object.keys(this.storage)) if (key.startsWith(LEFT)) this.open(key.slice(LEFT.length));
  }

  readonly subscribe = (tell: () => void): (() => void) => {
    this.listeners.add(tell);
    return () => this.listeners.delete(tell);
  };

  readonly state = (id: string): DeskState => this.states.get(id) ?? EMPTY;

  /** Lays a ticket on the desk, with what was left on this machine the last time. */
  open(id: string) {
    if (this.states.has(id)) return;
    const left = this.left(id);
    if (left.length === 0) return;
    // Run by run, as it was sent: what did arrive, and was not answered before the page was left, is known again by what it says.
    for (const run of left) this.submit({ id, ...run });
    this.put(id, EMPTY);
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
    }).mutate(sent);
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
    return all.map((m) => m.state.variables).filter(isSent);
  }

  private soon(id: string, pause: number) {
    clearTimeout(this.timers.get(id));
    this.timers.set(
      id,
      setTimeout(() => this.flush(id), pause),
    );
  }

  private async send({ id, version, steps }: Sent): Promise<Ticket> {
    const now = await this.queries.ensureQueryData(ticketQuery(id));
    const on = this.latest(id, version);
    const { promised, ...rest } = fold(keptOf(now), steps);
    try {
      return await answered(
        api.PUT('/api/tickets/{id}', {
          params: { path: { id } },
          body: { ...rest, promised: promised ?? undefined, version: on },
        }),
      );
    } catch (e) {
      // Sent before, and the answer was lost on the way: it is there already.
      if (e instanceof Problem && e.stale && isTicket(e.current) && isMade(e.current, steps)) {
        this.follow(id, on, e.current.version);
        return e.current;
      }
      throw e;
    }
  }

  private latest(id: string, version: number): number {
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
      this.put(id, { ...state, version, unsent, refused: unsent.length > 0 ? problem : null });
    }
  }

  private put(id: string, state: DeskState) {
    this.states.set(id, state);
    this.write(id);
    for (const tell of this.listeners) tell();
  }

  private write(id: string) {
    const { version, unsent } = this.state(id);
    const runs: Run[] = this.pending(id).map((sent) => ({ version: sent.version, steps: sent.steps }));
    if (unsent.length > 0) runs.push({ version, steps: unsent });
    if (runs.length > 0) this.storage.setItem(kept(id), JSON.stringify(runs));
    else this.storage.removeItem(kept(id));
  }

  private left(id: string): Run[] {
    try {
      const left: unknown = JSON.parse(this.storage.getItem(kept(id)) ?? '[]');
      return Array.isArray(left) ? left.filter(isRun) : [];
    } catch {
      return [];
    }
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
    Array.isArray(value.steps) &&
    value.steps.every((s) => typeof s === 'object' && s !== null && typeof s.set === 'string' && 'to' in s)
  );
}

/** Whether a ticket has changes in it already. */
function isMade(ticket: Ticket, steps: readonly Step[]): boolean {
  return toward(keptOf(ticket), fold(keptOf(ticket), steps)).length === 0;
}
