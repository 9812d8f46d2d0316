import { useMemo } from 'react';
import type { Draft, Piece, Views } from '../api/client';
import { boxOf, frame, type Project, project } from '../paper/geometry';
import { InnerLines, toneOf } from '../paper/marks';
import { type PieceInk, PieceLines } from '../paper/PieceLines';
import { useSize } from '../paper/useSize';

type Pages = Views['PagesView'];

/** The pieces as they will be printed: cut line solid, sewn line dashed, over the pages they fall on. */
export function PatternPaper({ draft, pages, tiled }: { draft: Draft; pages: Pages; tiled: boolean }) {
  const [ref, size] = useSize<HTMLDivElement>();
  const view = useMemo(
    () =>
      frame(
        {
          left: -20,
          top: -20,
          right: Math.max(pages.width, ...pages.pages.map((p) => (tiled ? p.left + pages.printedWidth : 0))) + 20,
          bottom: Math.max(pages.height, ...pages.pages.map((p) => (tiled ? p.top + pages.printedHeight : 0))) + 20,
        },
        Math.max(50, size.width),
        Math.max(50, size.height),
      ),
    [pages, size, tiled],
  );
  const sheet = project({ dx: 0, dy: 0, flip: false }, view);
  return (
    <div ref={ref} className="relative min-h-96 overflow-hidden rounded-[4px] border border-line bg-card shadow-card">
      {size.width > 0 && (
        <svg
          width={size.width}
          height={size.height}
          role="img"
          aria-label="The pattern over its printed pages"
          className="block"
        >
          {tiled &&
            pages.pages.map((p) => {
              const [x, y] = sheet([p.left, p.top]);
              return (
                <g key={p.name}>
                  <rect
                    x={x}
                    y={y}
                    width={pages.printedWidth * view.scale}
                    height={pages.printedHeight * view.scale}
                    fill="none"
                    stroke="var(--color-tape-deep)"
                  />
                  <text x={x + 6} y={y + 17} fontSize="13" fontWeight="600" fill="var(--color-brass)">
                    {p.name}
                  </text>
                </g>
              );
            })}
          {draft.pieces.map((piece) => {
            const at = pages.places[piece.id];
            if (!at) return null;
            const to = project({ dx: at[0] as number, dy: at[1] as number, flip: false }, view);
            const [first, ...others] = oneSheet(pages, piece.id);
            // What is cut from another's sheet is drawn there as a line alone.
            if (first !== piece.id) {
              return <PieceLines key={piece.id} piece={piece} to={to} ink={inkOf(piece, view.scale, false)} />;
            }
            const names = [piece, ...draft.pieces.filter((p) => others.includes(p.id))].map((p) => p.name);
            return <CutPiece key={piece.id} piece={piece} name={names.join(', ')} to={to} scale={view.scale} />;
          })}
        </svg>
      )}
    </div>
  );
}

/** The pieces that lie on one place of the sheet with this one, by their ids; the one with the higher neck first. */
function oneSheet(pages: Pages, id: string): string[] {
  const [one, other] = pages.alike.find((ids) => ids.includes(id)) ?? [];
  const a = pages.places[one ?? ''];
  const b = pages.places[other ?? ''];
  return one && other && a && b && a[0] === b[0] && a[1] === b[1] ? [one, other] : [id];
}

/** How long a notch is at least on the screen, and how far its strokes stand apart, px. */
const NOTCH = { reach: 7, apart: 4 };

/** Cut line and sewn line in the ink of the panel; with all that is marked where the piece has a sheet of its own. */
function inkOf(piece: Piece, scale: number, whole: boolean): PieceInk {
  const colour = `var(--color-${toneOf(piece).tone})`;
  const black = 'var(--color-ink)';
  return {
    cut: { colour, width: 2.2 },
    sewn: { colour, width: 1.2, dash: '6 4' },
    ...(whole && {
      dart: { colour, width: 1, dash: '4 3' },
      grain: { colour: black, width: 1.2, heads: true },
      notch: { colour: black, width: 1.6, reach: Math.max(10, NOTCH.reach / scale), apart: NOTCH.apart / scale },
      drill: { colour: black, radius: 2.5, filled: true },
    }),
  };
}

function CutPiece(props: { piece: Piece; name: string; to: Project; scale: number }) {
  const { piece, name, to, scale } = props;
  return (
    <g>
      <PieceLines piece={piece} to={to} ink={inkOf(piece, scale, true)} />
      <InnerLines piece={piece} to={to} />
      <Name piece={piece} name={name} to={to} tone={toneOf(piece).tone} />
    </g>
  );
}

/**
 * The piece's name and what is cut of it: beside its grain line, in its middle, up along the grain, or beneath,
 * wherever it has room.
 */
function Name({ piece, name, to, tone }: { piece: Piece; name: string; to: Project; tone: string }) {
  const box = boxOf(piece.cutLine);
  const [left, top] = to([box.left, box.top]);
  const [right, bottom] = to([box.right, box.bottom]);
  const a = to(piece.grain[0] ?? [0, 0]);
  const b = to(piece.grain[1] ?? [0, 0]);
  const said = piece.label[1] ?? '';
  const long = Math.max(name.length * 8.5, said.length * 7) + 14;
  const wide = right - left;
  const tall = bottom - top;
  const text = { stroke: 'var(--color-card)', strokeWidth: 5, paintOrder: 'stroke', fontWeight: 600 } as const;
  const fill = `var(--color-${tone})`;
  const both = (x: number, y: number, turned: boolean, anchor: 'start' | 'middle') => (
    <text
      {...text}
      fill={fill}
      fontSize="15"
      textAnchor={anchor}
      transform={turned ? `rotate(-90 ${x} ${y})` : undefined}
    >
      <tspan x={x} y={y}>
        {name}
      </tspan>
      <tspan x={x} dy="19" fontSize="13" fontWeight="400" fill="var(--color-soft)">
        {said}
      </tspan>
    </text>
  );
  if (tall > 60 && right - a[0] > long) return both(a[0] + 10, a[1] + (b[1] - a[1]) * 0.42, false, 'start');
  // The words never lie across an upright grain line.
  const upright = Math.abs(b[1] - a[1]) > Math.abs(b[0] - a[0]);
  if (upright && tall > long && wide > 60)
    return both(a[0] + (right - a[0] > 50 ? 18 : -34), (top + bottom) / 2, true, 'middle');
  if (tall > 60 && wide > long) return both((left + right) / 2, (top + bottom) / 2, false, 'middle');
  // In a narrow strip there is room for its name alone; one that has not even that is named in the list beside.
  const letters = Math.floor((wide - 12) / 7.2);
  if (letters < 4 || tall < 14) return null;
  return (
    <text {...text} fill={fill} fontSize="13" x={left + 6} y={(top + bottom) / 2 + 4.5}>
      {name.length <= letters ? name : `${name.slice(0, letters - 1)}…`}
    </text>
  );
}
