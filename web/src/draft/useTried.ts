import { useEffect, useState } from 'react';
import type { Draft } from '../api/client';
import { useDraft } from '../api/queries';
import type { TicketWork } from '../tickets/TicketDesk';

/** An amount in hand that is not set yet: a setting and what it would be, mm. */
export type InHand = { key: string; value: number };

/**
 * The draft with the amount in hand, while one is. One redraw is asked for at a time; when it has come, the next is of where the hand is by
 * then, and what it passed through meanwhile is never drawn.
 */
export function useTried(work: Pick<TicketWork, 'asked'>, hand: InHand | null): Draft | null {
  const [sent, setSent] = useState<InHand | null>(null);
  const asked =
    sent && work.asked
      ? { ...work.asked, settings: { ...work.asked.settings, [sent.key]: sent.value }, remedies: false }
      : null;
  const tried = useDraft(asked);
  const busy = tried.isFetching;
  useEffect(() => {
    if (hand === null) setSent(null);
    else if (!busy) setSent(hand);
  }, [hand, busy]);
  return hand && sent ? (tried.data ?? null) : null;
}
