import { useMemo } from 'react';
import type { BenchPanel } from '../api/client';
import { boxOf, frame, project } from '../paper/geometry';
import { Levels, Outline, toneOf } from '../paper/marks';
import { useSize } from '../paper/useSize';

/** The piece drawn small, its two base lines strong, its points numbered. */
export function BenchDrawing({ panel, held }: { panel: BenchPanel; held: number | null }) {
  const [ref, size] = useSize<HTMLDivElement>();
  const { view, middle } = useMemo(() => {
    const box = boxOf(panel.outline);
    const whole = { ...box, left: Math.min(0, box.left), top: Math.min(0, box.top) };
    const inner = frame(whole, Math.max(50, size.width - 96), Math.max(50, size.height - 56));
    return {
      view: { ...inner, left: inner.left - 44 / inner.scale, top: inner.top - 28 / inner.scale },
      middle: { x: (whole.left + whole.right) / 2, y: (whole.top + whole.bottom) / 2 },
    };
  }, [panel, size.width, size.height]);
  const to = project({ dx: 0, dy: 0, flip: false }, view);
  const corner = to([0, 0]);
  const { tone } = toneOf(panel);
  return (
    <div ref={ref} className="min-h-72 flex-1 overflow-hidden rounded-[4px] border border-line bg-card shadow-card">
      {size.width > 0 && (
        <svg
          width={size.width}
          height={size.height}
          role="img"
          aria-label={`The ${panel.panel} with its ${panel.places.length} points numbered`}
        >
          <Levels levels={panel.levels.slice(1)} view={view} width={size.width} from={0} />
          <path
            d={`M${corner[0]} 0V${size.height}M0 ${corner[1]}H${size.width}`}
            stroke="var(--color-tape-deep)"
            strokeWidth="3"
          />
          <Outline segments={panel.outline} to={to} tone={tone} width={2} />
          {panel.inner.length > 0 && <Outline segments={panel.inner} to={to} tone="pencil" width={1.2} dash="6 4" />}
          {panel.darts.length > 0 && <Outline segments={panel.darts} to={to} tone={tone} width={1.4} />}
          {panel.places.map((p) => {
            const [x, y] = to([p.out, p.down]);
            const right = p.out > middle.x;
            const above = p.down < middle.y / 3;
            const on = held === p.number;
            return (
              <g key={p.number}>
                <circle cx={x} cy={y} r={on ? 6 : 2.6} fill={on ? 'var(--color-brass)' : 'var(--color-ink)'} />
                <text
                  x={x + (right ? 8 : -8)}
                  y={y + (above ? -6 : 13)}
                  textAnchor={right ? 'start' : 'end'}
                  fontSize={on ? 18 : 13}
                  fontWeight={on ? 700 : 500}
                  fill={on ? 'var(--color-brass-deep)' : 'var(--color-ink)'}
                  stroke="var(--color-card)"
                  strokeWidth="4"
                  paintOrder="stroke"
                >
                  {p.number}
                </text>
              </g>
            );
          })}
        </svg>
      )}
    </div>
  );
}
