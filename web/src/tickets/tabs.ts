/**
 * The pages of one browser that are open on the workroom: what a closed one left is taken up by another, what an open
 * one holds is not.
 */

/** This page among the others. */
export type Tab = {
  /** Its own name, new with every load. */
  id: string;
  /** Its name before it was loaded again; null where it was opened anew. */
  before: string | null;
  /** The names of all others that are open. */
  others: () => Promise<ReadonlySet<string>>;
};

/** How long others are waited for, ms. */
const ANSWERS = 250;
const LAST = 'plumb.tab';

type Message = { ask: true } | { here: string };

export function thisTab(): Tab {
  const id = Math.random().toString(36).slice(2, 12);
  let before: string | null = null;
  try {
    before = sessionStorage.getItem(LAST);
    sessionStorage.setItem(LAST, id);
  } catch {
    // Nothing is kept on this machine, so nothing was left.
  }
  if (typeof BroadcastChannel === 'undefined') return { id, before, others: async () => new Set() };
  const channel = new BroadcastChannel('plumb.tabs');
  const heard = new Set<string>();
  channel.addEventListener('message', ({ data }: MessageEvent<Message>) => {
    if ('ask' in data) channel.postMessage({ here: id } satisfies Message);
    else heard.add(data.here);
  });
  const others = async () => {
    heard.clear();
    channel.postMessage({ ask: true } satisfies Message);
    await new Promise((done) => setTimeout(done, ANSWERS));
    return new Set(heard);
  };
  return { id, before, others };
}
