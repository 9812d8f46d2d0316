/** Where one can go from here: what is on the ticket that is open, and the cuts of the book. */
import type { Cut, Draft } from '../api/client';
import type { Place } from './opened';

/** Everything on an open ticket that has a name: its amounts, its steps, its plumb lines, what it is made with. */
export function onTicket(ticket: string, cut: Cut, draft: Draft): Place[] {
  const at = `/tickets/${ticket}`;
  return [
    ...cut.settings
      .filter((s) => draft.settings[s.key]?.applies)
      .map((s) => ({ to: `${at}/draft#set-${s.key}`, title: s.title, about: 'amount' })),
    ...draft.made.map((m) => ({
      to: `${at}/draft#made-with`,
      title: m.title,
      about: m.done ? 'made with it' : 'can be made with it',
    })),
    ...draft.checks.map((c) => ({ to: `${at}/true?check=${c.id}`, title: c.title, about: 'plumb line' })),
    ...draft.steps.map((s) => ({ to: `${at}/draft?step=${s.id}`, title: s.title, about: 'step of the working' })),
  ];
}

/** The cuts, each opened in the book. */
export const inBook = (cuts: readonly Cut[]): Place[] =>
  cuts.map((c) => ({ to: `/new?cut=${c.id}`, title: c.title, about: 'cut book' }));
