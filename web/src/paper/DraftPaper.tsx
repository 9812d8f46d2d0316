import { type ReactNode, useMemo, useRef } from 'react';
import type { Line, LinePiece } from '../api/client';
import { useUnit } from '../tape/unit';
import { BeforeChange } from './BeforeChange';
import { AmountsLaidOff, Handle, StepLines } from './Growing';
import { type Box, frame, type Project, project } from './geometry';
import { begun, besides, laidBefore, laidOff, movable, ruled, taken } from './growth';
import { around, below, forks, inHand, layOut, panelsOf, tall } from './layout';
import { Levels, Outline, Ruler } from './marks';
import { Ghost, MadePiece, Panel, PanelName } from './PanelLines';
import { usePan } from './usePan';
import { useSize } from './useSize';

export type Zoom = 'whole' | 'waist' | 'fork' | 'hem';

const RULER = 40;

type Props = {
  draft: Line;
  /** The step that is shown last, counted from 0; null shows the whole draft. */
  upTo: number | null;
  /** The step whose lines are lit. */
  lit: string | null;
  onLit: (step: string | null) => void;
  onPick: (step: string) => void;
  ghost?: Line | null;
  ghostName?: string;
  zoom: Zoom;
  /** Between what an amount can be set; null where none is moved by hand. */
  range?: (setting: string) => { least: number; most: number } | null;
  /** Whether this draft has an amount in hand: the paper lies still until it is let go. */
  inHand?: boolean;
  /** An amount on its way while it is dragged, and where it is dropped. */
  onMove?: (setting: string, mm: number) => void;
  onDrop?: (setting: string, mm: number) => void;
};

/** The draft in proportion: levels named in the margin, the tape down the edge, every line answering for its step. */
export function DraftPaper(props: Props) {
  const { draft, upTo, lit, zoom } = props;
  const unit = useUnit();
  const [ref, size] = useSize<HTMLDivElement>();
  const picked = upTo === null ? null : (draft.steps[upTo] ?? null);
  // A made piece is on the paper while its step, or the edge it is sewn to, is in hand: the picked one, else the one
  // touched.
  const handStep = picked?.id ?? lit;
  const hand = useMemo(() => inHand(draft, handStep), [draft, handStep]);
  const table = useMemo(() => layOut(draft, [], hand), [draft, hand]);
  const shownPieces = useMemo(() => new Set([...panelsOf(draft), ...hand].map((p) => p.id)), [draft, hand]);
  const fork = useMemo(() => (zoom === 'fork' ? forks(draft) : null), [draft, zoom]);
  const place = fork?.place ?? table.place;
  const growing = upTo !== null;
  const fitted = useMemo(() => {
    const part =
      fork?.box ??
      (zoom === 'waist' || zoom === 'hem'
        ? table[zoom]
        : around(
            table.whole,
            hand.map((p) => table.made[p.id] ?? table.whole),
          ));
    // While it grows, the depths beside the centre have their room too.
    const left = !growing || fork ? part.left : Math.min(part.left, besides(draft));
    const box = pad({ ...part, left }, fork ? 0 : zoom === 'whole' ? 0.06 : 0.08);
    const inner = frame(box, Math.max(50, size.width - RULER - 70), Math.max(50, size.height - 20));
    // A part is shown from its own end of the paper, not floating in the middle.
    const top = zoom === 'waist' ? box.top : zoom === 'hem' ? box.bottom - (size.height - 20) / inner.scale : inner.top;
    return { ...inner, left: inner.left - (RULER + 4) / inner.scale, top: top - 10 / inner.scale };
  }, [table, fork, zoom, hand, draft, growing, size.width, size.height]);
  const home = useStill(fitted, props.inHand ?? false);
  const { view, handlers, scaled, atHome, goHome } = usePan(home, zoom, ref);
  const shown = taken(draft, upTo);
  // Cut apart, opened or cut off since the block drew them, the panels are shown as they now are.
  const reshaped = draft.made.some((m) => m.reshapes && (upTo === null || shown.some((s) => m.steps.includes(s.id))));
  const to = (sheet: string): Project | null => {
    const at = shownPieces.has(sheet) ? place[sheet] : undefined;
    return at ? project(at, view) : null;
  };
  const meant = draft.steps.find((s) => s.id === lit) ?? picked;
  const beneath = new Set(tall(hand).filter((_, i) => i % 2 === 1));
  const range = meant && picked === meant && meant.setting && movable(meant) ? props.range?.(meant.setting) : null;
  return (
    <div
      ref={ref}
      className="relative min-h-72 flex-1 overflow-hidden rounded-[4px] border border-line bg-card shadow-card"
    >
      {size.width > 0 && upTo === null && (
        <BeforeChange draft={draft} place={place} view={view} width={size.width} height={size.height} />
      )}
      {size.width > 0 && (
        <svg
          width={size.width}
          height={size.height}
          role="img"
          aria-label={`Draft of front and back, ${draft.steps.length} steps`}
          className="painted-apart relative block cursor-grab touch-none select-none active:cursor-grabbing"
          data-testid="draft-paper"
          {...handlers}
        >
          <Grid width={size.width} height={size.height} view={view} inch={unit.shown === 'in'} />
          <Levels levels={ruled(draft, upTo)} view={view} width={size.width} from={RULER} />
          {shown.flatMap((step) =>
            step.draws
              .filter((d) => d.role === 'construction')
              .map((d, i) => (
                <On key={`${step.id}${i}`} to={to(d.sheet)}>
                  {(at) => <Outline segments={d.segments} to={at} tone="pencil" width={1} dash="9 4 2 4" />}
                </On>
              )),
          )}
          {props.ghost && <Ghost draft={props.ghost} on={draft} table={{ place }} view={view} />}
          {shown.map((step) => (
            <StepLines
              key={step.id}
              step={step}
              left={reshaped}
              pieces={draft.pieces}
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
          <AmountsLaidOff all={[...laidBefore(draft, upTo), ...(meant ? laidOff(meant) : [])]} meant={meant} to={to} />
          {range &&
            meant &&
            laidOff(meant).map((m) => (
              <On key={m.key} to={to(m.drawn.sheet)}>
                {(at) => (
                  <Handle
                    of={m}
                    to={at}
                    scale={view.scale}
                    {...range}
                    onMove={(mm) => meant.setting && props.onMove?.(meant.setting, mm)}
                    onDrop={(mm) => meant.setting && props.onDrop?.(meant.setting, mm)}
                  />
                )}
              </On>
            ))}
          {hand.map((p) => (
            <On key={p.id} to={to(p.id)}>
              {(at) => <MadePiece piece={p} to={at} beneath={beneath.has(p.id)} />}
            </On>
          ))}
          {zoom === 'whole' &&
            panelsOf(draft)
              .filter((p) => begun(draft, p.id, upTo))
              .map((p) => (
                <On key={p.id} to={to(p.id)}>
                  {(at) => {
                    const above = below(draft, p) !== null;
                    const level = above ? Math.min(...downs(p)) : levelY(draft);
                    return (
                      <PanelName
                        piece={p}
                        at={at([middle(ends(p)), level])}
                        down={
                          above ? -8 : Math.min(size.height * 0.2, (Math.max(...downs(p)) - level) * view.scale * 0.6)
                        }
                      />
                    );
                  }}
                </On>
              ))}
          <Ruler view={view} height={size.height} shown={unit.shown} width={RULER} />
        </svg>
      )}
      <div className="absolute bottom-0 left-0 flex flex-col">
        {!atHome && (
          <PaperButton says="The paper as it lay" onClick={goHome}>
            ⤢
          </PaperButton>
        )}
        <PaperButton says="Smaller" onClick={() => scaled(1 / 1.4, size.width / 2, size.height / 2)}>
          −
        </PaperButton>
        <PaperButton says="Larger" onClick={() => scaled(1.4, size.width / 2, size.height / 2)}>
          +
        </PaperButton>
      </div>
      {props.ghost && (
        <p className="absolute top-2 left-14 rounded-field bg-card/90 px-2 text-small text-soft">
          in pencil: {props.ghostName}
        </p>
      )}
    </div>
  );
}

function PaperButton({ says, onClick, children }: { says: string; onClick: () => void; children: string }) {
  return (
    <button
      type="button"
      aria-label={says}
      title={says}
      onClick={onClick}
      className="grid size-11 place-items-center border border-tape-deep bg-tape text-lead hover:bg-card"
    >
      {children}
    </button>
  );
}

/** What is drawn on a sheet, where that sheet is on the paper. */
function On({ to, children }: { to: Project | null; children: (at: Project) => ReactNode }) {
  return to ? children(to) : null;
}

/** What it is, or while it is held still, what it was before. */
function useStill<T>(now: T, still: boolean): T {
  const kept = useRef(now);
  if (!still) kept.current = now;
  return kept.current;
}

function levelY(draft: Line): number {
  return draft.levels.find((l) => l.name === 'hip')?.y ?? 0;
}

function ends(piece: LinePiece): number[] {
  return piece.sewLine.flatMap((s) => [s.from[0] ?? 0, s.to[0] ?? 0]);
}

function downs(piece: LinePiece): number[] {
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
