/** Letters pressed one after the other, and when the last was, ms. */
export type Letters = { typed: string; at: number };

/** So long after the last letter a new name is begun, ms. */
const PAUSE = 900;

/** One more letter: on with the name that is being typed, or the first of another. */
export const letters = (before: Letters | null, letter: string, at: number): Letters => ({
  typed: before && at - before.at < PAUSE ? before.typed + letter : letter,
  at,
});

/** The first title that begins so, by its index; −1 where none does. */
export const byName = (titles: string[], typed: string): number =>
  titles.findIndex((t) => t.toLowerCase().startsWith(typed.toLowerCase()));
