import { useQueryClient } from '@tanstack/react-query';
import { createContext, type ReactNode, useContext, useMemo, useState } from 'react';
import { habits } from '../account/machine';
import { longDay, shortDay } from '../words/dates';
import {
  type Days,
  inMark,
  keepDays,
  keepMark,
  keepShown,
  keptDays,
  keptMark,
  keptShown,
  type Mark,
  type Shown,
} from './notation';
import { type Notation, writeLength, writeNumber, writeWithUnit } from './writer';

type UnitContext = Notation & {
  days: Days;
  setShown: (shown: Shown) => void;
  setMark: (mark: Mark) => void;
  setDays: (days: Days) => void;
  toggle: () => void;
  write: (mm: number) => string;
  writeUnit: (mm: number) => string;
  number: (value: number) => string;
  /** Words from the workroom, their figures in one's own mark. */
  words: (text: string) => string;
  longDay: (iso: string) => string;
  shortDay: (iso: string) => string;
};

const Context = createContext<UnitContext | null>(null);

export function UnitProvider({ children }: { children: ReactNode }) {
  const [shown, setUnit] = useState<Shown>(() => keptShown(habits));
  const [mark, setMark] = useState<Mark>(() => keptMark(habits, navigator.language));
  const [days, setDays] = useState<Days>(() => keptDays(habits, navigator.language));
  const queries = useQueryClient();
  const value = useMemo<UnitContext>(() => {
    const setShown = (next: Shown) => {
      keepShown(habits, next);
      setUnit(next);
      // Sentences are written where they are kept, in the unit that is asked for.
      void queries.invalidateQueries();
    };
    const notation = { shown, mark };
    return {
      ...notation,
      days,
      setShown,
      setMark: (next) => {
        keepMark(habits, next);
        setMark(next);
      },
      setDays: (next) => {
        keepDays(habits, next);
        setDays(next);
      },
      toggle: () => setShown(shown === 'in' ? 'cm' : 'in'),
      write: (mm) => writeLength(mm, notation),
      writeUnit: (mm) => writeWithUnit(mm, notation),
      number: (n) => writeNumber(n, notation),
      words: (text) => inMark(text, mark),
      longDay: (iso) => longDay(iso, days),
      shortDay: (iso) => shortDay(iso, days),
    };
  }, [queries, shown, mark, days]);
  return <Context.Provider value={value}>{children}</Context.Provider>;
}

/** The unit everything is shown in, and how lengths, numbers and days are written. */
export function useUnit(): UnitContext {
  const unit = useContext(Context);
  if (!unit) throw new Error('No unit above here');
  return unit;
}
