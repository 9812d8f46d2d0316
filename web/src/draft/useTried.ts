import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Draft } from '../api/client';
import { type DraftAsked, draftOf, lineOf } from '../api/queries';

/** An amount in hand that is not set yet: a setting and what it would be, mm. */
type InHand = { key: string; value: number };

/**
 * The draft with an amount in hand, while one is. One redraw is asked for at a time; when it has come, the next is of where the hand is by
 * then, and what it passed through meanwhile is never drawn. Let go, it stays until the ticket's own draft has come.
 */
export function useTried(
  ticket: DraftAsked | null,
  line: Draft,
): {
  draft: Draft | null;
  move: (key: string, value: number) => void;
  drop: () => void;
} {
  const queries = useQueryClient();
  const [draft, setDraft] = useState<Draft | null>(null);
  const asked = useRef(ticket);
  asked.current = ticket;
  const hand = useRef({ held: false, busy: false, next: null as InHand | null });
  const ask = useCallback(
    async ({ key, value }: InHand) => {
      if (!asked.current) return;
      hand.current.busy = true;
      try {
        const would = lineOf({ ...asked.current, settings: { ...asked.current.settings, [key]: value } });
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
  }, [line, ticket]);
  return { draft, move, drop };
}
