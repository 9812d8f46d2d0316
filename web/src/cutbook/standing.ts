/** How a cut of the book stands on somebody, in a few words. */
import type { Measure, Views } from '../api/client';

export type Page = Views['CutBookView'];

/** What a card says beneath its cut, and how that is to be taken. */
export type Standing = { verdict: 'true' | 'watch' | 'off' | 'not-taken'; says: string };

/** Off before missing before guessed before watch: the first that holds is said. */
export function standing(page: Page, measures: readonly Measure[]): Standing {
  const title = (key: string) => measures.find((m) => m.key === key)?.title.toLowerCase() ?? key;
  if (page.refused !== null) return { verdict: 'off', says: 'not on this body' };
  if (page.missing.length > 0) return { verdict: 'not-taken', says: `needs ${page.missing.map(title).join(', ')}` };
  if (!page.hers) return { verdict: 'not-taken', says: 'on a usual body' };
  const off = page.leans.filter((l) => l.verdict === 'off');
  if (off.length > 0) return { verdict: 'off', says: leaning(off) };
  const watch = page.leans.filter((l) => l.verdict === 'watch');
  if (watch.length > 0) return { verdict: 'watch', says: leaning(watch) };
  return { verdict: 'true', says: 'hangs straight' };
}

const leaning = (lines: Page['leans']): string =>
  `${lines
    .slice(0, 2)
    .map((l) => l.title.toLowerCase())
    .join(', ')}${lines.length > 2 ? ` and ${lines.length - 2} more` : ''}`;
