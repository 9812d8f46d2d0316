/** Inches said in words, in centimetres: reasons and remedies are written at an inch bench and read at either. */
import type { Mark } from './notation';
import { INCH } from './reader';
import { writeLength } from './writer';

const COUNT = [
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
  'thirteen',
  'fourteen',
  'fifteen',
  'sixteen',
  'seventeen',
  'eighteen',
  'nineteen',
  'twenty',
  'forty',
];
const VALUE: Record<string, number> = { a: 1, an: 1 };
for (const [i, word] of COUNT.entries()) VALUE[word] = word === 'forty' ? 40 : i + 1;
const SHARE: Record<string, number> = {
  half: 0.5,
  'a half': 0.5,
  quarter: 0.25,
  'a quarter': 0.25,
  'three quarters': 0.75,
  'an eighth': 0.125,
  eighth: 0.125,
};
const FRACTION: Record<string, number> = {
  '⅛': 0.125,
  '¼': 0.25,
  '⅜': 0.375,
  '½': 0.5,
  '⅝': 0.625,
  '¾': 0.75,
  '⅞': 0.875,
};

const NUM = `(?:${['an', 'a', ...COUNT].join('|')})`;
const PART = '(?:three quarters|a quarter|a half|an eighth|half|quarter|eighth)';
const FIGURE = '(?:\\d+[⅛¼⅜½⅝¾⅞]?|[⅛¼⅜½⅝¾⅞])';

const figure = (text: string): number => {
  const whole = Number.parseInt(text, 10);
  return (Number.isNaN(whole) ? 0 : whole) + (FRACTION[text.at(-1) ?? ''] ?? 0);
};
const counted = (text: string): number => VALUE[text.toLowerCase()] ?? 0;
const shared = (text: string): number => SHARE[text.toLowerCase()] ?? 0;

/** A text with its inches as centimetres; what is told in both is told in centimetres alone. */
export function inCentimetres(text: string, mark: Mark): string {
  const cm = (inches: number) => writeLength(inches * INCH, { shown: 'cm', mark });
  const said = (inches: number) => `${cm(inches)} cm`;
  const whole = (pattern: string) => new RegExp(`\\b${pattern}\\b`, 'gi');
  return text
    .replace(new RegExp(`${FIGURE} in \\(([^)]*[cm]m)\\)`, 'g'), '$1')
    .replace(
      new RegExp(`(${FIGURE}) (to|or) (${FIGURE}) in\\b(?! \\()`, 'g'),
      (_, a, to, b) => `${cm(figure(a))} ${to} ${said(figure(b))}`,
    )
    .replace(new RegExp(`(${FIGURE}) in\\b(?= [a-z]|[.,;:)]|$)`, 'g'), (_, a) => said(figure(a)))
    .replace(whole(`(${NUM}) inch(?:es)? and (${PART})`), (_, n, part) => said(counted(n) + shared(part)))
    .replace(whole(`(${NUM}) and (${PART}) inches`), (_, n, part) => said(counted(n) + shared(part)))
    .replace(whole(`(${NUM}) to (${NUM}) inches`), (_, a, b) => `${cm(counted(a))} to ${said(counted(b))}`)
    .replace(whole(`(${PART}) (?:of )?an inch`), (_, part) => said(shared(part)))
    .replace(whole(`(${PART})[ -]inch`), (_, part) => said(shared(part)))
    .replace(whole(`(${NUM})[ -]inch(?:es)?`), (_, n) => said(counted(n)));
}
