import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Draft } from '../api/client';
import { draftOf } from '../api/queries';
import type { TicketWork } from '../tickets/TicketDesk';

/** An amount in hand that is not set yet: a setting and what it would be, mm. */
type InHand = { key: string; value: number };

/**
 * The draft with an amount in hand, while one is. One redraw is asked for at a time; when it has come, the next is of where the hand is by
 * then, and what it passed through meanwhile is never drawn. Let go, it stays until the ticket's own draft has come.
 */
export function useTried(work: Pick<TicketWork, 'asked' | 'draft'>): {
  draft: Draft | null;
  move: (key: string, value: number) => void;
  drop: () => void;
} {
  const queries = useQueryClient();
  const [draft, setDraft] = useState<Draft | null>(null);
  const asked = useRef(work.asked);
  asked.current = work.asked;
  const hand = useRef({ held: false, busy: false, next: null as InHand | null });
  const ask = useCallback(
    async ({ key, value }: InHand) => {
      if (!asked.current) return;
      hand.current.busy = true;
      try {
        // How it is cut, what would mend it, what rests on which guess, and what other ways would give, waits until it is let go.
        const would = {
          ...asked.current,
          settings: { ...asked.current.settings, [key]: value },
          remedies: false,
          guesses: false,
          rivals: false,
          pieces: 'sewn',
        };
        const drawn = await queries.fetchQuery(draftOf(would));
        if (hand.current.held) setDraft(drawn);
      } catch {
        // What cannot be drafted is said when it is let go; until then the last that could stays.
      }
      hand.current.busy = false;
      const { next } = hand.current;
      hand.current.next = null;
      if (next) ask(next);
    },
    [queries],
  );
  const move = useCallback(
    (key: string, value: number) => {
      hand.current.held = true;
      if (hand.current.busy) hand.current.next = { key, value };
      else ask({ key, value });
    },
    [ask],
  );
  const drop = useCallback(() => {
    hand.current.held = false;
    hand.current.next = null;
  }, []);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the ticket's own draft takes over when it comes
  useEffect(() => {
    if (!hand.current.held) setDraft(null);
  }, [work.draft, work.asked]);
  return { draft, move, drop };
}
