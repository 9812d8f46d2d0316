import { markName } from '../tape/notation';
import type { useUnit } from '../tape/unit';

/** The address of one of a ticket's files, written in the unit and with the marks that are shown. */
export function fileOf(
  ticket: string,
  file: string,
  unit: Pick<ReturnType<typeof useUnit>, 'shown' | 'mark' | 'days'>,
  more: Record<string, string> = {},
): string {
  const asked = new URLSearchParams({ ...more, unit: unit.shown, mark: markName(unit.mark), days: unit.days });
  return `/api/tickets/${ticket}/${file}?${asked}`;
}
