import { Toast } from 'radix-ui';
import { createContext, type ReactNode, useCallback, useContext, useEffect, useRef, useState } from 'react';
import { machine } from '../account/machine';

/**
 * What has just been done, with a way back.
 *
 * @param act what is done for good once the time for second thoughts is over; missing where it is done already
 */
type Done = { text: string; undo: () => void; act?: () => void };

const Context = createContext<((done: Done) => void) | null>(null);
const SECONDS = 8;

/**
 * Every act that takes something away waits a few seconds before it is for good; every other can be taken back as
 * long.
 */
export function UndoProvider({ children }: { children: ReactNode }) {
  const [shown, setShown] = useState<(Done & { id: number }) | null>(null);
  const held = useRef<Done | null>(null);
  const count = useRef(0);

  const finish = useCallback(() => {
    held.current?.act?.();
    held.current = null;
    setShown(null);
  }, []);

  const done = useCallback(
    (next: Done) => {
      finish();
      held.current = next;
      count.current += 1;
      setShown({ ...next, id: count.current });
    },
    [finish],
  );

  // Whoever comes next is not told what another has done.
  useEffect(
    () =>
      machine.whenLeft(() => {
        held.current = null;
        setShown(null);
      }),
    [],
  );

  useEffect(() => {
    window.addEventListener('pagehide', finish);
    return () => window.removeEventListener('pagehide', finish);
  }, [finish]);

  const back = () => {
    held.current?.undo();
    held.current = null;
    setShown(null);
  };

  return (
    <Context.Provider value={done}>
      <Toast.Provider duration={SECONDS * 1000} label="Just done" swipeDirection="down">
        {children}
        {shown && (
          <Toast.Root
            key={shown.id}
            open
            onOpenChange={(open) => !open && finish()}
            className="flex items-center gap-4 rounded-card bg-ink py-2 pr-2 pl-5 text-card shadow-card"
          >
            <Toast.Description>{shown.text}</Toast.Description>
            <Toast.Action asChild altText="Undo">
              <button
                type="button"
                className="min-h-11 rounded-field bg-tape px-4 font-semibold text-ink"
                onClick={(e) => {
                  e.preventDefault();
                  back();
                }}
              >
                Undo
              </button>
            </Toast.Action>
          </Toast.Root>
        )}
        <Toast.Viewport
          label="What was just done ({hotkey})"
          className="fixed bottom-6 left-1/2 z-50 flex -translate-x-1/2 flex-col outline-none"
        />
      </Toast.Provider>
    </Context.Provider>
  );
}

/** Says what was done, and undoes it when asked. */
export function useUndoable() {
  const done = useContext(Context);
  if (!done) throw new Error('No undo above here');
  return done;
}
