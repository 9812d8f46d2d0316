import { memo, useEffect, useRef, useState } from 'react';
import type { Line } from '../api/client';
import type { View } from './geometry';
import type { Table } from './layout';
import { Ghost } from './PanelLines';

type Props = { draft: Line; place: Table['place']; view: View; width: number; height: number };

/** A hand that changes nothing for so long rests, ms. */
const REST = 400;
/** How long it takes to fade, ms; the style sheet has a little less. */
const FADE = 1300;

/**
 * The whole draft as it was before the hand went to work, in pencil; when the hand rests, it fades. It has a sheet of
 * its own under the
 * paper's: what fades there must not have every line above it painted anew with each frame.
 */
export const BeforeChange = memo(function BeforeChange({ draft, place, view, width, height }: Props) {
  const last = useRef(draft);
  const [before, setBefore] = useState<{ draft: Line; fades: boolean } | null>(null);
  useEffect(() => {
    if (last.current === draft) return;
    const old = last.current;
    last.current = draft;
    setBefore((b) => (b && !b.fades ? b : { draft: old, fades: false }));
    let timer = setTimeout(() => {
      setBefore((b) => b && { ...b, fades: true });
      timer = setTimeout(() => setBefore(null), FADE);
    }, REST);
    return () => clearTimeout(timer);
  }, [draft]);
  return (
    before && (
      <svg
        width={width}
        height={height}
        aria-hidden="true"
        data-testid="before-change"
        className={`pointer-events-none absolute inset-0 ${before.fades ? 'ghost-away' : 'opacity-75'}`}
      >
        <Ghost draft={before.draft} on={draft} table={{ place }} view={view} />
      </svg>
    )
  );
});
