import type { Line, LinePiece } from '../api/client';
import { boxOf, type Project, project, type View } from './geometry';
import { panelsOf, placeOf, type Table } from './layout';
import { InnerLines, Outline, toneOf } from './marks';

/** A panel as it is: its outline, darts, folds and lines. */
export function Panel({ piece, to }: { piece: LinePiece; to: Project }) {
  const { tone, dash } = toneOf(piece);
  const legs = piece.darts.flatMap((d) => d.legs.map((leg) => ({ type: 'line' as const, from: leg, to: d.point })));
  return (
    <g pointerEvents="none">
      <Outline segments={piece.sewLine} to={to} tone={tone} dash={dash} width={2.2} />
      {legs.length > 0 && <Outline segments={legs} to={to} tone={tone} dash={dash} width={1.6} />}
      <InnerLines piece={piece} to={to} />
    </g>
  );
}

/**
 * A made piece in hand: its outline, folds and lines, and its name above it, or beneath where the next one's name has
 * the place.
 */
export function MadePiece({ piece, to, beneath }: { piece: LinePiece; to: Project; beneath: boolean }) {
  const { tone, dash } = toneOf(piece);
  const box = boxOf(piece.sewLine);
  const at = to([(box.left + box.right) / 2, beneath ? box.bottom : box.top]);
  return (
    <g>
      <Outline segments={piece.sewLine} to={to} tone={tone} dash={dash} width={2} />
      <InnerLines piece={piece} to={to} />
      <text
        x={at[0]}
        y={at[1] + (beneath ? 20 : -9)}
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

export function PanelName({ piece, at, down }: { piece: LinePiece; at: readonly [number, number]; down: number }) {
  const { tone } = toneOf(piece);
  return (
    <text
      x={at[0]}
      y={at[1] + down}
      textAnchor="middle"
      fontSize="19"
      fontWeight="600"
      fontFamily="var(--font-head)"
      fill={`var(--color-${tone})`}
      stroke="var(--color-card)"
      strokeWidth="6"
      paintOrder="stroke"
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
export function Ghost(props: { draft: Line; on: Line; table: Pick<Table, 'place'>; view: View }) {
  return (
    <g pointerEvents="none">
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
