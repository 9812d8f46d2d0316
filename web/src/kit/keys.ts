import { useEffect } from 'react';

/** Answers single keys pressed anywhere but in a field. */
export function useKeys(keys: Record<string, () => void>) {
  useEffect(() => {
    const press = (e: KeyboardEvent) => {
      if (e.ctrlKey || e.metaKey || e.altKey) return;
      const target = e.target as HTMLElement;
      if (target.closest('input, textarea, select, [contenteditable], [role=dialog], [role=listbox]')) return;
      const act = keys[e.key];
      if (act) {
        e.preventDefault();
        act();
      }
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [keys]);
}
