/** The parts a drawing is made of, used wherever a pattern is shown. */
import type { LinePiece, Segment } from '../api/client';
import type { Shown } from '../tape/notation';
import { INCH } from '../tape/reader';
import { type Project, path, straight, type View } from './geometry';

export type Tone = 'front' | 'back' | 'pencil' | 'brass';

const COLOUR: Record<Tone, string> = {
  front: 'var(--color-front)',
  back: 'var(--color-back)',
  pencil: 'var(--color-pencil)',
  brass: 'var(--color-brass)',
};

/**
 * The tone of a piece's lines: what lies in front solid, what lies behind in long dashes, so that colour is never
 * alone.
 */
export function toneOf(piece: { behind: boolean } | undefined): { tone: Tone; dash?: string } {
  return piece?.behind ? { tone: 'back', dash: '11 5' } : { tone: 'front' };
}

/** The folds and placed lines inside a piece. */
export function InnerLines({ piece, to }: { piece: Pick<LinePiece, 'behind' | 'folds' | 'lines'>; to: Project }) {
  return (
    <g pointerEvents="none">
      {piece.folds.map((f) => (
        <g key={`${f.kind}${f.out[0]?.from.join()}`}>
          <Outline segments={f.out} to={to} tone={toneOf(piece).tone} width={1.4} dash="12 3 2 3" />
          <Outline segments={f.middle} to={to} tone="pencil" width={1.2} dash="4 4" />
          <Outline segments={f.back} to={to} tone={toneOf(piece).tone} width={1.4} dash="12 3 2 3" />
        </g>
      ))}
      {piece.lines.map((l) =>
        l.id === 'most-stretch' ? (
          <MostStretch key={l.id} segments={l.segments} to={to} />
        ) : (
          <Outline key={l.id} segments={l.segments} to={to} tone="pencil" width={1.3} dash="6 4" />
        ),
      )}
    </g>
  );
}

/** Which way the cloth goes furthest: a line with a head at either end, its word beneath where there is room. */
function MostStretch({ segments, to }: { segments: Segment[]; to: Project }) {
  const first = segments[0];
  if (!first) return null;
  const a = to(first.from as [number, number]);
  const b = to(first.to as [number, number]);
  const long = Math.hypot(b[0] - a[0], b[1] - a[1]);
  const [x, y] = long > 0 ? [(b[0] - a[0]) / long, (b[1] - a[1]) / long] : [1, 0];
  const head = (at: readonly [number, number], way: number) =>
    straight([at[0] + (x * 6 - y * 3) * way, at[1] + (y * 6 + x * 3) * way], at, [
      at[0] + (x * 6 + y * 3) * way,
      at[1] + (y * 6 - x * 3) * way,
    ]);
  return (
    <g stroke="var(--color-brass-deep)" strokeWidth="1.3" fill="none">
      <path d={`${straight(a, b)}${head(a, 1)}${head(b, -1)}`} />
      {long > WORD && Math.abs(x) > 0.7 && (
        <text
          x={(a[0] + b[0]) / 2}
          y={(a[1] + b[1]) / 2 + 13}
          textAnchor="middle"
          fontSize="12"
          stroke="none"
          fill="var(--color-brass-deep)"
        >
          stretch
        </text>
      )}
    </g>
  );
}

/** A line shorter than this on the screen has no word beneath it. */
const WORD = 36;

export function Outline(props: {
  segments: Segment[];
  to: Project;
  tone: Tone;
  dash?: string;
  width?: number;
  className?: string;
  faint?: boolean;
}) {
  return (
    <path
      d={path(props.segments, props.to)}
      fill="none"
      stroke={COLOUR[props.tone]}
      strokeWidth={props.width ?? 2}
      strokeDasharray={props.dash}
      strokeLinejoin="round"
      opacity={props.faint ? 0.4 : undefined}
      className={props.className}
    />
  );
}

/** A wide unseen line over a thin one, so that a finger finds it. */
export function Touch(props: { segments: Segment[]; to: Project; onHover: (on: boolean) => void; onPick: () => void }) {
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: the same step is reached by keyboard in the working beside it
    <path
      d={path(props.segments, props.to)}
      fill="none"
      stroke="transparent"
      strokeWidth={14}
      className="cursor-pointer"
      onPointerEnter={() => props.onHover(true)}
      onPointerLeave={() => props.onHover(false)}
      onClick={props.onPick}
    />
  );
}

/** Two levels nearer than this, and the lower one's name stands under its line. */
const CROWDED = 17;

/** The levels across the paper, each named at its end. */
export function Levels(props: {
  levels: { name: string; y: number }[];
  view: { top: number; scale: number };
  width: number;
  from: number;
}) {
  const down = [...props.levels].sort((a, b) => a.y - b.y);
  return down.map((l, i) => {
    const above = down[i - 1];
    const below = above !== undefined && (l.y - above.y) * props.view.scale < CROWDED;
    const y = (l.y - props.view.top) * props.view.scale;
    return <Level key={l.name} name={l.name} y={y} below={below} width={props.width} from={props.from} />;
  });
}

function Level(props: { y: number; width: number; name: string; from: number; below: boolean }) {
  return (
    <g>
      <path d={`M${props.from} ${props.y}H${props.width}`} stroke="var(--color-pencil)" strokeDasharray="1.5 4" />
      <text
        x={props.width - 12}
        y={props.below ? props.y + 15 : props.y - 6}
        textAnchor="end"
        fontSize="14"
        fill="var(--color-faint)"
        stroke="var(--color-card)"
        strokeWidth="4"
        paintOrder="stroke"
      >
        {props.name}
      </text>
    </g>
  );
}

/** The tape along the paper's edge: inches, or centimetres, at the drawing's own scale. */
export function Ruler(props: { view: View; height: number; shown: Shown; width: number }) {
  const { view, height, shown, width } = props;
  const step = shown === 'in' ? INCH : 10;
  const px = step * view.scale;
  const every = shown === 'in' ? (px > 22 ? 1 : px > 9 ? 4 : 8) : px > 26 ? 1 : px > 9 ? 5 : 10;
  const first = Math.ceil(view.top / step);
  const last = Math.floor((view.top + height / view.scale) / step);
  const ticks: number[] = [];
  for (let i = first; i <= last; i++) ticks.push(i);
  const half = px > 40;
  return (
    <g pointerEvents="none">
      <rect x="0" y="0" width={width} height={height} fill="var(--color-tape)" />
      <path d={`M${width} 0V${height}`} stroke="var(--color-tape-deep)" />
      {ticks.map((i) => {
        const y = (i * step - view.top) * view.scale;
        const long = i % every === 0;
        return (
          <g key={i}>
            <path d={`M${width} ${y}h${long ? -11 : -5}`} stroke="var(--color-ink)" strokeOpacity="0.75" />
            {half && <path d={`M${width} ${y + px / 2}h-3`} stroke="var(--color-ink)" strokeOpacity="0.5" />}
            {long && y > 8 && y < height - 6 && (
              <text x={width - 14} y={y + 4.5} textAnchor="end" fontSize="13" fill="var(--color-ink)">
                {String(i).replace('-', '−')}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}
