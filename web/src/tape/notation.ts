/** How numbers and days are written, as the person is used to: at first as their browser is, then as they choose. */
import { habits } from '../account/machine';

/** The unit shown: inches in real fractions, or centimetres to the millimetre. */
export type Shown = 'in' | 'cm';
/** What stands between the whole and its tenths. */
export type Mark = ',' | '.';
/** 12 September, or September 12. */
export type Days = 'day' | 'month';

const MARK = 'plumb.mark';
const SHOWN = 'plumb.unit';
const DAYS = 'plumb.days';

/** The mark a language writes. */
export function markOf(language: string): Mark {
  const part = new Intl.NumberFormat(language).formatToParts(1.5).find((p) => p.type === 'decimal');
  return part?.value === ',' ? ',' : '.';
}

/** Whether a language says the day or the month first. */
export function daysOf(language: string): Days {
  const parts = new Intl.DateTimeFormat(language, { month: 'numeric', day: 'numeric' }).formatToParts(0);
  const at = (type: string) => parts.findIndex((p) => p.type === type);
  return at('month') < at('day') ? 'month' : 'day';
}

export function keptMark(storage: Pick<Storage, 'getItem'>, language: string): Mark {
  const kept = storage.getItem(MARK);
  return kept === ',' || kept === '.' ? kept : markOf(language);
}

/** The unit that is shown on this machine; inches until somebody says otherwise. */
export const keptShown = (storage: Pick<Storage, 'getItem'>): Shown => (storage.getItem(SHOWN) === 'cm' ? 'cm' : 'in');
export const keepShown = (storage: Pick<Storage, 'setItem'>, shown: Shown) => storage.setItem(SHOWN, shown);

/** How lengths are shown on this machine now. */
export const shownNotation = (): { shown: Shown; mark: Mark } => ({
  shown: keptShown(habits),
  mark: keptMark(habits, navigator.language),
});

export function keptDays(storage: Pick<Storage, 'getItem'>, language: string): Days {
  const kept = storage.getItem(DAYS);
  return kept === 'day' || kept === 'month' ? kept : daysOf(language);
}

export const keepMark = (storage: Pick<Storage, 'setItem'>, mark: Mark) => storage.setItem(MARK, mark);
export const keepDays = (storage: Pick<Storage, 'setItem'>, days: Days) => storage.setItem(DAYS, days);

/** Words with figures in them, each figure with one's own mark: 0,553 × hip + 3,35 cm. */
export function inMark(words: string, mark: Mark): string {
  return words.replace(/(\d)[.,](?=\d)/g, `$1${mark}`);
}

/** The name a mark has in the address of a printed page. */
export const markName = (mark: Mark) => (mark === ',' ? 'comma' : 'point');
