import { useDrag } from '@use-gesture/react';
import { useCallback, useMemo, useState } from 'react';
import { habits } from '../account/machine';
import type { Draft, Piece, Views } from '../api/client';
import { useLay } from '../api/queries';
import { Button, ButtonLink } from '../kit/Button';
import { useKeys, useOnlyKeysOf } from '../kit/keys';
import { Segmented } from '../kit/Segmented';
import { Waiting } from '../kit/Waiting';
import { boxOf, laid } from '../paper/geometry';
import { type PieceInk, PieceLines } from '../paper/PieceLines';
import { useSize } from '../paper/useSize';
import { readTape } from '../tape/reader';
import { useUnit } from '../tape/unit';
import { useTicketAtHand, useTicketChanges, useTicketDraft } from '../tickets/TicketDesk';
import { keepScale, keptScale, MARKS, scaleOf, screenName } from './screen';

/** An arrow moves the pattern by so much, mm; with Shift by the finer. */
const STEP = 50;
const FINE = 5;

const GROUNDS = {
  light: { paper: 'var(--color-white)', ink: 'var(--color-ink)', second: 'var(--color-soft)' },
  dark: { paper: 'var(--color-ink)', ink: 'var(--color-white)', second: 'var(--color-tape)' },
} as const;

/** The pattern at true size on a screen, or thrown on the table: piece by piece, or as it lies on the cloth. */
export function FullSize() {
  useOnlyKeysOf('full size');
  const open = useTicketAtHand();
  const changes = useTicketChanges();
  const drawn = useTicketDraft();
  const name = screenName(window.screen, window.devicePixelRatio);
  const [scale, setScale] = useState(() => keptScale(habits, name));
  const [setting, setSetting] = useState(scale === null);
  if (!drawn.draft) return <Waiting error={open.error ?? drawn.fault} again={() => changes.refetch()} />;
  if (setting || scale === null) {
    return (
      <Tape
        before={scale}
        done={(found) => {
          keepScale(habits, name, found);
          setScale(found);
          setSetting(false);
        }}
      />
    );
  }
  return <AtTrueSize draft={drawn.draft} scale={scale} measure={() => setSetting(true)} />;
}

/** Two marks, and what a tape reads between them. */
function Tape({ before, done }: { before: number | null; done: (scale: number) => void }) {
  const unit = useUnit();
  const [typed, setTyped] = useState(before === null ? '' : unit.write(MARKS / before));
  const [fault, setFault] = useState<string | null>(null);
  const keep = () => {
    const read = readTape(typed, unit.shown);
    const scale = read.ok ? scaleOf(read.mm) : null;
    if (!read.ok) setFault(read.why);
    else if (scale === null) setFault('The marks are between 3 cm and 3 m apart');
    else done(scale);
  };
  return (
    <main className="flex min-h-dvh flex-col items-center justify-center gap-6 bg-calico px-5">
      <h1 className="font-semibold text-title">Lay a tape on the two marks</h1>
      <svg width={MARKS + 40} height={70} role="img" aria-label="Two marks to lay a tape on" data-testid="marks">
        <path d={`M20 5v60M${MARKS + 20} 5v60M20 35h${MARKS}`} stroke="var(--color-ink)" strokeWidth="2" fill="none" />
      </svg>
      <form
        className="flex items-end gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          keep();
        }}
      >
        <label className="flex flex-col gap-1">
          <span className="font-medium">From mark to mark it reads ({unit.shown})</span>
          <input
            value={typed}
            inputMode="decimal"
            onChange={(e) => setTyped(e.target.value)}
            className="min-h-11 w-40 rounded-field border border-line bg-card px-3 text-lead"
          />
        </label>
        <Button look="main" type="submit">
          That is it
        </Button>
      </form>
      {fault && (
        <p role="alert" className="text-crimson">
          {fault}
        </p>
      )}
      <p className="max-w-xl text-center text-soft">
        Once is enough: it is remembered for this screen. Where the picture is thrown on the table, lay the tape on the
        table, and measure again whenever the beam was moved. Never look into the beam, and mind the cable on the floor.
      </p>
    </main>
  );
}

/** The lines as thick as they are asked; notches as long as they are snipped. */
function inkOf(look: { ink: string; second: string }, thick: number): PieceInk {
  const line = { colour: look.ink, width: thick * 0.6 };
  return {
    cut: { colour: look.ink, width: thick },
    sewn: { colour: look.second, width: thick * 0.6, dash: '14 8' },
    dart: { ...line, dash: '8 6' },
    grain: { colour: look.ink, width: thick * 0.5 },
    notch: { colour: look.ink, width: thick * 0.8, reach: 7, apart: 4 },
    drill: { colour: look.ink, radius: thick * 1.6, filled: false },
  };
}

type Shown = { key: string; title: string; piece: Piece; move: readonly number[] };

const STAY = [1, 0, 0, 1, 0, 0] as const;

function AtTrueSize({ draft, scale, measure }: { draft: Draft; scale: number; measure: () => void }) {
  const open = useTicketAtHand();
  const unit = useUnit();
  const [what, setWhat] = useState<'pieces' | 'lay'>('pieces');
  const [at, setAt] = useState(0);
  const [ground, setGround] = useState<keyof typeof GROUNDS>('light');
  const [thick, setThick] = useState(3);
  const [off, setOff] = useState({ x: 0, y: 0 });
  const [ref, size] = useSize<HTMLDivElement>();
  const lay = useLay(open.id, 'shell', open.version, 150, what === 'lay' && open.saving === 'saved');
  const piece = draft.pieces[at % draft.pieces.length];
  const count = draft.pieces.length;
  const go = useCallback(
    (by: number) => {
      setAt((n) => (n + by + count) % count);
      setOff({ x: 0, y: 0 });
    },
    [count],
  );
  const slide = useCallback((dx: number, dy: number) => setOff((o) => ({ x: o.x + dx, y: o.y + dy })), []);
  useKeys(
    'full size',
    useMemo(
      () =>
        Object.fromEntries([
          ['ArrowLeft', () => slide(STEP, 0)],
          ['ArrowRight', () => slide(-STEP, 0)],
          ['ArrowUp', () => slide(0, STEP)],
          ['ArrowDown', () => slide(0, -STEP)],
          ['h', () => slide(FINE, 0)],
          ['l', () => slide(-FINE, 0)],
          ['k', () => slide(0, FINE)],
          ['j', () => slide(0, -FINE)],
          ['n', () => go(1)],
          ['p', () => go(-1)],
          ['g', () => setGround((g) => (g === 'light' ? 'dark' : 'light'))],
          ['0', () => setOff({ x: 0, y: 0 })],
        ]),
      [go, slide],
    ),
  );
  const look = GROUNDS[ground];
  const shown: Shown[] =
    what === 'pieces'
      ? piece
        ? [{ key: piece.id, title: piece.name, piece, move: STAY }]
        : []
      : (lay.data?.lay.placements ?? []).flatMap((p: Views['PlacementView']) => {
          const drawn = draft.pieces.find((d) => d.id === p.piece);
          return drawn ? [{ key: `${p.piece}${p.copy}`, title: drawn.name, piece: drawn, move: p.move }] : [];
        });
  const box = what === 'pieces' && piece ? boxOf(piece.cutLine) : { left: 0, top: 0 };
  const place = (x: number, y: number): [number, number] => [
    (x - box.left + 15 + off.x) * scale,
    (y - box.top + 15 + off.y) * scale,
  ];
  const dragged = useDrag(({ delta: [dx, dy] }) => slide(dx / scale, dy / scale));
  return (
    <main className="flex h-dvh flex-col" style={{ background: look.paper }}>
      <div className="flex flex-wrap items-center gap-3 border-line border-b bg-calico px-4 py-2">
        <ButtonLink to={`/tickets/${open.id}/cut?view=cloth`}>Back to the cloth</ButtonLink>
        <Segmented
          label="What is shown"
          value={what}
          options={[
            { id: 'pieces', title: 'Pieces' },
            { id: 'lay', title: 'The lay' },
          ]}
          onChange={(w) => {
            setWhat(w);
            setOff({ x: 0, y: 0 });
          }}
        />
        {what === 'pieces' && piece && (
          <>
            <Button onClick={() => go(-1)} aria-label="The piece before">
              ‹
            </Button>
            <h1 className="min-w-32 text-center font-semibold text-lead">{piece.name}</h1>
            <Button onClick={() => go(1)} aria-label="The next piece">
              ›
            </Button>
          </>
        )}
        <span className="ml-auto flex items-center gap-2">
          <Segmented
            label="Lines"
            value={String(thick)}
            options={[
              { id: '2', title: 'Thin' },
              { id: '3', title: 'Plain' },
              { id: '6', title: 'Thick' },
            ]}
            onChange={(t) => setThick(Number(t))}
          />
          <Segmented
            label="Ground"
            value={ground}
            options={[
              { id: 'light', title: 'Light' },
              { id: 'dark', title: 'Dark' },
            ]}
            onChange={setGround}
          />
          <Button onClick={measure}>Measure the screen</Button>
        </span>
      </div>
      <div ref={ref} className="relative min-h-0 flex-1 cursor-grab touch-none overflow-hidden" {...dragged()}>
        {size.width > 0 && (
          <svg
            width={size.width}
            height={size.height}
            role="img"
            aria-label={what === 'pieces' ? `${piece?.name ?? ''} at true size` : 'The lay at true size'}
          >
            {shown.map((s) => {
              const to = laid(s.move, place);
              const [gx, gy] = to(s.piece.grain[0] ?? [0, 0]);
              const [hx, hy] = to(s.piece.grain[1] ?? [0, 0]);
              return (
                <g key={s.key}>
                  <PieceLines piece={s.piece} to={to} ink={inkOf(look, thick)} />
                  <text
                    x={(gx + hx) / 2 + 14}
                    y={(gy + hy) / 2}
                    fill={look.ink}
                    stroke="none"
                    fontSize="22"
                    fontWeight="600"
                  >
                    {s.title}, {s.piece.label[1]}
                  </text>
                </g>
              );
            })}
          </svg>
        )}
        <p className="absolute right-4 bottom-3 rounded-field px-2" style={{ color: look.ink, background: look.paper }}>
          Arrows move it by {unit.writeUnit(STEP)}, h j k l by {unit.writeUnit(FINE)}, 0 puts it back; n and p take the
          next and the last piece, g turns the ground
        </p>
      </div>
    </main>
  );
}
