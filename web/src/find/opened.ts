/** What was opened last on this machine, by the hand that is signed in: it is offered before anything is typed. */
import { useEffect } from 'react';
import { type Machine, machine } from '../account/machine';

/** Somewhere to go: what it is called, what it is, and where. */
export type Place = { to: string; title: string; about: string };

const KEY = 'opened';
const KEPT = 6;

type Kept = Pick<Machine, 'get' | 'set'>;

export function opened(kept: Kept = machine): Place[] {
  try {
    const places: unknown = JSON.parse(kept.get(KEY) ?? '[]');
    return Array.isArray(places) ? places.filter(isPlace) : [];
  } catch {
    return [];
  }
}

const isPlace = (it: unknown): it is Place =>
  typeof it === 'object' &&
  it !== null &&
  ['to', 'title', 'about'].every((k) => typeof (it as Place)[k as 'to'] === 'string');

/** Notes that something was opened; the latest first, each once. */
export function note(place: Place, kept: Kept = machine): void {
  const others = opened(kept).filter((p) => p.to !== place.to);
  kept.set(KEY, JSON.stringify([place, ...others].slice(0, KEPT)));
}

/** Forgets what was taken away. */
export function forget(gone: (place: Place) => boolean, kept: Kept = machine): void {
  kept.set(KEY, JSON.stringify(opened(kept).filter((p) => !gone(p))));
}

/** Notes a page that is open, once it is known what it is called. */
export function useOpened(to: string, title: string | undefined, about: string): void {
  useEffect(() => {
    if (title !== undefined) note({ to, title, about });
  }, [to, title, about]);
}
