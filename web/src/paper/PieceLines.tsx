import type { Piece } from '../api/client';
import { type Project, path } from './geometry';

type Stroke = { colour: string; width: number; dash?: string };

/** What a piece is drawn with; what has no stroke is left out. */
export type PieceInk = {
  cut?: Stroke;
  sewn: Stroke;
  dart?: Stroke;
  /** With or without arrow heads. */
  grain?: Stroke & { heads?: boolean };
  /** Strokes of a notch: how long each is and how far apart they stand, mm. */
  notch?: Stroke & { reach: number; apart: number };
  drill?: { colour: string; radius: number; filled: boolean };
};

type Drawn = Pick<Piece, 'cutLine' | 'sewLine' | 'darts' | 'marks' | 'grain'>;

/** A piece as it is cut: cut line solid, sewn line dashed, darts, notches, drill holes and grain. */
export function PieceLines({ piece, to, ink }: { piece: Drawn; to: Project; ink: PieceInk }) {
  return (
    <g fill="none" strokeLinejoin="round">
      {ink.cut && <path d={path(piece.cutLine, to)} {...stroke(ink.cut)} data-testid="cut-line" />}
      <path d={path(piece.sewLine, to)} {...stroke(ink.sewn)} />
      {ink.dart &&
        piece.darts.map((d) => {
          const [one, other] = d.legs.map((l) => to(l));
          return (
            <path
              key={d.point.join()}
              d={`M${one?.join(' ')}L${to(d.point).join(' ')}L${other?.join(' ')}`}
              {...stroke(ink.dart)}
            />
          );
        })}
      {piece.marks.map((m) => (
        <Mark key={`${m.kind}${m.at.join()}`} mark={m} to={to} ink={ink} />
      ))}
      {ink.grain && <Grain grain={piece.grain} to={to} ink={ink.grain} />}
    </g>
  );
}

const stroke = (s: Stroke | undefined) =>
  s && { stroke: s.colour, strokeWidth: s.width, strokeDasharray: s.dash, fill: 'none' };

/** A drill hole, or a notch: one stroke in front, two behind, as they are snipped. */
function Mark({ mark, to, ink }: { mark: Piece['marks'][number]; to: Project; ink: PieceInk }) {
  const [x = 0, y = 0] = mark.at;
  if (mark.kind === 'drill') {
    const [cx, cy] = to([x, y]);
    return ink.drill ? (
      <circle
        cx={cx}
        cy={cy}
        r={ink.drill.radius}
        stroke={ink.drill.filled ? 'none' : ink.drill.colour}
        fill={ink.drill.filled ? ink.drill.colour : 'none'}
      />
    ) : null;
  }
  const { notch } = ink;
  if (!notch) return null;
  const [dx = 0, dy = 0] = mark.direction;
  return Array.from({ length: mark.count }, (_, i) => {
    const beside = (i - (mark.count - 1) / 2) * notch.apart;
    const foot = [x - dy * beside, y + dx * beside] as const;
    const end = to([foot[0] + notch.reach * dx, foot[1] + notch.reach * dy]);
    return <path key={beside} d={`M${to(foot).join(' ')}L${end.join(' ')}`} {...stroke(notch)} />;
  });
}

function Grain({ grain, to, ink }: { grain: Piece['grain']; to: Project; ink: Stroke & { heads?: boolean } }) {
  const [a, b] = grain.map((p) => to(p));
  if (!a || !b) return null;
  // The heads lie along the line, whichever way it runs.
  const long = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1;
  const [ux, uy] = [(b[0] - a[0]) / long, (b[1] - a[1]) / long];
  const head = (at: readonly [number, number], way: 1 | -1) =>
    [4, -4]
      .map((side) => `M${at[0] + way * 8 * ux - side * uy} ${at[1] + way * 8 * uy + side * ux}L${at.join(' ')}`)
      .join('');
  return (
    <path
      d={`M${a.join(' ')}L${b.join(' ')}${ink.heads ? head(a, 1) + head(b, -1) : ''}`}
      data-testid="grain"
      {...stroke(ink)}
    />
  );
}
