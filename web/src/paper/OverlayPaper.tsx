import { useMemo } from 'react';
import type { Draft } from '../api/client';
import { useUnit } from '../tape/unit';
import { frame, project } from './geometry';
import { layOut, panelsOf, placeOf } from './layout';
import { Levels, Outline, Ruler, toneOf } from './marks';
import { useSize } from './useSize';

const RULER = 40;

/** Two drafts over each other: one in ink, the other in brass, lying on one level and on their centre lines. */
export function OverlayPaper(props: {
  ink: Draft;
  over: Draft | null;
  /** The level both lie on, by name. */
  level: string;
  names: { ink: string; over: string };
}) {
  const { ink, over } = props;
  const unit = useUnit();
  const [ref, size] = useSize<HTMLDivElement>();
  const table = useMemo(() => layOut(ink, over ? [over] : []), [ink, over]);
  const slide = over ? levelAt(ink, props.level) - levelAt(over, props.level) : 0;
  const view = useMemo(() => {
    const box = {
      ...table.whole,
      top: table.whole.top - 20 + Math.min(0, slide),
      bottom: table.whole.bottom + 20 + Math.max(0, slide),
    };
    const inner = frame(box, Math.max(50, size.width - RULER - 80), Math.max(50, size.height - 64));
    return { ...inner, left: inner.left - (RULER + 14) / inner.scale, top: inner.top - 44 / inner.scale };
  }, [table, slide, size.width, size.height]);
  return (
    <div
      ref={ref}
      className="relative min-h-96 overflow-hidden rounded-[4px] border border-line bg-card shadow-card lg:min-h-0"
    >
      {size.width > 0 && (
        <svg
          width={size.width}
          height={size.height}
          role="img"
          aria-label={`${props.names.ink} with ${props.names.over} over it`}
          data-testid="overlay-paper"
          className="block"
        >
          <Levels levels={ink.levels} view={view} width={size.width} from={RULER} />
          {panelsOf(ink).map((p) => {
            const at = placeOf(table, ink, p);
            if (!at) return null;
            return (
              <g key={p.id}>
                <Outline segments={p.sewLine} to={project(at, view)} {...toneOf(p)} width={2.2} />
                <Darts piece={p} to={project(at, view)} over={false} />
              </g>
            );
          })}
          {(over ? panelsOf(over) : []).map((p) => {
            const at = placeOf(table, ink, p);
            if (!at) return null;
            const to = project({ ...at, dy: at.dy + slide }, view);
            return (
              <g key={p.id} className="overlay-over">
                <Outline segments={p.sewLine} to={to} tone="brass" width={2} dash="2.5 3.5" />
                <Darts piece={p} to={to} over />
              </g>
            );
          })}
          <Ruler view={view} height={size.height} shown={unit.shown} width={RULER} />
        </svg>
      )}
      <ul className="absolute top-2 left-14 flex flex-wrap gap-x-5 rounded-field bg-card/90 px-2">
        <Key name={props.names.ink} colour="var(--color-front)" />
        {over && <Key name={props.names.over} colour="var(--color-brass)" dash="2.5 3.5" />}
      </ul>
    </div>
  );
}

function Key(props: { name: string; colour: string; dash?: string }) {
  return (
    <li className="flex items-center gap-2">
      <svg width="30" height="8" aria-hidden="true">
        <path d="M0 4h30" stroke={props.colour} strokeWidth="2.4" strokeDasharray={props.dash} />
      </svg>
      <span className="font-medium">{props.name}</span>
    </li>
  );
}

function Darts(props: { piece: Draft['pieces'][number]; to: ReturnType<typeof project>; over: boolean }) {
  const lines = props.piece.darts.flatMap((d) =>
    d.legs.map((leg) => ({ type: 'line' as const, from: leg, to: d.point })),
  );
  if (lines.length === 0) return null;
  return (
    <Outline
      segments={lines}
      to={props.to}
      tone={props.over ? 'brass' : toneOf(props.piece).tone}
      dash={props.over ? '2.5 3.5' : toneOf(props.piece).dash}
      width={1.5}
    />
  );
}

function levelAt(draft: Draft, name: string): number {
  return draft.levels.find((l) => l.name === name)?.y ?? 0;
}
