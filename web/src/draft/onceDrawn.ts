import { startTransition, useEffect, useState } from 'react';

/** How long what is said waits for the line, ms: a table that is slow to draw still answers what was pressed. */
const PATIENCE = 200;

/**
 * What stands beside the paper, as it is now once the line is out: under the hand the line must not wait for the list.
 */
export function useOnceDrawn<T>(now: T, drawn: boolean): T {
  const [shown, setShown] = useState(now);
  useEffect(() => {
    const show = () => startTransition(() => setShown(() => now));
    if (drawn) return afterTheFrame(show);
    const timer = setTimeout(show, PATIENCE);
    return () => clearTimeout(timer);
  }, [now, drawn]);
  return shown;
}

/** Does something once what was drawn is on the screen; answers what calls it off. */
export function afterTheFrame(then: () => void): () => void {
  let timer: ReturnType<typeof setTimeout>;
  const frame = requestAnimationFrame(() => {
    timer = setTimeout(then);
  });
  return () => {
    cancelAnimationFrame(frame);
    clearTimeout(timer);
  };
}
