/**
 * What this machine keeps for whoever is signed in. Each name is kept under its account, so that nobody finds what
 * another left. A browser that keeps nothing, or has no room left, does no harm: the page goes on and says so.
 */
import { useSyncExternalStore } from 'react';

/** The part of a browser's storage that is used. */
export type Store = Pick<Storage, 'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'>;

const PREFIX = 'plumb.of.';
/** Kept before accounts had a place of their own each. */
const BEFORE = /^plumb\.(sheet\.|unsaved\.|queue$|opened$)/;

export class Machine {
  private account: string | null = null;
  private failed = false;
  private readonly leavers = new Set<() => void>();
  private readonly listeners = new Set<() => void>();

  /** @param stores where things are kept: for good, and for the time of a tab */
  constructor(private readonly stores: { good: () => Store; tab: () => Store }) {}

  readonly subscribe = (tell: () => void): (() => void) => {
    this.listeners.add(tell);
    return () => this.listeners.delete(tell);
  };

  /** Whether something could not be kept. */
  readonly keepsNothing = (): boolean => this.failed;

  /** Does something whenever another account comes, or this one goes: what is held of hers in memory goes with her. */
  whenLeft(leave: () => void): () => void {
    this.leavers.add(leave);
    return () => this.leavers.delete(leave);
  }

  /** Who is signed in; null where nobody is. */
  whose(): string | null {
    return this.account;
  }

  /**
   * Whose things are kept from now on; what was kept of all others goes. Nobody leaves all as it is, since the same
   * hand may come back.
   */
  belongTo(account: string | null) {
    const left = this.account !== account;
    this.account = account;
    if (left) for (const leave of this.leavers) leave();
    if (account === null) return;
    for (const where of ['good', 'tab'] as const) {
      for (const key of this.all(where)) {
        const others = key.startsWith(PREFIX) && !key.startsWith(`${PREFIX}${account}.`);
        if (others || BEFORE.test(key)) this.drop(where, key);
      }
    }
  }

  /**
   * Forgets all that is kept of everybody who was signed in; nobody is from now on, so that nothing is written down
   * on the way out.
   */
  forget() {
    this.belongTo(null);
    for (const where of ['good', 'tab'] as const) {
      for (const key of this.all(where)) if (key.startsWith(PREFIX) || BEFORE.test(key)) this.drop(where, key);
    }
  }

  get(name: string, where: 'good' | 'tab' = 'good'): string | null {
    if (this.account === null) return null;
    try {
      return this.stores[where]().getItem(this.key(name));
    } catch {
      this.fail(true);
      return null;
    }
  }

  set(name: string, value: string, where: 'good' | 'tab' = 'good') {
    if (this.account === null) return;
    try {
      this.stores[where]().setItem(this.key(name), value);
      this.fail(false);
    } catch {
      this.fail(true);
    }
  }

  remove(name: string, where: 'good' | 'tab' = 'good') {
    if (this.account !== null) this.drop(where, this.key(name));
  }

  /** The names that are kept for good and begin so. */
  names(beginning: string): string[] {
    const start = this.key(beginning);
    const skip = this.key('').length;
    return this.account === null ? [] : this.all('good').flatMap((k) => (k.startsWith(start) ? [k.slice(skip)] : []));
  }

  private key(name: string): string {
    return `${PREFIX}${this.account}.${name}`;
  }

  private all(where: 'good' | 'tab'): string[] {
    try {
      const store = this.stores[where]();
      return Array.from({ length: store.length }, (_, i) => store.key(i) ?? '');
    } catch {
      this.fail(true);
      return [];
    }
  }

  private drop(where: 'good' | 'tab', key: string) {
    try {
      this.stores[where]().removeItem(key);
    } catch {
      this.fail(true);
    }
  }

  private fail(failed: boolean) {
    if (this.failed === failed) return;
    this.failed = failed;
    for (const tell of this.listeners) tell();
  }
}

export const machine = new Machine({ good: () => localStorage, tab: () => sessionStorage });

export const useKeepsNothing = (): boolean => useSyncExternalStore(machine.subscribe, machine.keepsNothing);

/**
 * What one likes on this machine, whoever it is: units, paper. Where nothing is kept it holds for the time of the
 * page.
 */
export const habits: Pick<Storage, 'getItem' | 'setItem'> = {
  getItem: (key) => {
    try {
      return localStorage.getItem(key);
    } catch {
      return null;
    }
  },
  setItem: (key, value) => {
    try {
      localStorage.setItem(key, value);
    } catch {
      // It is a habit, and nothing that was typed.
    }
  },
};
