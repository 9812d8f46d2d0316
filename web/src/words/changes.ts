/** What a remedy or a correction changes, in the bench's words. */
import type { Draft, Remedy, Setting } from '../api/client';

export type Change = { key: string; title: string; from: string; to: string };

/** Each setting that is changed, from what it is in a draft to what it would be. */
export function changesOf(
  remedy: Pick<Remedy, 'settings'> & { givesBack?: string[]; clothWidth?: number | null },
  settings: Setting[],
  draft: Draft,
  write: (mm: number) => string,
): Change[] {
  const changes: Change[] = [];
  const givenBack = (remedy.givesBack ?? []).map((key): [string, null] => [key, null]);
  for (const [key, value] of [...Object.entries(remedy.settings), ...givenBack]) {
    const setting = settings.find((s) => s.key === key);
    const now = draft.settings[key];
    const said = (v: unknown): string =>
      v === null || v === undefined
        ? '–'
        : setting?.kind === 'choice'
          ? (setting.choices.find((c) => c.id === v)?.title ?? String(v)).toLowerCase()
          : setting?.kind === 'ratio'
            ? `${Math.round(Number(v) * 100)} %`
            : write(Number(v));
    const from = said(setting?.kind === 'choice' ? now?.choice : now?.value);
    const to = value === null ? 'by its way' : said(value);
    // What is held as it was worn does not change.
    if (from !== to) changes.push({ key, title: setting?.title ?? key, from, to });
  }
  if (remedy.clothWidth) {
    changes.push({
      key: 'cloth',
      title: 'Cloth width',
      from: write(draft.cloth.width),
      to: write(remedy.clothWidth),
    });
  }
  return changes;
}
