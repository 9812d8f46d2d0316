/**
 * Whether the workroom answers. The query library's own watch is told: while it is lost, what is asked and what is
 * saved waits, and goes
 * on by itself when an answer comes again.
 */
import { onlineManager } from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';

const AGAIN = 2_000;
let watching: ReturnType<typeof setTimeout> | undefined;

async function answers(): Promise<boolean> {
  try {
    return (await fetch('/actuator/health', { cache: 'no-store' })).ok;
  } catch {
    return false;
  }
}

function watch() {
  watching = setTimeout(async () => {
    if (await answers()) {
      watching = undefined;
      onlineManager.setOnline(true);
    } else {
      watch();
    }
  }, AGAIN);
}

export const connection = {
  /** A request got no answer: from now on it is looked for every two seconds. */
  lost() {
    onlineManager.setOnline(false);
    if (watching === undefined) watch();
  },
  found() {
    clearTimeout(watching);
    watching = undefined;
    onlineManager.setOnline(true);
  },
};

export function useConnectionLost(): boolean {
  return useSyncExternalStore(
    (tell) => onlineManager.subscribe(tell),
    () => !onlineManager.isOnline(),
  );
}
