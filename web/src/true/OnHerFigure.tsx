import { useMemo } from 'react';
import type { Check, Draft, Evidence, Sheet } from '../api/client';
import { finding } from '../draft/PlumbStrip';
import { type Body, bodyOf } from '../figure/body';
import { fromShoulder, type Room, room, rooms, type Worn, worn } from '../figure/garment';
import { seated } from '../figure/seated';
import { verdictColour } from '../kit/Plumb';
import { tapesOf } from '../measure/readings';
import { straight, type XY } from '../paper/geometry';
import { useUnit } from '../tape/unit';

const COLOUR: Record<string, string> = {
  true: 'var(--color-pine)',
  watch: 'var(--color-amber)',
  off: 'var(--color-crimson)',
};

/**
 * The garment on her: front, side and as she moves; at every level that was measured the room, and what is tight
 * marked.
 */
export function OnHerFigure(props: {
  sheet: Sheet;
  draft: Draft;
  evidence: readonly Evidence[];
  picked: string;
  onPick: (check: string) => void;
}) {
  const { draft, evidence } = props;
  const body = useHer(props.sheet);
  const all = useMemo(() => rooms(body, draft, evidence), [body, draft, evidence]);
  const on = useMemo(() => worn(body, draft, all), [body, draft, all]);
  // The third picture is about how she sits in it, or steps in it.
  const moved = draft.checks.find((c) => c.posture !== 'standing');
  const frontX = body.stature * 0.17;
  const sideX = body.stature * 0.53;
  const moveX = body.stature * 0.78;
  return (
    <div className="relative min-h-96 overflow-hidden rounded-[4px] border border-line bg-card shadow-card lg:min-h-0">
      <svg
        viewBox={`0 ${-body.stature * 0.03} ${body.stature * 1.2} ${body.stature * 1.08}`}
        role="img"
        aria-label="The garment on her figure, from the front, from the side and as she moves"
        data-testid="on-her-figure"
        className="absolute inset-0 size-full"
      >
        <Standing x={frontX} outline={body.front.outline}>
          {on && (
            <path
              d={on.front}
              fill="var(--color-front)"
              fillOpacity="0.1"
              stroke="var(--color-front)"
              strokeWidth="5"
              strokeLinejoin="round"
            />
          )}
        </Standing>
        <Standing x={sideX} outline={body.side.outline}>
          {on && <Sides of={on} />}
        </Standing>
        <g>
          {all.map((r) => (
            <AtLevel
              key={r.check.id}
              of={r}
              body={body}
              frontX={frontX}
              sideX={sideX}
              on={r.check.id === props.picked}
              onPick={() => props.onPick(r.check.id)}
            />
          ))}
        </g>
        {moved && <Moved check={moved} body={body} draft={draft} x={moveX} onPick={() => props.onPick(moved.id)} />}
      </svg>
    </div>
  );
}

/** The body of a sheet: what was taken of it. */
function useHer(sheet: Sheet): Body {
  return useMemo(() => bodyOf(tapesOf(sheet)), [sheet]);
}

function Standing({ x, outline, children }: { x: number; outline: string; children: React.ReactNode }) {
  return (
    <g transform={`translate(${x} 0)`}>
      <path d={outline} fill="var(--color-linen)" />
      {children}
    </g>
  );
}

function Sides({ of }: { of: Worn }) {
  return (
    <g fill="none" strokeWidth="5" strokeLinejoin="round">
      <path d={of.fore} stroke="var(--color-front)" />
      <path d={of.aft} stroke="var(--color-back)" strokeDasharray="22 11" />
    </g>
  );
}

/** A level: the room in figures; where it is less than is wanted, a line across and what is wanted. */
function AtLevel(props: { of: Room; body: Body; frontX: number; sideX: number; on: boolean; onPick: () => void }) {
  const { of, body, frontX, sideX, on } = props;
  const unit = useUnit();
  const tight = of.check.verdict !== 'true';
  const colour = COLOUR[of.check.verdict] ?? 'var(--color-soft)';
  const from = frontX - body.stature * 0.15;
  const to = sideX + body.stature * 0.13;
  const size = body.stature * 0.0255;
  const words = `${of.level} ${unit.write(room(of))}${tight ? `, wants ${unit.write(of.least - of.body)}` : ''}`;
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: the same plumb line is picked in the list beside it
    <g onClick={props.onPick} className="cursor-pointer" data-level={of.level}>
      <path d={`M${from} ${of.y}H${to}`} stroke="transparent" strokeWidth={size * 2.4} />
      <path
        d={`M${from} ${of.y}H${to}`}
        stroke={colour}
        strokeWidth={tight || on ? 6 : 2.5}
        strokeDasharray={tight ? undefined : on ? '14 8' : '3 9'}
      />
      <text
        x={(frontX + sideX) / 2 + body.stature * 0.01}
        y={of.y - size * 0.45}
        textAnchor="middle"
        fontSize={size}
        fontWeight={tight || on ? 700 : 600}
        fill={colour}
        stroke="var(--color-card)"
        strokeWidth={size * 0.35}
        paintOrder="stroke"
      >
        {words}
      </text>
    </g>
  );
}

/** She sits in it, its line from the waist or from the shoulder round the seat; or takes a step in it. */
function Moved(props: { check: Check; body: Body; draft: Draft; x: number; onPick: () => void }) {
  const { check, body, draft, x } = props;
  const unit = useUnit();
  const colour = COLOUR[check.verdict] ?? 'var(--color-soft)';
  const size = body.stature * 0.0255;
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: the same plumb line is picked in the list beside it
    <g transform={`translate(${x} 0)`} onClick={props.onPick} className="cursor-pointer">
      {check.posture === 'stepping' ? (
        <Step body={body} draft={draft} off={check.verdict === 'off'} />
      ) : (
        <Sitting body={body} draft={draft} short={Math.max(0, -check.difference)} />
      )}
      <text
        x={body.stature * 0.08}
        y={body.stature * 1.015}
        textAnchor="middle"
        fontSize={size}
        fontWeight="600"
        fill={colour}
      >
        {check.title.toLowerCase()} {finding(check, unit)}
      </text>
    </g>
  );
}

function Sitting({ body, draft, short }: { body: Body; draft: Draft; short: number }) {
  const her = useMemo(() => seated(body), [body]);
  const top = fromShoulder(draft) ? body.levels.shoulder : body.levels.waist;
  const down = body.stature * 0.985 - her.box.bottom;
  const seat = body.levels.hip - body.side.at(body.levels.hip).from;
  return (
    <g transform={`translate(${body.stature * 0.02} ${down})`}>
      <path
        d={straight([her.box.left, seat], [body.levels.knee - body.levels.hip - 40, seat])}
        stroke="var(--color-line)"
        strokeWidth="9"
      />
      <path d={her.outline} fill="var(--color-linen)" />
      <g fill="none" strokeWidth="5" strokeLinejoin="round">
        <path d={her.front(top)} stroke="var(--color-front)" />
        <path
          d={her.back(Math.min(body.levels.hip - 20, top + short))}
          stroke="var(--color-back)"
          strokeDasharray="22 11"
        />
      </g>
    </g>
  );
}

/** Legs a step apart from the side, and the hem that must go round them. */
function Step({ body, draft, off }: { body: Body; draft: Draft; off: boolean }) {
  const { hip, waist, floor } = body.levels;
  const hem = Math.min(floor - 40, waist + (draft.facts.length ?? 0));
  const leg = floor - hip;
  const swing = (draft.settings.stride?.value ?? leg * 0.55) / 2 / leg;
  const half = Math.min(0.42, swing);
  const limb = (way: number) => {
    const foot = way * leg * half;
    const at = (share: number, out: number): XY => [foot * share + out, hip + leg * share];
    const back = [at(0, -80), at(0.45, -48), at(0.97, -26)];
    const front = [at(1, 70), at(0.97, 26), at(0.45, 55), at(0, 80)];
    return `${straight(...back, ...front)}Z`;
  };
  const down = (hem - hip) / leg;
  const wide = leg * half * down + 70;
  const side = body.side.at(waist);
  const atHip = body.side.at(hip);
  return (
    <g transform={`translate(${body.stature * 0.12} 0)`}>
      <clipPath id="upright">
        <rect x={-body.stature} y="0" width={2 * body.stature} height={hip} />
      </clipPath>
      <path d={body.side.outline} fill="var(--color-linen)" clipPath="url(#upright)" />
      <path d={limb(1)} fill="var(--color-linen)" />
      <path d={limb(-1)} fill="var(--color-linen)" />
      <path
        d={`M${side.to} ${waist}L${atHip.to} ${hip}L${wide} ${hem}`}
        stroke="var(--color-front)"
        strokeWidth="5"
        fill="none"
      />
      <path
        d={`M${side.from} ${waist}L${atHip.from} ${hip}L${-wide} ${hem}`}
        stroke="var(--color-back)"
        strokeDasharray="22 11"
        strokeWidth="5"
        fill="none"
      />
      <path
        d={`M${-wide} ${hem}H${wide}`}
        stroke={off ? 'var(--color-crimson)' : 'var(--color-pine)'}
        strokeWidth={off ? 8 : 4}
      />
    </g>
  );
}

/** The room at every level as bars: how much there is, and the least this cloth and this cut need. */
export function RoomOverBody(props: {
  sheet: Sheet;
  draft: Draft;
  evidence: readonly Evidence[];
  onPick: (check: string) => void;
}) {
  const unit = useUnit();
  const body = useHer(props.sheet);
  const all = rooms(body, props.draft, props.evidence);
  const most = Math.max(60, ...all.map((r) => Math.max(room(r), r.least - r.body)));
  const share = (mm: number) => `${Math.max(0, Math.min(100, (mm / most) * 100))}%`;
  return all.length === 0 ? null : (
    <section>
      <h3 className="font-semibold text-soft">Room over the body</h3>
      <ul>
        {all.map((r) => (
          <li key={r.check.id} className="border-line border-b">
            <button
              type="button"
              onClick={() => props.onPick(r.check.id)}
              className="grid min-h-11 w-full grid-cols-[3.5rem_1fr_3.5rem] items-center gap-3 text-left hover:bg-wash"
            >
              <span>{r.level}</span>
              <span className="relative block h-1.5 rounded-full bg-linen">
                <span
                  className="absolute inset-y-0 left-0 rounded-full"
                  style={{ width: share(room(r)), background: COLOUR[r.check.verdict] ?? 'var(--color-soft)' }}
                />
                <span className="absolute -top-1 h-3.5 w-0.5 bg-ink" style={{ left: share(r.least - r.body) }} />
              </span>
              <span className={`text-right font-semibold ${verdictColour(r.check.verdict)}`}>
                {unit.write(room(r))}
              </span>
            </button>
          </li>
        ))}
      </ul>
      <p className="mt-1 text-small text-soft">The upright is the least this cloth and this cut need.</p>
    </section>
  );
}
