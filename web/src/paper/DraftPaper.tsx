import { type ReactNode, useEffect, useMemo, useRef, useState } from 'react';
import type { Draft, Drawn, Piece, Step } from '../api/client';
import { useUnit } from '../tape/unit';
import { type Box, frame, type Project, project } from './geometry';
import { around, below, inHand, layOut, panelsOf, placeOf, type Table } from './layout';
import { InnerLines, Levels, Measured, Outline, Ruler, Touch, toneOf } from './marks';
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
  const before = useBefore(draft);
  const picked = upTo === null ? null : (draft.steps[upTo] ?? null);
  // A made piece is on the paper while its step, or the edge it is sewn to, is in hand: the picked one, else the one touched.
  const handStep = picked?.id ?? lit;
  const hand = useMemo(() => inHand(draft, handStep), [draft, handStep]);
  const table = useMemo(() => layOut(draft, [], hand), [draft, hand]);
  const shownPieces = useMemo(() => new Set([...panelsOf(draft), ...hand].map((p) => p.id)), [draft, hand]);
  const view = useMemo(() => {
    const part =
      zoom === 'whole'
        ? around(
            table.whole,
            hand.map((p) => table.made[p.id] ?? table.whole),
          )
        : table[zoom];
    const box = pad(part, zoom === 'whole' ? 0.06 : 0.08);
    const inner = frame(box, Math.max(50, size.width - RULER - 70), Math.max(50, size.height - 20));
    // A part is shown from its own end of the paper, not floating in the middle.
    const top = zoom === 'waist' ? box.top : zoom === 'hem' ? box.bottom - (size.height - 20) / inner.scale : inner.top;
    return { ...inner, left: inner.left - (RULER + 4) / inner.scale, top: top - 10 / inner.scale };
  }, [table, zoom, hand, size.width, size.height]);
  const shown = upTo === null ? draft.steps : draft.steps.slice(0, upTo + 1);
  // Cut apart, opened or cut off since the block drew them, the panels are shown as they now are.
  const reshaped = draft.made.some((m) => m.reshapes && (upTo === null || shown.some((s) => m.steps.includes(s.id))));
  const to = (sheet: string): Project | null => {
    const at = shownPieces.has(sheet) ? table.place[sheet] : undefined;
    return at ? project(at, view) : null;
  };
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
          <Levels levels={draft.levels} view={view} width={size.width} from={RULER} />
          {shown.flatMap((step) =>
            step.draws
              .filter((d) => d.role === 'construction')
              .map((d, i) => (
                <On key={`${step.id}${i}`} to={to(d.sheet)}>
                  {(at) => <Outline segments={d.segments} to={at} tone="pencil" width={1} dash="9 4 2 4" />}
                </On>
              )),
          )}
          {props.ghost && <Ghost draft={props.ghost} on={draft} table={table} view={view} className="" />}
          {before && upTo === null && (
            <Ghost key={before.key} draft={before.draft} on={draft} table={table} view={view} className="ghost-away" />
          )}
          {upTo !== null && <Ahead steps={draft.steps.slice(upTo + 1)} to={to} />}
          {shown.map((step) => (
            <StepLines
              key={step.id}
              step={step}
              left={reshaped}
              to={to}
              lit={lit === step.id || picked?.id === step.id}
              onLit={props.onLit}
              onPick={props.onPick}
            />
          ))}
          {reshaped &&
            panelsOf(draft).map((p) => (
              <On key={p.id} to={to(p.id)}>
                {(at) => <Panel piece={p} to={at} />}
              </On>
            ))}
          {measure.map((d, i) => (
            <On key={`${d.sheet}${i}`} to={to(d.sheet)}>
              {(at) => (
                <Measured
                  segments={d.segments}
                  to={at}
                  text={unit.writeUnit(measureValue(draft, lit ?? picked?.id ?? ''))}
                />
              )}
            </On>
          ))}
          {hand.map((p) => (
            <On key={p.id} to={to(p.id)}>
              {(at) => <MadePiece piece={p} to={at} />}
            </On>
          ))}
          {zoom === 'whole' &&
            panelsOf(draft).map((p) => (
              <On key={p.id} to={to(p.id)}>
                {(at) => {
                  const above = below(draft, p) !== null;
                  const level = above ? Math.min(...downs(p)) : levelY(draft);
                  return (
                    <PanelName piece={p} at={at([middle(ends(p)), level])} down={above ? -8 : size.height * 0.2} />
                  );
                }}
              </On>
            ))}
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
  /** Whether panels were drawn otherwise since: what the steps drew is then in pencil, and lit when it is meant. */
  left: boolean;
  to: (sheet: string) => Project | null;
  lit: boolean;
  onLit: (step: string | null) => void;
  onPick: (step: string) => void;
}) {
  const { step, to } = props;
  return (
    <g data-step={step.id}>
      {step.draws.map((d, i) => {
        if (d.role !== 'outline' && d.role !== 'dart') return null;
        const { tone, dash } = toneOf(d.sheet);
        const at = to(d.sheet);
        if (!at) return null;
        return (
          <g key={`${d.role}${i}`}>
            <Outline
              segments={d.segments}
              to={at}
              tone={props.lit ? 'brass' : props.left ? 'pencil' : tone}
              dash={props.left && !props.lit ? '3 3' : dash}
              width={props.lit ? 3.5 : props.left ? 1 : d.role === 'dart' ? 1.6 : 2.2}
            />
            <Touch
              segments={d.segments}
              to={at}
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
function Ahead(props: { steps: Step[]; to: (sheet: string) => Project | null }) {
  return (
    <g opacity="0.22" pointerEvents="none">
      {props.steps.flatMap((step) =>
        step.draws
          .filter((d) => d.role === 'outline' || d.role === 'dart')
          .map((d, i) => (
            <On key={`${step.id}${i}`} to={props.to(d.sheet)}>
              {(at) => <Outline segments={d.segments} to={at} {...toneOf(d.sheet)} width={1.4} />}
            </On>
          )),
      )}
    </g>
  );
}

/** What is drawn on a sheet, where that sheet is on the paper. */
function On({ to, children }: { to: Project | null; children: (at: Project) => ReactNode }) {
  return to ? children(to) : null;
}

/** A panel as it is: its outline, darts, folds and lines. */
function Panel({ piece, to }: { piece: Piece; to: Project }) {
  const { tone, dash } = toneOf(piece.id);
  const legs = piece.darts.flatMap((d) => d.legs.map((leg) => ({ type: 'line' as const, from: leg, to: d.point })));
  return (
    <g pointerEvents="none">
      <Outline segments={piece.sewLine} to={to} tone={tone} dash={dash} width={2.2} />
      {legs.length > 0 && <Outline segments={legs} to={to} tone={tone} dash={dash} width={1.6} />}
      <InnerLines piece={piece} to={to} />
    </g>
  );
}

/** A made piece in hand: its outline, folds and lines, and its name. */
function MadePiece({ piece, to }: { piece: Piece; to: Project }) {
  const { tone, dash } = toneOf(piece.id);
  const top = Math.min(...piece.sewLine.map((s) => s.from[1] ?? 0));
  const at = to([middle(ends(piece)), top]);
  return (
    <g>
      <Outline segments={piece.sewLine} to={to} tone={tone} dash={dash} width={2} />
      <InnerLines piece={piece} to={to} />
      <text
        x={at[0]}
        y={at[1] - 9}
        textAnchor="middle"
        fontSize="15"
        fontWeight="600"
        fontFamily="var(--font-head)"
        fill={`var(--color-${tone})`}
        stroke="var(--color-card)"
        strokeWidth="5"
        paintOrder="stroke"
      >
        {piece.name}
      </text>
    </g>
  );
}

function PanelName({ piece, at, down }: { piece: Piece; at: readonly [number, number]; down: number }) {
  const { tone } = toneOf(piece.id);
  return (
    <text
      x={at[0]}
      y={at[1] + down}
      textAnchor="middle"
      fontSize="19"
      fontWeight="600"
      fontFamily="var(--font-head)"
      fill={`var(--color-${tone})`}
    >
      {panelWord(piece.id)}
    </text>
  );
}

/** front-left: Front, left. */
function panelWord(id: string): string {
  const words = id.replace(/-(left|right)$/, ', $1').replace('-', ' ');
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** Another draft's panels in pencil, over those of the one on the paper. */
function Ghost(props: {
  draft: Draft;
  on: Draft;
  table: Table;
  view: Parameters<typeof project>[1];
  className: string;
}) {
  return (
    <g className={props.className} pointerEvents="none">
      {panelsOf(props.draft).map((p) => {
        const at = placeOf(props.table, props.on, p);
        return (
          at && (
            <Outline
              key={p.id}
              segments={p.sewLine}
              to={project(at, props.view)}
              tone="pencil"
              width={1.4}
              dash="3 3"
            />
          )
        );
      })}
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

function ends(piece: Piece): number[] {
  return piece.sewLine.flatMap((s) => [s.from[0] ?? 0, s.to[0] ?? 0]);
}

function downs(piece: Piece): number[] {
  return piece.sewLine.flatMap((s) => [s.from[1] ?? 0, s.to[1] ?? 0]);
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
