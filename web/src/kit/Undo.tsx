import { createContext, type ReactNode, useCallback, useContext, useEffect, useRef, useState } from 'react';

type Pending = { text: string; act: () => void; undo: () => void };

const Context = createContext<((pending: Pending) => void) | null>(null);
const SECONDS = 8;

/** Destructive acts wait a few seconds, with a way back, before they are done. */
export function UndoProvider({ children }: { children: ReactNode }) {
  const [pending, setPending] = useState<Pending | null>(null);
  const held = useRef<Pending | null>(null);

  const finish = useCallback(() => {
    held.current?.act();
    held.current = null;
    setPending(null);
  }, []);

  const later = useCallback(
    (next: Pending) => {
      finish();
      held.current = next;
      setPending(next);
    },
    [finish],
  );

  useEffect(() => {
    if (!pending) return;
    const timer = setTimeout(finish, SECONDS * 1000);
    window.addEventListener('pagehide', finish);
    return () => {
      clearTimeout(timer);
      window.removeEventListener('pagehide', finish);
    };
  }, [pending, finish]);

  return (
    <Context.Provider value={later}>
      {children}
      {pending && (
        <div
          role="status"
          className="fixed bottom-6 left-1/2 z-50 flex -translate-x-1/2 items-center gap-4 rounded-card bg-ink py-2 pr-2 pl-5 text-card shadow-card"
        >
          {pending.text}
          <button
            type="button"
            className="min-h-11 rounded-field bg-tape px-4 font-semibold text-ink"
            onClick={() => {
              held.current?.undo();
              held.current = null;
              setPending(null);
            }}
          >
            Undo
          </button>
        </div>
      )}
    </Context.Provider>
  );
}

/** Does something in a few seconds unless it is undone. */
export function useUndoable() {
  const later = useContext(Context);
  if (!later) throw new Error('No undo above here');
  return later;
}
