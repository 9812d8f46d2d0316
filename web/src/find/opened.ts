/** What was opened last on this machine, by the hand that is signed in: it is offered before anything is typed. */
import { useEffect } from 'react';

/** Somewhere to go: what it is called, what it is, and where. */
export type Place = { to: string; title: string; about: string };

const KEY = 'plumb.opened';
const KEPT = 6;

export function opened(storage: Storage = localStorage): Place[] {
  try {
    const kept: unknown = JSON.parse(storage.getItem(KEY) ?? '[]');
    return Array.isArray(kept) ? kept.filter(isPlace) : [];
  } catch {
    return [];
  }
}

const isPlace = (it: unknown): it is Place =>
  typeof it === 'object' &&
  it !== null &&
  ['to', 'title', 'about'].every((k) => typeof (it as Place)[k as 'to'] === 'string');

/** Notes that something was opened; the latest first, each once. */
export function note(place: Place, storage: Storage = localStorage): void {
  const others = opened(storage).filter((p) => p.to !== place.to);
  try {
    storage.setItem(KEY, JSON.stringify([place, ...others].slice(0, KEPT)));
  } catch {
    // A full store forgets where one was, and nothing else.
  }
}

/** Forgets what was taken away. */
export function forget(gone: (place: Place) => boolean, storage: Storage = localStorage): void {
  storage.setItem(KEY, JSON.stringify(opened(storage).filter((p) => !gone(p))));
}

/** Notes a page that is open, once it is known what it is called. */
export function useOpened(to: string, title: string | undefined, about: string): void {
  useEffect(() => {
    if (title !== undefined) note({ to, title, about });
  }, [to, title, about]);
}
