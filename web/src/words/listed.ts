const LIST = new Intl.ListFormat('en-GB', { type: 'conjunction' });

/** Names one after the other, the last with "and". */
export const listed = (names: readonly string[]): string => LIST.format(names);
