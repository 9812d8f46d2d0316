import type { Cut, Way } from '../api/client';

/** The ways a cut can be drafted in: those of its part, and its recipe's own. */
export function waysOf(cut: Cut | undefined, ways: Way[] | undefined): Way[] {
  if (!cut || !ways) return [];
  return ways.filter(
    (w) => cut.ways.includes(w.id) && cut.parts.includes(w.part) && (w.cut === null || w.cut === cut.id),
  );
}
