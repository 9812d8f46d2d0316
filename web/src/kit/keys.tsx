import { type ReactNode, useEffect } from 'react';
import { HotkeysProvider, useHotkeys, useHotkeysContext } from 'react-hotkeys-hook';

/** Where keys are heard: on any page, on a ticket, or on the pattern at full size, which has all keys to itself. */
export type Scope = 'page' | 'ticket' | 'full size';

const BESIDE = 'input, textarea, select, [contenteditable], [role=dialog], [role=listbox]';

/** Hears keys for everything in it. */
export function KeyScopes({ children }: { children: ReactNode }) {
  return <HotkeysProvider initiallyActiveScopes={['page', 'ticket'] satisfies Scope[]}>{children}</HotkeysProvider>;
}

/** Answers single keys pressed anywhere but in a field. */
export function useKeys(scope: Scope, keys: Record<string, () => void>) {
  useHotkeys(
    Object.keys(keys),
    (e) => keys[e.key]?.(),
    {
      scopes: [scope],
      preventDefault: true,
      // A key is what it writes, wherever it lies on this keyboard.
      useKey: true,
      ignoreModifiers: true,
      // What can be typed into is told below; a choice that is in hand is none of it.
      enableOnFormTags: true,
      ignoreEventWhen: (e) => isCommand(e) || isTypedInto(e.target),
    },
    [keys],
  );
}

/** As long as a part is shown, only the keys of its scope are heard. */
export function useOnlyKeysOf(scope: Scope) {
  const { enableScope, disableScope } = useHotkeysContext();
  useEffect(() => {
    const others = (['page', 'ticket', 'full size'] satisfies Scope[]).filter((s) => s !== scope);
    for (const other of others) disableScope(other);
    enableScope(scope);
    return () => {
      disableScope(scope);
      for (const other of others) enableScope(other);
    };
  }, [scope, enableScope, disableScope]);
}

const isCommand = (e: KeyboardEvent) => (e.ctrlKey || e.metaKey || e.altKey) && !e.getModifierState('AltGraph');

const isTypedInto = (target: EventTarget | null) => target instanceof Element && target.closest(BESIDE) !== null;
