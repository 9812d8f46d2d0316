import type { Views } from '../api/client';

/** A garment as a small picture: front solid, back in long dashes, in the colours they have everywhere. */
export function Picture({ of, height }: { of: Views['OutlineView']; height: number }) {
  const pad = Math.max(of.width, of.height) * 0.02;
  // Lines are as thick and dashes as long whatever the garment's size.
  const px = Math.max(of.height, of.width * 0.75) / height;
  return (
    <svg
      aria-hidden="true"
      viewBox={`${-pad} ${-pad} ${of.width + 2 * pad} ${of.height + 2 * pad}`}
      preserveAspectRatio="xMidYMid meet"
      className="block w-full"
      style={{ height }}
    >
      {of.panels.map((p) => {
        const tone = p.behind ? 'back' : 'front';
        return (
          <g key={p.outline} stroke={`var(--color-${tone})`} strokeLinejoin="round">
            <path
              d={p.outline}
              fill={`var(--color-${tone})`}
              fillOpacity="0.06"
              strokeWidth={1.6 * px}
              strokeDasharray={p.behind ? `${7 * px} ${3.5 * px}` : undefined}
            />
            {p.darts && <path d={p.darts} fill="none" strokeWidth={px} />}
          </g>
        );
      })}
    </svg>
  );
}
