import { useDrag } from '@use-gesture/react';
import type { LinePiece, LineStep } from '../api/client';
import { INCH } from '../tape/reader';
import { useUnit } from '../tape/unit';
import { type Figure, figures } from './figures';
import { type Project, straight, type XY } from './geometry';
import type { LaidOff } from './growth';
import { Outline, Touch, toneOf } from './marks';

/** The lines a step drew, each answering for it. */
export function StepLines(props: {
  step: LineStep;
  /** Whether panels were drawn otherwise since: what the steps drew is then in pencil, and lit when it is meant. */
  left: boolean;
  pieces: LinePiece[];
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
        const { tone, dash } = toneOf(props.pieces.find((p) => p.id === d.sheet));
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

/** What an amount on the paper says: a length on the tape, or what else the step comes to while it is in hand. */
function useFigure(): (of: LaidOff, now: boolean) => string {
  const unit = useUnit();
  return (of, now) => (of.step.kind === 'length' || !now ? unit.write(of.amount) : unit.number(of.step.value));
}

/** How large the figure of an amount is, px. */
const letters = (now: boolean) => (now ? 16 : 14);

/**
 * Where an amount begins and ends on the screen; of what was laid off before, only what can be told apart from the one
 * in hand.
 */
function ends(of: LaidOff, to: Project, now: boolean): { a: XY; b: XY } | null {
  const first = of.drawn.segments[0];
  const last = of.drawn.segments[of.drawn.segments.length - 1];
  if (!first || !last) return null;
  const a = to(first.from);
  const b = to(last.to);
  return now || Math.hypot(b[0] - a[0], b[1] - a[1]) >= SMALL ? { a, b } : null;
}

type AmountProps = { of: LaidOff; to: Project; now: boolean; a: XY; b: XY; figure: Figure | undefined };

/** An amount laid off: an arrow at either end and its figure; in brass while its step is in hand, in pencil after. */
function Amount({ of, to, now, a, b, figure }: AmountProps) {
  const text = useFigure()(of, now);
  const along = of.drawn.segments.length > 1 || of.drawn.segments[0]?.type === 'cubic';
  const colour = now ? 'var(--color-brass)' : 'var(--color-faint)';
  const long = Math.hypot(b[0] - a[0], b[1] - a[1]);
  return (
    <g pointerEvents="none" data-amount={of.step.id}>
      {along && <Outline segments={of.drawn.segments} to={to} tone={now ? 'brass' : 'pencil'} width={now ? 3 : 1.4} />}
      <path
        d={`${along ? '' : `M${a.join(' ')}L${b.join(' ')}`}${arrow(a, b)}${arrow(b, a)}`}
        stroke={colour}
        strokeWidth={now ? 2.6 : 1.3}
        strokeLinecap="round"
        fill="none"
      />
      {figure && (
        <text
          x={figure.at[0]}
          y={figure.at[1]}
          textAnchor={figure.upright ? 'end' : 'middle'}
          fontSize={letters(now)}
          fontWeight={now ? 700 : 600}
          fill={now ? 'var(--color-brass-deep)' : 'var(--color-soft)'}
          stroke="var(--color-card)"
          strokeWidth="5"
          paintOrder="stroke"
        >
          {text}
        </text>
      )}
      {now && !along && (
        <circle
          cx={b[0]}
          cy={b[1]}
          r={long < SMALL ? 3.5 : 5.5}
          fill="var(--color-card)"
          stroke={colour}
          strokeWidth="2.4"
        />
      )}
    </g>
  );
}

/** What is shorter on the screen has no room for arrows, px. */
const SMALL = 20;

/** The head of an arrow at one end, coming from the other; none where there is no room. */
function arrow(tip: XY, from: XY): string {
  const long = Math.hypot(from[0] - tip[0], from[1] - tip[1]);
  if (long < SMALL) return '';
  const head = 8;
  const x = ((from[0] - tip[0]) / long) * head;
  const y = ((from[1] - tip[1]) / long) * head;
  return straight([tip[0] + x - y * 0.55, tip[1] + y + x * 0.55], tip, [tip[0] + x + y * 0.55, tip[1] + y - x * 0.55]);
}

type Amounts = { all: LaidOff[]; meant: LineStep | null; to: (sheet: string) => Project | null };

/** The amounts on the paper, the one in hand over those before it, each figure where it can be read. */
export function AmountsLaidOff({ all, meant, to }: Amounts) {
  const write = useFigure();
  const laid = all.flatMap((of) => {
    const at = to(of.drawn.sheet);
    const now = of.step === meant;
    const lie = at && ends(of, at, now);
    return at && lie ? [{ of, to: at, now, ...lie }] : [];
  });
  const said = figures(
    [...laid]
      .reverse()
      .map(({ of, now, a, b }) => ({ key: of.key, a, b, letters: write(of, now).length, size: letters(now) })),
  );
  return laid.map((one) => <Amount key={one.of.key} {...one} figure={said[one.of.key]} />);
}

/** An amount in the hand: what it was and is now, mm, which way it lies on the screen, and how large that is. */
type Held = { was: number; now: number; along: XY; scale: number };

const NOWHERE: XY = [0, 0];

/** The end of an amount, to be taken and moved: by eighths of an inch, or by two millimetres. */
export function Handle(props: {
  of: LaidOff;
  to: Project;
  scale: number;
  least: number;
  most: number;
  onMove: (mm: number) => void;
  onDrop: (mm: number) => void;
}) {
  const unit = useUnit();
  const run = props.of.drawn.segments[0];
  const [a, b]: [XY, XY] = run ? [props.to(run.from), props.to(run.to)] : [NOWHERE, NOWHERE];
  const long = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1;
  const along: XY = [(b[0] - a[0]) / long, (b[1] - a[1]) / long];
  const bind = useDrag(({ event, movement: [x, y], last, memo }): Held => {
    // The paper beneath it is dragged, too.
    event.stopPropagation();
    const held: Held = memo ?? { was: props.of.step.value, now: props.of.step.value, along, scale: props.scale };
    const by = (x * held.along[0] + y * held.along[1]) / held.scale;
    const step = unit.shown === 'in' ? INCH / 8 : 2;
    const now = Math.max(props.least, Math.min(props.most, Math.round((held.was + by) / step) * step));
    const moved = x !== 0 || y !== 0;
    if (moved && now !== held.now) props.onMove(now);
    if (last) props.onDrop(moved ? now : held.was);
    return moved ? { ...held, now } : held;
  });
  if (!run) return null;
  return (
    <circle
      cx={b[0]}
      cy={b[1]}
      r="22"
      fill="transparent"
      className="cursor-grab active:cursor-grabbing"
      data-testid="amount-handle"
      {...bind()}
    />
  );
}
