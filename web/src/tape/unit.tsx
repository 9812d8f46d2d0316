import { createContext, type ReactNode, useContext, useMemo, useState } from 'react';
import { type Shown, writeLength, writeWithUnit } from './writer';

type UnitContext = {
  shown: Shown;
  setShown: (shown: Shown) => void;
  toggle: () => void;
  write: (mm: number) => string;
  writeUnit: (mm: number) => string;
};

const Context = createContext<UnitContext | null>(null);
const KEY = 'plumb.unit';

export function UnitProvider({ children }: { children: ReactNode }) {
  const [shown, set] = useState<Shown>(() => (localStorage.getItem(KEY) === 'cm' ? 'cm' : 'in'));
  const value = useMemo<UnitContext>(() => {
    const setShown = (next: Shown) => {
      localStorage.setItem(KEY, next);
      set(next);
    };
    return {
      shown,
      setShown,
      toggle: () => setShown(shown === 'in' ? 'cm' : 'in'),
      write: (mm) => writeLength(mm, shown),
      writeUnit: (mm) => writeWithUnit(mm, shown),
    };
  }, [shown]);
  return <Context.Provider value={value}>{children}</Context.Provider>;
}

/** The unit everything is shown in, and how to write a length in it. */
export function useUnit(): UnitContext {
  const unit = useContext(Context);
  if (!unit) throw new Error('No unit above here');
  return unit;
}
