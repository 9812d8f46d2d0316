import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Draft, Line } from '../api/client';
import { DEBOUNCE_MS, type DraftAsked, draftOf, lineOf, workingOf } from '../api/queries';

/** An amount in hand that is not set yet: a setting and what it would be, mm. */
type InHand = { key: string; value: number };

/**
 * The draft with an amount in hand, while one is. One redraw is asked for at a time; when it has come, the next is of
 * where the hand is by
 * then, and what it passed through meanwhile is never drawn. What can be said of it is asked for when the hand rests.
 * Let go, both stay until
 * the ticket's own draft has come.
 */
export function useTried(
  ticket: DraftAsked | null,
  line: Line,
): {
  /** What is drawn. */
  draft: Line | null;
  /** The last of which all was said. */
  said: Draft | null;
  move: (key: string, value: number) => void;
  drop: () => void;
} {
  const queries = useQueryClient();
  const [draft, setDraft] = useState<Line | null>(null);
  const [said, setSaid] = useState<Draft | null>(null);
  const asked = useRef(ticket);
  asked.current = ticket;
  const hand = useRef({ held: false, busy: false, next: null as InHand | null, rests: undefined as Timer });
  const ask = useCallback(
    async (it: InHand, rests = false) => {
      if (!asked.current) return;
      hand.current.busy = true;
      try {
        const would = { ...asked.current, settings: { ...asked.current.settings, [it.key]: it.value } };
        if (rests) {
          const working = await queries.fetchQuery(draftOf(workingOf(would)));
          if (hand.current.held) setSaid(working);
        } else {
          const drawn = await queries.fetchQuery(lineOf(would));
          if (hand.current.held) setDraft(drawn);
        }
      } catch {
        // What cannot be drafted is said when it is let go; until then the last that could stays.
      }
      hand.current.busy = false;
      const { next } = hand.current;
      hand.current.next = null;
      if (next) ask(next);
      else if (hand.current.held && !rests) hand.current.rests = setTimeout(() => ask(it, true), DEBOUNCE_MS);
    },
    [queries],
  );
  const move = useCallback(
    (key: string, value: number) => {
      clearTimeout(hand.current.rests);
      hand.current.held = true;
      if (hand.current.busy) hand.current.next = { key, value };
      else ask({ key, value });
    },
    [ask],
  );
  const drop = useCallback(() => {
    clearTimeout(hand.current.rests);
    hand.current.held = false;
    hand.current.next = null;
  }, []);
  useEffect(() => drop, [drop]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the ticket's own draft takes over when it comes
  useEffect(() => {
    if (hand.current.held) return;
    setDraft(null);
    setSaid(null);
  }, [line, ticket]);
  return { draft, said, move, drop };
}

type Timer = ReturnType<typeof setTimeout> | undefined;
