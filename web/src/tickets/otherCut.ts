import type { Cut, Way } from '../api/client';
import { waysOf } from '../words/ways';
import type { Kept, Step } from './changes';

/**
 * What changes with the cut: amounts the other cut does not know go, its own way comes where this one is not among its
 * ways, and it is made
 * with what its own recipe has.
 */
export function cutSteps(kept: Kept, to: Cut, ways: Way[]): Step[] {
  const known = new Set(to.settings.map((s) => s.key));
  const goes = Object.keys(kept.settings)
    .filter((key) => !known.has(key))
    .map((key) => ({ set: `settings.${key}`, to: null }));
  const hasWay = waysOf(to, ways).some((w) => w.id === kept.way);
  return [{ set: 'cut', to: to.id }, ...(hasWay ? [] : [{ set: 'way', to: to.way }]), ...goes, ...asTheRecipe(kept)];
}

/** What takes back all that a hand added to the recipe or took off it. */
export const asTheRecipe = (kept: Pick<Kept, 'with' | 'without'>): Step[] =>
  [...kept.with, ...kept.without].map((made) => ({ set: `made.${made}`, to: null }));
