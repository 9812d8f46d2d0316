import type { Days } from '../tape/notation';

const LANGUAGE: Record<Days, string> = { day: 'en-GB', month: 'en-US' };

type Writer = Record<Days, Intl.DateTimeFormat>;

// Making a writer takes a hundred times what writing takes.
const writer = (as: Intl.DateTimeFormatOptions): Writer => ({
  day: new Intl.DateTimeFormat(LANGUAGE.day, as),
  month: new Intl.DateTimeFormat(LANGUAGE.month, as),
});
const LONG = writer({ weekday: 'short', day: 'numeric', month: 'short' });
const SHORT = writer({ day: 'numeric', month: 'long' });

const written = (iso: string, days: Days, as: Writer) => as[days].format(new Date(`${iso.slice(0, 10)}T12:00:00`));

/** Fri 4 Dec, or Fri, Dec 4 */
export function longDay(iso: string, days: Days): string {
  const day = written(iso, days, LONG);
  return days === 'day' ? day.replace(',', '') : day;
}

/** 12 September, or September 12 */
export function shortDay(iso: string, days: Days): string {
  return written(iso, days, SHORT);
}

/** Whole days from today to a day; negative when it is past. */
export function daysTo(iso: string): number {
  const midday = (d: Date) => Date.UTC(d.getFullYear(), d.getMonth(), d.getDate());
  return Math.round((midday(new Date(`${iso}T12:00:00`)) - midday(new Date())) / 86_400_000);
}

/** Today as 2026-11-25, in the place where this is read. */
export function today(): string {
  const d = new Date();
  return `${d.getFullYear()}-${String(d.getMonth() + 1).padStart(2, '0')}-${String(d.getDate()).padStart(2, '0')}`;
}
