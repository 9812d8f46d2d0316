import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useMemo, useRef } from 'react';
import type { Draft, Line } from '../api/client';
import { type DraftAsked, draftOf, lineOf, useDraft, useLine, useWholeDraft, workingOf } from '../api/queries';
import { besides } from './besides';

/**
 * What is asked for, as it is drawn and as it can be read: the line first, and all that is to be said of it when it is
 * drawn.
 */
export function useDrawing(asked: DraftAsked | null) {
  const queries = useQueryClient();
  const good = useRef<Draft | null>(null);
  // Where nothing was said yet of this cut and way, its working comes with the line.
  const known = useMemo(() => asked !== null && isOf(good.current, asked), [asked]);
  const alone = useLine(known ? asked : null);
  const working = useDraft(useMemo(() => (asked && !known ? workingOf(asked) : null), [asked, known]));
  const line = known ? alone : working;
  const drawn = line.isSuccess && !line.isPlaceholderData;
  const sound = useRef<Line | null>(null);
  if (drawn) sound.current = line.data;
  // What would mend a fault is looked for where faults are looked at, not with every stroke.
  const whole = useWholeDraft(
    useMemo(() => asked && { ...asked, remedies: false }, [asked]),
    drawn,
  );
  if (whole.data) good.current = whole.data;
  const draft = whole.data ?? good.current;
  const followed = drawn && whole.isSuccess && !whole.isPlaceholderData;
  const fresh = !known && !followed && drawn ? (working.data ?? null) : null;
  const said = useMemo(() => (fresh && draft ? besides(fresh, draft) : (fresh ?? draft)), [fresh, draft]);
  const ahead = useCallback(
    (next: DraftAsked) => {
      if (isOf(good.current, next)) void queries.prefetchQuery(lineOf(next));
      else void queries.prefetchQuery(draftOf(workingOf(next)));
    },
    [queries],
  );
  return {
    draft,
    /** The draft as it is drawn now, while the rest of what it says may be on its way. */
    line: sound.current ?? draft,
    /** Whether that is what is asked for, and not the last that came. */
    drawn: drawn || line.isError,
    /** The draft as it can be read now: with what was last known besides. */
    said,
    error: line.error ?? whole.error,
    /** Asks for what is about to be asked for, so that it is drafted while the page is drawn. */
    ahead,
  };
}

const isOf = (draft: Draft | null, asked: DraftAsked): boolean => draft?.cut === asked.cut && draft.way === asked.way;
