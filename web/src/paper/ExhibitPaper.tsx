import { useMemo } from 'react';
import type { Exhibit } from '../api/client';
import { useUnit } from '../tape/unit';
import type { Notation } from '../tape/writer';
import { writeAmount } from '../words/amounts';
import { type Box, boxOf, frame, type Project, path, project, straight, type View, type XY } from './geometry';
import { useSize } from './useSize';

type Span = Exhibit['spans'][number];
type Note = Exhibit['notes'][number];

const INK: Record<string, { colour: string; width: number; dash?: string; fill?: string }> = {
  front: { colour: 'var(--color-front)', width: 2.6 },
  back: { colour: 'var(--color-back)', width: 2.6, dash: '11 5' },
  pencil: { colour: 'var(--color-pencil)', width: 1.2, dash: '2 4' },
  body: { colour: 'var(--color-line)', width: 1, fill: 'var(--color-linen)' },
  cloth: { colour: 'transparent', width: 0, fill: 'var(--color-tape)' },
  fault: { colour: 'var(--color-crimson)', width: 3.4 },
  plain: { colour: 'var(--color-ink)', width: 2.2 },
  seam: { colour: 'var(--color-brass)', width: 5 },
};
const TEXT: Record<string, string> = {
  front: 'var(--color-front)',
  back: 'var(--color-back)',
  pencil: 'var(--color-faint)',
  fault: 'var(--color-crimson)',
};
const MARGIN = { x: 64, y: 48 };

function upright({ from: [x0 = 0, y0 = 0], to: [x1 = 0, y1 = 0] }: Span): boolean {
  return Math.abs(y1 - y0) > Math.abs(x1 - x0);
}

/** Room at the sides: the words of an upright distance stand outside it. */
function sideMargin(evidence: Exhibit): number {
  if (evidence.spans.length === 0) return MARGIN.y;
  return Math.max(MARGIN.x, ...evidence.spans.filter(upright).map((s) => (s.label.length + 5) * 8 + 16));
}

/** What an inspection measured, drawn from the lines it measured. */
export function ExhibitPaper(props: {
  evidence: (Exhibit & { check?: string }) | null;
  label: string;
  note?: string;
  /** What closed lines in the inks of front and back are filled with: nothing, or a breath of their ink. */
  tinted?: boolean;
}) {
  const { evidence } = props;
  const unit = useUnit();
  const [ref, size] = useSize<HTMLDivElement>();
  const view = useMemo<View | null>(() => {
    if (!evidence || size.width === 0) return null;
    const side = sideMargin(evidence);
    const inner = frame(
      wholeOf(evidence),
      Math.max(80, size.width - 2 * side),
      Math.max(80, size.height - 2 * MARGIN.y),
    );
    return { ...inner, left: inner.left - side / inner.scale, top: inner.top - MARGIN.y / inner.scale };
  }, [evidence, size.width, size.height]);
  const to = view && project({ dx: 0, dy: 0, flip: false }, view);
  return (
    <figure
      ref={ref}
      className="relative min-h-96 overflow-hidden rounded-[4px] border border-line bg-card shadow-card lg:min-h-0"
    >
      {evidence && to && (
        <svg
          width={size.width}
          height={size.height}
          role="img"
          aria-label={props.label}
          data-testid="evidence"
          data-check={evidence.check}
        >
          {evidence.strokes.map((s, i) => {
            const ink = INK[s.ink] ?? INK.plain;
            return (
              <path
                key={`${s.ink}${i}`}
                d={path(s.segments, to)}
                fill={s.filled ? (ink?.fill ?? (props.tinted ? ink?.colour : undefined)) : 'none'}
                fillOpacity={s.ink === 'cloth' ? 0.42 : ink?.fill ? 1 : 0.06}
                stroke={s.filled && props.tinted && !ink?.fill ? 'none' : ink?.colour}
                strokeWidth={ink?.width}
                strokeDasharray={ink?.dash}
                strokeLinecap={s.ink === 'pencil' ? 'butt' : 'round'}
                strokeLinejoin="round"
              />
            );
          })}
          {evidence.spans.map((s) => (
            <SpanLine
              key={s.label + s.from.join()}
              span={s}
              to={to}
              middle={size.width / 2}
              text={`${s.label} ${unit.write(s.value)}`}
            />
          ))}
          {evidence.notes.map((n) => (
            <NoteText key={n.text + n.at.join()} note={n} to={to} unit={unit} width={size.width} />
          ))}
        </svg>
      )}
      {props.note && (
        <figcaption className="absolute top-3 left-4 rounded-field bg-tape px-2.5 py-1 font-medium">
          {props.note}
        </figcaption>
      )}
    </figure>
  );
}

function wholeOf(evidence: Exhibit): Box {
  const box = boxOf(evidence.strokes.flatMap((s) => s.segments));
  for (const at of [...evidence.spans.flatMap((s) => [s.from, s.to]), ...evidence.notes.map((n) => n.at)]) {
    box.left = Math.min(box.left, at[0] as number);
    box.right = Math.max(box.right, at[0] as number);
    box.top = Math.min(box.top, at[1] as number);
    box.bottom = Math.max(box.bottom, at[1] as number);
  }
  return box;
}

const HALO = { stroke: 'var(--color-card)', strokeWidth: 5, paintOrder: 'stroke', strokeLinejoin: 'round' } as const;

/** From one line of a name to the next. */
const LINE = 18;

/** A distance with a tick at each end; its words above it, or beside it on the outer side. */
function SpanLine(props: { span: Span; to: Project; middle: number; text: string }) {
  const a = props.to(props.span.from);
  const b = props.to(props.span.to);
  const length = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1;
  const nx = (-(b[1] - a[1]) / length) * 6;
  const ny = ((b[0] - a[0]) / length) * 6;
  const beside = upright(props.span);
  const x = (a[0] + b[0]) / 2;
  const y = (a[1] + b[1]) / 2;
  const right = x > props.middle;
  const across = (at: XY) => straight([at[0] - nx, at[1] - ny], [at[0] + nx, at[1] + ny]);
  const colour = TEXT[props.span.ink] ?? 'var(--color-ink)';
  return (
    <g>
      <path d={`${across(a)}${across(b)}${straight(a, b)}`} stroke={colour} strokeWidth="1.5" fill="none" />
      <text
        x={beside ? x + (right ? 12 : -12) : x}
        y={beside ? y + 5 : y - 9}
        textAnchor={beside ? (right ? 'start' : 'end') : 'middle'}
        fontSize="15"
        fontWeight="600"
        fill={colour}
        {...HALO}
      >
        {props.text}
      </text>
    </g>
  );
}

function NoteText(props: { note: Note; to: Project; unit: Notation; width: number }) {
  const { note } = props;
  const at = props.to(note.at);
  const value = note.value == null ? '' : writeAmount(note.value, note.unit, props.unit);
  const words = [note.text, value].filter((w) => w !== '').join(' ');
  const lines = words.split('\n');
  const half = Math.max(...lines.map((l) => l.length)) * 4;
  const x = Math.max(half, Math.min(props.width - half, at[0]));
  return (
    <text
      textAnchor="middle"
      fontSize={note.ink === 'pencil' ? 14 : 15}
      fontWeight={note.ink === 'pencil' ? 400 : 600}
      fill={TEXT[note.ink] ?? 'var(--color-ink)'}
      {...HALO}
    >
      {lines.map((line, i) => (
        <tspan key={line} x={x} y={at[1] + (i - (lines.length - 1) / 2) * LINE}>
          {line}
        </tspan>
      ))}
    </text>
  );
}
