/** Whether the workroom answers. Anything may ask; what asks is told when it changes. */
import { useSyncExternalStore } from 'react';

let isLost = false;
const listeners = new Set<() => void>();

function set(next: boolean) {
  if (next !== isLost) {
    isLost = next;
    for (const tell of listeners) tell();
  }
}

export const connection = {
  lost: () => set(true),
  found: () => set(false),
};

export function useConnectionLost(): boolean {
  return useSyncExternalStore(
    (tell) => {
      listeners.add(tell);
      return () => listeners.delete(tell);
    },
    () => isLost,
  );
}
