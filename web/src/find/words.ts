/** What was typed against what things are called, with the words a bench has for one thing. */

/** Words that mean one thing; whoever types one finds what is called by another. */
const ALIKE: readonly (readonly string[])[] = [
  ['ease', 'let-out', 'let out', 'room'],
  ['hem', 'turn-up', 'turn up', 'cuff'],
  ['crotch strip', 'gusset'],
  ['zip', 'opening', 'closure', 'fly', 'fastening'],
  ['band', 'waistband'],
  ['inseam', 'inside leg', 'inner leg'],
  ['side', 'outseam', 'outside leg'],
  ['rise', 'crotch depth', 'crotch line', 'depth'],
  ['fork', 'crotch extension', 'extension'],
  ['dart', 'tuck'],
  ['slit', 'vent', 'kick'],
  ['armhole', 'armscye', 'scye'],
  ['cloth', 'fabric', 'stretch', 'knit'],
  ['seam allowance', 'allowance', 'turning'],
  ['jumpsuit', 'playsuit', 'overalls', 'all-in-one'],
  ['trousers', 'pants', 'slacks'],
  ['bodysuit', 'leotard', 'swimsuit'],
  ['shorts', 'romper'],
];

const plain = (text: string): string => text.toLowerCase().replace(/[’']/g, '');

/** The typed words, each with those that mean the same; a word is taken as the beginning of one. */
export function meanings(typed: string): string[][] {
  const said = plain(typed).trim();
  if (said === '') return [];
  // Two words that are one thing at the bench are looked up together.
  const whole = ALIKE.filter((group) => group.some((word) => word.includes(' ') && said.includes(word)));
  const rest = whole.reduce(
    (left, group) => group.reduce((text, word) => (word.includes(' ') ? text.replace(word, ' ') : text), left),
    said,
  );
  const single = rest.split(/\s+/).filter((w) => w !== '');
  return [
    ...whole.map((group) => [...group]),
    ...single.map((word) => [
      word,
      ...ALIKE.filter((group) => word.length > 2 && group.some((other) => other.startsWith(word))).flat(),
    ]),
  ];
}

/** Whether everything that was typed is found in a text, by that word or by one that means the same. */
export function says(text: string, means: readonly string[][]): boolean {
  const words = ` ${plain(text)}`;
  return means.every((alike) => alike.some((word) => words.includes(` ${word}`)));
}

/** Whether it is called so by the very words that were typed: such a thing comes first. */
export const named = (text: string, typed: string): boolean => ` ${plain(text)}`.includes(` ${plain(typed).trim()}`);
