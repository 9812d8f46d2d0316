import { useMemo } from 'react';
import type { Measure } from '../api/client';
import { bodyOf, type Level } from '../figure/body';
import { useUnit } from '../tape/unit';

const SHOWN = ['bust', 'waist', 'hip', 'thigh', 'knee', 'ankle'] as const;

/** Measures that run down, from where to where. */
const DEPTHS: Record<string, { from: Level; to: Level }> = {
  hipDepth: { from: 'waist', to: 'hip' },
  bodyRise: { from: 'waist', to: 'crotch' },
  kneeDepth: { from: 'waist', to: 'knee' },
  outsideLeg: { from: 'waist', to: 'ankle' },
  shoulderToBust: { from: 'shoulder', to: 'bust' },
  shoulderToWaist: { from: 'shoulder', to: 'waist' },
  shoulderToHip: { from: 'shoulder', to: 'hip' },
  shoulderToKnee: { from: 'shoulder', to: 'knee' },
  shoulderToFloor: { from: 'shoulder', to: 'floor' },
  waistToFloor: { from: 'waist', to: 'floor' },
};

/** She stands as wide as her girths, front and side; the measure in hand lights its level. */
export function Figure(props: { values: Record<string, number>; held: Measure | null }) {
  const { values, held } = props;
  const unit = useUnit();
  const body = useMemo(() => bodyOf(values), [values]);
  const { stature, levels, front, side } = body;
  const y = (level: Level) => levels[level];
  const depth = held ? DEPTHS[held.key] : undefined;
  const heldValue = held ? values[held.key] : undefined;
  const views = [
    { id: 'front', x: 430, drawing: front, right: true },
    { id: 'side', x: 1110, drawing: side, right: false },
  ];
  return (
    <svg
      viewBox={`0 -60 1480 ${stature + 110}`}
      className="h-full w-full"
      role="img"
      aria-label="The body from the front and from the side, as wide as the girths taken"
      fontSize="38"
    >
      {views.map(({ id, x, drawing, right }) => (
        <g key={id} transform={`translate(${x} 0)`}>
          <path d={drawing.outline} fill="var(--color-linen)" />
          {SHOWN.map((level) => {
            const on = held?.level === level && held.run === 'round';
            const edge = drawing.at(y(level));
            return (
              <g key={level}>
                <path
                  d={`M${edge.from - 14} ${y(level)}H${edge.to + 14}`}
                  stroke={on ? 'var(--color-brass)' : 'var(--color-pencil)'}
                  strokeWidth={on ? 9 : 2.5}
                  strokeDasharray={on ? undefined : '3 9'}
                />
                {right && (
                  <text
                    x={edge.to + 34}
                    y={y(level) + 13}
                    fill={on ? 'var(--color-brass-deep)' : 'var(--color-faint)'}
                    fontWeight={on ? 600 : 400}
                  >
                    {on && heldValue !== undefined ? `${level} ${unit.write(heldValue)}` : level}
                  </text>
                )}
              </g>
            );
          })}
          {depth && (
            <Depth
              x={right ? drawing.at(y('hip')).from - 60 : drawing.at(y('hip')).to + 70}
              from={y(depth.from)}
              to={y(depth.to)}
              text={heldValue !== undefined ? unit.write(heldValue) : ''}
              left={right}
            />
          )}
        </g>
      ))}
    </svg>
  );
}

function Depth(props: { x: number; from: number; to: number; text: string; left: boolean }) {
  const { x, from, to } = props;
  return (
    <g stroke="var(--color-brass)" strokeWidth="6" fill="none">
      <path d={`M${x - 20} ${from}h40M${x} ${from}V${to}M${x - 20} ${to}h40`} />
      <text
        x={props.left ? x - 20 : x + 20}
        y={(from + to) / 2 + 13}
        textAnchor={props.left ? 'end' : 'start'}
        stroke="none"
        fill="var(--color-brass-deep)"
        fontWeight="600"
      >
        {props.text}
      </text>
    </g>
  );
}
