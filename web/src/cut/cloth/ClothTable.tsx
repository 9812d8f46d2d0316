import { useDrag } from '@use-gesture/react';
import { type DOMAttributes, type KeyboardEvent, useState } from 'react';
import type { Draft } from '../../api/client';
import { laid, straight } from '../../paper/geometry';
import { toneOf } from '../../paper/marks';
import { PieceLines } from '../../paper/PieceLines';
import { useSize } from '../../paper/useSize';
import { INCH } from '../../tape/reader';
import { useUnit } from '../../tape/unit';
import { bounds, type Ring } from './collide';
import { type ClothLay, type Laid, nameOf } from './useClothLay';

const MARGIN = { left: 18, right: 46, top: 44, bottom: 30 };

/** An arrow moves a piece by so much, mm; with Shift by the finer. */
const NUDGE = 10;
const FINE = 1;

/** A piece in the hand: where it lay, and where it lies now. */
type Dragged = { start: Laid; now: Laid };

/**
 * The cloth with its pieces: the selvedge runs across the screen; a piece is dragged, or moved by the arrows, and
 * stops at its neighbours.
 */
export function ClothTable(props: {
  lay: ClothLay;
  draft: Draft;
  picked: string | null;
  pick: (name: string | null) => void;
}) {
  const { lay, draft, picked } = props;
  const unit = useUnit();
  const [ref, size] = useSize<HTMLDivElement>();
  const [drag, setDrag] = useState<Laid | null>(null);
  const view = lay.lay;
  const across = !view ? 1 : view.folded ? view.width / 2 : view.width;
  const along = Math.max(lay.length, ...(view?.sheet ?? []).map(([x = 0]) => x)) * 1.02 + 20;
  const scale = Math.min(
    (size.width - MARGIN.left - MARGIN.right) / along,
    (size.height - MARGIN.top - MARGIN.bottom) / across,
  );
  const bind = useDrag(
    ({ args, xy, initial, memo, tap, last }): Dragged => {
      const { start, now }: Dragged = memo ?? { start: args[0], now: args[0] };
      props.pick(nameOf(start));
      // From where it lies now to where the hand is: so it slides along what is in its way.
      const [left, top] = bounds(now.outline);
      const [left0, top0] = bounds(start.outline);
      const to = lay.moved(now, left0 - left + (xy[0] - initial[0]) / scale, top0 - top + (xy[1] - initial[1]) / scale);
      if (last && !tap) lay.put(to);
      setDrag(last ? null : to);
      return { start, now: to };
    },
    { threshold: 3, filterTaps: true, pointer: { keys: false } },
  );
  if (!view) return null;
  const x = (mm: number) => MARGIN.left + mm * scale;
  const y = (mm: number) => MARGIN.top + mm * scale;
  const shown = lay.now.map((p) => (drag && nameOf(drag) === nameOf(p) ? drag : p));
  const length = Math.max(0, ...shown.map((p) => bounds(p.outline)[2]));

  const key = (e: KeyboardEvent, piece: Laid) => {
    const by = e.shiftKey ? FINE : NUDGE;
    const way: Record<string, [number, number]> = {
      ArrowLeft: [-by, 0],
      ArrowRight: [by, 0],
      ArrowUp: [0, -by],
      ArrowDown: [0, by],
    };
    const d = way[e.key];
    if (!d) return;
    e.preventDefault();
    e.stopPropagation();
    lay.put(lay.moved(piece, d[0], d[1]));
  };
  const step = unit.shown === 'in' ? 12 * INCH : 250;
  const fine = unit.shown === 'in' ? 3 * INCH : 50;
  const ticks = Array.from({ length: Math.floor(along / fine) + 1 }, (_, i) => i * fine);
  return (
    <div
      ref={ref}
      className="relative min-h-72 flex-1 overflow-hidden rounded-[4px] border border-line bg-card shadow-card"
    >
      {size.width > 0 && (
        <svg
          width={size.width}
          height={size.height}
          className="block touch-none select-none"
          role="application"
          aria-label="The cloth with its pieces"
        >
          <title>The cloth with its pieces</title>
          <rect x={x(0)} y={14} width={along * scale} height={20} fill="var(--color-tape)" />
          {ticks.map((t) => {
            const whole = Math.abs(t / step - Math.round(t / step)) < 1e-6;
            return (
              <g key={t}>
                <path d={`M${x(t)} 34v${whole ? -20 : -7}`} stroke="var(--color-ink)" strokeWidth={whole ? 1.2 : 0.8} />
                {whole && x(t) + 34 < size.width && (
                  <text x={x(t) + 4} y={28} fontSize="13" fontWeight="600" fill="var(--color-ink)">
                    {unit.write(t)}
                  </text>
                )}
              </g>
            );
          })}
          {view.sheet ? (
            <path d={ring(view.sheet, x, y)} fill="var(--color-linen)" stroke="var(--color-ink)" strokeWidth="1.6" />
          ) : (
            <rect x={x(0)} y={y(0)} width={along * scale} height={across * scale} fill="var(--color-linen)" />
          )}
          {!view.sheet && (
            <>
              <path
                d={`M${x(0)} ${y(0)}h${along * scale}`}
                stroke="var(--color-ink)"
                strokeWidth="2"
                strokeDasharray={view.folded ? '12 4 2 4' : undefined}
              />
              <path d={`M${x(0)} ${y(across)}h${along * scale}`} stroke="var(--color-ink)" strokeWidth="2" />
              <text x={x(0) + 2} y={y(across) + 18} fontSize="13" fill="var(--color-soft)">
                {view.folded ? 'selvedges; the fold lies above' : 'selvedge'}
              </text>
            </>
          )}
          {shown.map((p) => (
            <PieceOnCloth
              key={nameOf(p)}
              piece={p}
              draft={draft}
              x={x}
              y={y}
              scale={scale}
              picked={picked === nameOf(p)}
              drag={bind(p)}
              onKey={(e) => key(e, p)}
              onFocus={() => props.pick(nameOf(p))}
            />
          ))}
          {!view.sheet && (
            <g>
              <path d={`M${x(length)} ${y(0) - 6}V${y(across) + 8}`} stroke="var(--color-crimson)" strokeWidth="1.8" />
              <text
                x={x(length)}
                y={y(across) + 22}
                fontSize="14"
                fontWeight="600"
                textAnchor="end"
                fill="var(--color-crimson)"
              >
                cut here: {unit.write(length)}
              </text>
            </g>
          )}
        </svg>
      )}
    </div>
  );
}

function ring(places: number[][], x: (mm: number) => number, y: (mm: number) => number): string {
  return `${straight(...places.map(([along = 0, across = 0]) => [x(along), y(across)]))}Z`;
}

function PieceOnCloth(props: {
  piece: Laid;
  draft: Draft;
  x: (mm: number) => number;
  y: (mm: number) => number;
  scale: number;
  picked: boolean;
  drag: DOMAttributes<SVGGElement>;
  onKey: (e: KeyboardEvent) => void;
  onFocus: () => void;
}) {
  const { piece, x, y } = props;
  const drawn = piece.garment === '' ? props.draft.pieces.find((p) => p.id === piece.piece) : undefined;
  const name = drawn?.name ?? piece.piece;
  const { tone } = toneOf(piece);
  const [left, top, right, bottom] = bounds(piece.outline);
  const to = laid(piece.move, (px, py) => [x(px), y(py)]);
  const whole = drawn?.onFold && !piece.onFold;
  const wide = (right - left) * props.scale;
  const tall = (bottom - top) * props.scale;
  const letters = Math.floor((wide - 10) / 7.4);
  const roomy = wide > 90 && tall > 44;
  return (
    // biome-ignore lint/a11y/useSemanticElements: a shape within a drawing cannot be a button element
    <g
      role="button"
      tabIndex={0}
      aria-pressed={props.picked}
      aria-label={`${name}, ${piece.copy}`}
      className="cursor-grab outline-none [&:focus-visible_path:first-child]:stroke-[4]"
      {...props.drag}
      onKeyDown={props.onKey}
      onFocus={props.onFocus}
    >
      <path
        d={ring(piece.outline, x, y)}
        fill="var(--color-card)"
        stroke={props.picked ? 'var(--color-brass)' : `var(--color-${tone})`}
        strokeWidth={props.picked ? 3.4 : 2}
      />
      {drawn && !whole && (
        <g pointerEvents="none">
          <PieceLines
            piece={drawn}
            to={to}
            ink={{
              sewn: { colour: `var(--color-${tone})`, width: 1, dash: '5 4' },
              ...(roomy && { grain: { colour: 'var(--color-ink)', width: 1.1 } }),
            }}
          />
        </g>
      )}
      {letters > 3 && tall > 15 && filled(piece.outline) > 0.25 && (
        <text
          x={x((left + right) / 2)}
          y={y((top + bottom) / 2) + (drawn && roomy ? -6 : 5)}
          textAnchor="middle"
          fontSize={Math.min(15, Math.max(11, tall - 4))}
          fontWeight="600"
          fill={`var(--color-${tone})`}
          stroke="var(--color-card)"
          strokeWidth="4"
          paintOrder="stroke"
          pointerEvents="none"
        >
          {name.length <= letters ? name : `${name.slice(0, letters - 1)}…`}
        </text>
      )}
    </g>
  );
}

/** How much of its box a piece fills: little where it lies aslant, and its name would lie on its neighbours. */
function filled(outline: number[][]): number {
  let area = 0;
  outline.forEach((p, i) => {
    const q = outline[(i + 1) % outline.length] as number[];
    area += ((p[0] as number) * (q[1] as number) - (q[0] as number) * (p[1] as number)) / 2;
  });
  const [left, top, right, bottom] = bounds(outline as Ring);
  return Math.abs(area) / Math.max(1, (right - left) * (bottom - top));
}
