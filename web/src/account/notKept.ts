/** What the workroom does not have: what it is of, what it says, and why it was not kept. */
export type NotKept = { title: string; lines: string[]; why?: string };

/** All of it as plain text, to be read again later. */
export function written(all: readonly NotKept[]): string {
  return all.map(({ title, lines, why }) => [why ? `${title} (${why})` : title, ...lines].join('\n  ')).join('\n\n');
}
