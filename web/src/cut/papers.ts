import { useState } from 'react';
import { habits } from '../account/machine';

/** What a pattern is printed on. */
export const PAPERS = [
  { id: 'a4', title: 'A4' },
  { id: 'letter', title: 'Letter' },
  { id: 'a0', title: 'A0' },
  { id: 'roll', title: 'Roll' },
] as const;

export type Paper = (typeof PAPERS)[number]['id'];

const KEY = 'plumb.paper';

/** The paper that was last printed on, remembered on this machine. */
export function usePaper(): [Paper, (paper: Paper) => void] {
  const [paper, setPaper] = useState<Paper>(() => PAPERS.find((p) => p.id === habits.getItem(KEY))?.id ?? 'a4');
  return [
    paper,
    (chosen) => {
      habits.setItem(KEY, chosen);
      setPaper(chosen);
    },
  ];
}
