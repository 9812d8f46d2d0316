import { useEffect, useMemo, useRef, useState } from 'react';
import type { Draft, Drawn, Step } from '../api/client';
import { useUnit } from '../tape/unit';
import { type Box, frame, type Placing, project } from './geometry';
import { layOut } from './layout';
import { Level, Measured, Outline, Ruler, Touch, toneOf } from './marks';
import { useSize } from './useSize';

export type Zoom = 'whole' | 'waist' | 'fork' | 'hem';

const RULER = 40;

type Props = {
  draft: Draft;
  /** The step that is shown last, counted from 0; null shows the whole draft. */
  upTo: number | null;
  /** The step whose lines are lit. */
  lit: string | null;
  onLit: (step: string | null) => void;
  onPick: (step: string) => void;
  ghost?: Draft | null;
  ghostName?: string;
  zoom: Zoom;
};

/** The draft in proportion: levels named in the margin, the tape down the edge, every line answering for its step. */
export function DraftPaper(props: Props) {
  const { draft, upTo, lit, zoom } = props;
  const unit = useUnit();
  const [ref, size] = useSize<HTMLDivElement>();
  const table = useMemo(() => layOut(draft), [draft]);
  const before = useBefore(draft);
  const view = useMemo(() => {
    const box = pad(table[zoom], zoom === 'whole' ? 0.06 : 0.08);
    const inner = frame(box, Math.max(50, size.width - RULER - 70), Math.max(50, size.height - 20));
    // A part is shown from its own end of the paper, not floating in the middle.
    const top = zoom === 'waist' ? box.top : zoom === 'hem' ? box.bottom - (size.height - 20) / inner.scale : inner.top;
    return { ...inner, left: inner.left - (RULER + 4) / inner.scale, top: top - 10 / inner.scale };
  }, [table, zoom, size.width, size.height]);
  const shown = upTo === null ? draft.steps : draft.steps.slice(0, upTo + 1);
  const to = (panel: string) => project(table.place[panel] as Placing, view);
  const picked = upTo === null ? null : draft.steps[upTo];
  const measure = litMeasure(draft, lit ?? picked?.id ?? null);
  return (
    <div
      ref={ref}
      className="relative min-h-72 flex-1 overflow-hidden rounded-[4px] border border-line bg-card shadow-card"
    >
      {size.width > 0 && (
        <svg
          width={size.width}
          height={size.height}
          role="img"
          aria-label={`Draft of front and back, ${draft.steps.length} steps`}
          className="block"
          data-testid="draft-paper"
        >
          <Grid width={size.width} height={size.height} view={view} inch={unit.shown === 'in'} />
          {draft.levels.map((l) => (
            <Level key={l.name} name={l.name} y={(l.y - view.top) * view.scale} width={size.width} from={RULER} />
          ))}
          {shown.flatMap((step) =>
            step.draws
              .filter((d) => d.role === 'construction')
              .map((d, i) => (
                <Outline
                  key={`${step.id}${i}`}
                  segments={d.segments}
                  to={to(d.panel)}
                  tone="pencil"
                  width={1}
                  dash="9 4 2 4"
                />
              )),
          )}
          {props.ghost && <Ghost draft={props.ghost} places={table.place} view={view} className="" />}
          {before && upTo === null && (
            <Ghost key={before.key} draft={before.draft} places={table.place} view={view} className="ghost-away" />
          )}
          {upTo !== null && <Ahead steps={draft.steps.slice(upTo + 1)} to={to} />}
          {shown.map((step) => (
            <StepLines
              key={step.id}
              step={step}
              to={to}
              lit={lit === step.id || picked?.id === step.id}
              onLit={props.onLit}
              onPick={props.onPick}
            />
          ))}
          {measure.map((d, i) => (
            <Measured
              key={`${d.panel}${i}`}
              segments={d.segments}
              to={to(d.panel)}
              text={unit.writeUnit(measureValue(draft, lit ?? picked?.id ?? ''))}
            />
          ))}
          {draft.pieces.map((p) => {
            const at = to(p.panel)([middle(p.sewLine.flatMap((s) => [s.from[0] ?? 0, s.to[0] ?? 0])), levelY(draft)]);
            return (
              zoom === 'whole' && (
                <text
                  key={p.id}
                  x={at[0]}
                  y={at[1] + size.height * 0.2}
                  textAnchor="middle"
                  fontSize="19"
                  fontWeight="600"
                  fontFamily="var(--font-head)"
                  fill={p.panel === 'front' ? 'var(--color-front)' : 'var(--color-back)'}
                >
                  {p.panel === 'front' ? 'Front' : 'Back'}
                </text>
              )
            );
          })}
          <Ruler view={view} height={size.height} shown={unit.shown} width={RULER} />
        </svg>
      )}
      {props.ghost && (
        <p className="absolute top-2 left-14 rounded-field bg-card/90 px-2 text-small text-soft">
          in pencil: {props.ghostName}
        </p>
      )}
    </div>
  );
}

function StepLines(props: {
  step: Step;
  to: (panel: string) => ReturnType<typeof project>;
  lit: boolean;
  onLit: (step: string | null) => void;
  onPick: (step: string) => void;
}) {
  const { step, to } = props;
  return (
    <g data-step={step.id}>
      {step.draws.map((d, i) => {
        if (d.role !== 'outline' && d.role !== 'dart') return null;
        const { tone, dash } = toneOf(d.panel);
        return (
          <g key={`${d.role}${i}`}>
            <Outline
              segments={d.segments}
              to={to(d.panel)}
              tone={props.lit ? 'brass' : tone}
              dash={d.role === 'dart' && d.panel === 'front' ? undefined : dash}
              width={props.lit ? 3.5 : d.role === 'dart' ? 1.6 : 2.2}
            />
            <Touch
              segments={d.segments}
              to={to(d.panel)}
              onHover={(on) => props.onLit(on ? step.id : null)}
              onPick={() => props.onPick(step.id)}
            />
          </g>
        );
      })}
    </g>
  );
}

/** What later steps will draw, hardly to be seen, so that a step shows where it belongs. */
function Ahead(props: { steps: Step[]; to: (panel: string) => ReturnType<typeof project> }) {
  return (
    <g opacity="0.22" pointerEvents="none">
      {props.steps.flatMap((step) =>
        step.draws
          .filter((d) => d.role === 'outline' || d.role === 'dart')
          .map((d, i) => (
            <Outline
              key={`${step.id}${i}`}
              segments={d.segments}
              to={props.to(d.panel)}
              {...toneOf(d.panel)}
              width={1.4}
            />
          )),
      )}
    </g>
  );
}

/** Another draft's outlines in pencil. */
function Ghost(props: {
  draft: Draft;
  places: Record<string, Placing>;
  view: Parameters<typeof project>[1];
  className: string;
}) {
  return (
    <g className={props.className} pointerEvents="none">
      {props.draft.pieces.map((p) => (
        <Outline
          key={p.id}
          segments={p.sewLine}
          to={project(props.places[p.panel] as Placing, props.view)}
          tone="pencil"
          width={1.4}
          dash="3 3"
        />
      ))}
    </g>
  );
}

/** The draft as it was before the last change, for a moment. */
function useBefore(draft: Draft) {
  const last = useRef(draft);
  const [before, setBefore] = useState<{ draft: Draft; key: number } | null>(null);
  useEffect(() => {
    if (last.current !== draft) {
      const old = last.current;
      last.current = draft;
      setBefore((b) => ({ draft: old, key: (b?.key ?? 0) + 1 }));
    }
  }, [draft]);
  useEffect(() => {
    if (!before) return;
    const timer = setTimeout(() => setBefore(null), 1300);
    return () => clearTimeout(timer);
  }, [before]);
  return before;
}

function litMeasure(draft: Draft, step: string | null): Drawn[] {
  return draft.steps.find((s) => s.id === step)?.draws.filter((d) => d.role === 'measure') ?? [];
}

function measureValue(draft: Draft, step: string): number {
  return draft.steps.find((s) => s.id === step)?.value ?? 0;
}

function levelY(draft: Draft): number {
  return draft.levels.find((l) => l.name === 'hip')?.y ?? 0;
}

function middle(xs: number[]): number {
  return (Math.min(...xs) + Math.max(...xs)) / 2;
}

function pad(box: Box, share: number): Box {
  const dx = (box.right - box.left) * share;
  const dy = (box.bottom - box.top) * share;
  return { left: box.left - dx, right: box.right + dx, top: box.top - dy, bottom: box.bottom + dy };
}

function Grid(props: {
  width: number;
  height: number;
  view: { left: number; top: number; scale: number };
  inch: boolean;
}) {
  const step = props.inch ? 50.8 : 50;
  const px = step * props.view.scale;
  const x0 = -((props.view.left % step) * props.view.scale);
  const y0 = -((props.view.top % step) * props.view.scale);
  return (
    <g pointerEvents="none">
      <defs>
        <pattern id="paper-grid" x={x0} y={y0} width={px} height={px} patternUnits="userSpaceOnUse">
          <path d={`M0 0H${px}M0 0V${px}`} stroke="var(--color-line)" strokeOpacity="0.35" fill="none" />
        </pattern>
      </defs>
      <rect width={props.width} height={props.height} fill="url(#paper-grid)" />
    </g>
  );
}
