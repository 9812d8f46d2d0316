import { useMemo } from 'react';
import type { Measure } from '../api/client';
import { bodyOf, type Level } from '../figure/body';
import { useUnit } from '../tape/unit';
import type { Tapes } from './readings';

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
export function Figure(props: {
  values: Tapes;
  held: Measure | null;
  /** Where on her something can be pressed. */
  places?: readonly Level[];
  place?: Level | null;
  onPlace?: (place: Level) => void;
}) {
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
      {props.places && (
        <Places levels={levels} places={props.places} place={props.place ?? null} onPlace={props.onPlace} />
      )}
      {views.map(({ id, x, drawing, right }) => (
        <g key={id} transform={`translate(${x} 0)`} pointerEvents={props.places ? 'none' : undefined}>
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

/** A band at every place, to be pressed: as high as reaches half-way to its neighbours. */
function Places(props: {
  levels: Record<Level, number>;
  places: readonly Level[];
  place: Level | null;
  onPlace?: (place: Level) => void;
}) {
  const ys = props.places.map((p) => props.levels[p]);
  return props.places.map((p, i) => {
    const y = ys[i] ?? 0;
    const top = i === 0 ? y - 90 : (y + (ys[i - 1] ?? 0)) / 2;
    const bottom = i + 1 < ys.length ? (y + (ys[i + 1] ?? 0)) / 2 : y + 90;
    return (
      // biome-ignore lint/a11y/noStaticElementInteractions: the same place is chosen in the list beside the figure
      <rect
        key={p}
        data-place={p}
        x="60"
        y={top}
        width="1360"
        height={Math.max(1, bottom - top)}
        rx="16"
        fill={p === props.place ? 'var(--color-tape)' : 'transparent'}
        fillOpacity="0.45"
        className="cursor-pointer hover:fill-tape"
        onClick={() => props.onPlace?.(p)}
      />
    );
  });
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
