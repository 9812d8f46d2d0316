import { memo, useEffect, useRef, useState } from 'react';
import type { Draft } from '../api/client';
import type { View } from './geometry';
import type { Table } from './layout';
import { Ghost } from './PanelLines';

type Props = { draft: Draft; place: Table['place']; view: View; width: number; height: number };

/**
 * The whole draft as it was before the last change, in pencil, for a moment. It has a sheet of its own under the paper's: what fades there
 * must not have every line above it painted anew with each frame.
 */
export const BeforeChange = memo(function BeforeChange({ draft, place, view, width, height }: Props) {
  const last = useRef(draft);
  const [before, setBefore] = useState<{ draft: Draft; key: number } | null>(null);
  useEffect(() => {
    if (last.current === draft) return;
    const old = last.current;
    last.current = draft;
    setBefore((b) => ({ draft: old, key: (b?.key ?? 0) + 1 }));
  }, [draft]);
  useEffect(() => {
    if (!before) return;
    const timer = setTimeout(() => setBefore(null), 1300);
    return () => clearTimeout(timer);
  }, [before]);
  return (
    before && (
      <svg
        key={before.key}
        width={width}
        height={height}
        aria-hidden="true"
        className="ghost-away pointer-events-none absolute inset-0"
      >
        <Ghost draft={before.draft} on={draft} table={{ place }} view={view} className="" />
      </svg>
    )
  );
});
