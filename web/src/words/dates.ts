const DAY = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short' });
const SHORT = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long' });

/** Fri 4 Dec */
export function longDay(iso: string): string {
  return DAY.format(new Date(`${iso.slice(0, 10)}T12:00:00`)).replace(',', '');
}

/** 12 September */
export function shortDay(iso: string): string {
  return SHORT.format(new Date(`${iso.slice(0, 10)}T12:00:00`));
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
