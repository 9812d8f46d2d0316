import type { CSSProperties } from 'react';

export type Verdict = 'true' | 'watch' | 'off' | 'not-taken';

const COLOURS: Record<Verdict, string> = {
  true: 'text-pine',
  watch: 'text-amber',
  off: 'text-crimson',
  'not-taken': 'text-soft',
};

/** How far a line leans, in degrees, for a difference and what is still true. */
export function lean(difference: number, tolerance: number, verdict: string): number {
  if (verdict === 'true') return Math.max(-4, Math.min(4, (difference / (tolerance || 1)) * 4));
  const past = Math.min(1, Math.abs(difference) / (4 * (tolerance || 1)));
  return Math.sign(difference || 1) * (9 + 17 * past);
}

/** How far the line of an inspection leans; more than a floor asks is no lean. */
export function leanOf(check: { difference: number; tolerance: number; verdict: string; atLeast: boolean }): number {
  const off = check.atLeast && check.verdict === 'true' ? Math.min(0, check.difference) : check.difference;
  return lean(off, check.tolerance, check.verdict);
}

/** A plumb line: hanging straight where it is true, leaning by how much it is off. Each verdict has its own bob. */
export function Plumb(props: { verdict: string; lean: number; height?: number }) {
  const verdict = (props.verdict in COLOURS ? props.verdict : 'not-taken') as Verdict;
  const h = props.height ?? 56;
  const cord = h - 18;
  const style = { '--lean': `${-props.lean}deg`, transformOrigin: '30px 2px' } as CSSProperties;
  return (
    <svg width="60" height={h} viewBox={`0 0 60 ${h}`} aria-hidden="true" className="overflow-visible">
      <path d="M19 2h22" stroke="var(--color-ink)" strokeWidth="2.5" strokeLinecap="round" />
      {Math.abs(props.lean) > 4.5 && (
        <path d={`M30 2v${h - 4}`} stroke="var(--color-pencil)" strokeWidth="1" strokeDasharray="2 3" />
      )}
      <g key={verdict + props.lean.toFixed(1)} className={`plumb-settle ${COLOURS[verdict]}`} style={style}>
        <path d={`M30 2v${cord}`} stroke="currentColor" strokeWidth="1.5" />
        <Bob verdict={verdict} y={cord} />
      </g>
    </svg>
  );
}

function Bob({ verdict, y }: { verdict: Verdict; y: number }) {
  switch (verdict) {
    case 'true':
      return <path d={`M30 ${y}l5 7-5 9-5-9z`} fill="currentColor" />;
    case 'watch':
      return <path d={`M30 ${y}l7 13H23z`} fill="currentColor" />;
    case 'off':
      return <path d={`M24 ${y + 2}h12v12H24z`} fill="currentColor" />;
    default:
      return <path d={`M30 ${y}l5 7-5 9-5-9z`} fill="var(--color-calico)" stroke="currentColor" strokeWidth="1.5" />;
  }
}

/** The colour a verdict is written in. */
export function verdictColour(verdict: string): string {
  return COLOURS[(verdict in COLOURS ? verdict : 'not-taken') as Verdict];
}

/** A verdict in a word. */
export const VERDICT_WORDS: Record<string, string> = {
  true: 'true',
  watch: 'watch',
  off: 'off',
  'not-taken': 'not taken',
};
