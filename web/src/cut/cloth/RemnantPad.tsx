import { useDrag } from '@use-gesture/react';
import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import { Button } from '../../kit/Button';
import { Segmented } from '../../kit/Segmented';
import { INCH } from '../../tape/reader';
import { useUnit } from '../../tape/unit';

export type Place = number[];

const WIDE = 480;
const HIGH = 320;

type Held = { seam: number | null; at: number };

/**
 * A piece of cloth drawn as it lies: a press sets a corner, a corner is dragged or moved by the arrows, seams in it
 * are set by two presses.
 */
export function RemnantPad(props: {
  corners: Place[];
  seams: Place[][];
  onChange: (corners: Place[], seams: Place[][]) => void;
}) {
  const { corners, seams } = props;
  const unit = useUnit();
  const inches = unit.shown === 'in';
  const step = inches ? INCH / 2 : 10;
  const square = inches ? 6 * INCH : 100;
  const svg = useRef<SVGSVGElement>(null);
  const [what, setWhat] = useState<'corners' | 'seams'>('corners');
  const [begun, setBegun] = useState<Place | null>(null);
  const all = [...corners, ...seams.flat()];
  const far = (i: number, least: number) => Math.max(least, ...all.map((p) => (p[i] as number) * 1.12));
  const scale = Math.min(WIDE / far(0, 1500), HIGH / far(1, 1000));
  const long = WIDE / scale;
  const across = HIGH / scale;
  const snapped = (v: number, most: number) => Math.round(Math.min(Math.max(0, v), most) / step) * step;
  const placeOf = ([x, y]: [number, number]): Place => {
    const box = svg.current?.getBoundingClientRect() ?? new DOMRect(0, 0, WIDE, HIGH);
    return [snapped(((x - box.left) / box.width) * long, long), snapped(((y - box.top) / box.height) * across, across)];
  };
  const move = (h: Held, to: Place) => {
    if (h.seam === null)
      props.onChange(
        corners.map((c, i) => (i === h.at ? to : c)),
        seams,
      );
    else
      props.onChange(
        corners,
        seams.map((s, i) => (i === h.seam ? s.map((c, k) => (k === h.at ? to : c)) : s)),
      );
  };
  const drag = useDrag(
    ({ event, args, xy, movement: [x, y] }) => {
      // Where a corner is, none is added; and a corner that is only pressed stays.
      event.stopPropagation();
      if (x !== 0 || y !== 0) move(args[0], placeOf(xy));
    },
    { pointer: { keys: false } },
  );
  const add = (e: PointerEvent<SVGSVGElement>) => {
    const at = placeOf([e.clientX, e.clientY]);
    if (what === 'corners') props.onChange([...corners, at], seams);
    else if (!begun) setBegun(at);
    else {
      props.onChange(corners, [...seams, [begun, at]]);
      setBegun(null);
    }
  };
  const press = (h: Held, at: Place) => (e: KeyboardEvent) => {
    const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[e.key];
    if (by) {
      e.preventDefault();
      e.stopPropagation();
      move(h, [
        snapped((at[0] as number) + (by[0] as number) * step, long),
        snapped((at[1] as number) + (by[1] as number) * step, across),
      ]);
    } else if (e.key === 'Delete' || e.key === 'Backspace') {
      e.preventDefault();
      if (h.seam === null)
        props.onChange(
          corners.filter((_, i) => i !== h.at),
          seams,
        );
      else
        props.onChange(
          corners,
          seams.filter((_, i) => i !== h.seam),
        );
    }
  };
  const knob = (h: Held, at: Place, name: string) => (
    // biome-ignore lint/a11y/useSemanticElements: a corner is part of the drawing, where no button can be
    <circle
      key={name}
      cx={(at[0] as number) * scale}
      cy={(at[1] as number) * scale}
      r="9"
      tabIndex={0}
      role="button"
      aria-label={`${name}: ${unit.write(at[0] as number)} along, ${unit.write(at[1] as number)} across`}
      className="cursor-grab fill-card stroke-2 stroke-brass focus:fill-brass"
      onKeyDown={press(h, at)}
      {...drag(h)}
    />
  );
  const lines = (most: number) => Array.from({ length: Math.floor(most / square) }, (_, i) => (i + 1) * square);
  const path = corners.map((c) => `${(c[0] as number) * scale} ${(c[1] as number) * scale}`).join('L');
  return (
    <div className="flex flex-col gap-2">
      <div className="flex flex-wrap items-center gap-2">
        <div className="min-w-56">
          <Segmented
            label="What is drawn"
            value={what}
            options={[
              { id: 'corners', title: 'Outline' },
              { id: 'seams', title: 'Seams in it' },
            ]}
            onChange={(w) => {
              setWhat(w);
              setBegun(null);
            }}
          />
        </div>
        <Button
          disabled={what === 'corners' ? corners.length === 0 : seams.length === 0 && !begun}
          onClick={() => {
            if (what === 'corners') props.onChange(corners.slice(0, -1), seams);
            else if (begun) setBegun(null);
            else props.onChange(corners, seams.slice(0, -1));
          }}
        >
          Take back
        </Button>
        <Button onClick={() => props.onChange([], [])} disabled={all.length === 0}>
          Clear
        </Button>
      </div>
      {/* biome-ignore lint/a11y/useSemanticElements: a drawing cannot be a fieldset */}
      <svg
        ref={svg}
        viewBox={`0 0 ${WIDE} ${HIGH}`}
        role="group"
        aria-label="The piece of cloth, its grain from left to right"
        className="block w-full touch-none rounded-field border border-line bg-linen"
        onPointerDown={add}
      >
        {lines(long).map((x) => (
          <g key={x}>
            <path d={`M${x * scale} 0V${HIGH}`} stroke="var(--color-line)" />
            <text x={x * scale + 3} y={13} fontSize="13" fill="var(--color-soft)">
              {unit.write(x)}
            </text>
          </g>
        ))}
        {lines(across).map((y) => (
          <g key={y}>
            <path d={`M0 ${y * scale}H${WIDE}`} stroke="var(--color-line)" />
            <text x={3} y={y * scale - 4} fontSize="13" fill="var(--color-soft)">
              {unit.write(y)}
            </text>
          </g>
        ))}
        {corners.length > 0 && (
          <path
            d={`M${path}Z`}
            fill="var(--color-card)"
            fillOpacity="0.8"
            stroke="var(--color-ink)"
            strokeWidth="1.6"
          />
        )}
        {seams.map(([a, b], i) => (
          <path
            key={`seam ${i + 1}`}
            d={`M${(a?.[0] ?? 0) * scale} ${(a?.[1] ?? 0) * scale}L${(b?.[0] ?? 0) * scale} ${(b?.[1] ?? 0) * scale}`}
            stroke="var(--color-crimson)"
            strokeWidth="2"
            strokeDasharray="7 4"
          />
        ))}
        {begun && (
          <circle
            cx={(begun[0] as number) * scale}
            cy={(begun[1] as number) * scale}
            r="6"
            className="fill-crimson"
            pointerEvents="none"
          />
        )}
        {what === 'corners'
          ? corners.map((c, i) => knob({ seam: null, at: i }, c, `Corner ${i + 1}`))
          : seams.flatMap((s, i) => s.map((c, k) => knob({ seam: i, at: k }, c, `Seam ${i + 1}, end ${k + 1}`)))}
      </svg>
      <p className="text-small text-soft">
        {what === 'corners'
          ? `Press where its corners are, one after the other; drag a corner to move it. The grain runs from left to
             right.`
          : begun
            ? 'Press where the seam ends.'
            : 'Press where a seam begins that no piece may cross, then where it ends.'}
      </p>
    </div>
  );
}
