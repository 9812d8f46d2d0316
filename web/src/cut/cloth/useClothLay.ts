import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { api, unwrap, type Views, whenThereIsRoom } from '../../api/client';
import { keys, useLay } from '../../api/queries';
import { useAction } from '../../api/useAction';
import { useTicketAtHand } from '../../tickets/TicketDesk';
import { bounds, go, overlap, type Ring, slid } from './collide';

export type Laid = Views['PlacementView'];
export type LayView = Views['LayView'];

/**
 * How thoroughly is looked, one after the other: something is there at once, and each next search may find a shorter
 * lay.
 */
const TRIES: (number | undefined)[] = [24, 150, undefined];

/** One piece among all that are laid. */
export const nameOf = (p: Laid) => `${p.garment}/${p.piece}/${p.copy}`;

/** The lay on a cloth: looked for in the background, moved by hand, kept. */
export function useClothLay(layer: string, enabled: boolean) {
  const open = useTicketAtHand();
  const { id, version } = open;
  const queries = useQueryClient();
  const [asked, setAsked] = useState(0);
  const [enough, setEnough] = useState(false);
  const [moves, setMoves] = useState<Laid[][]>([]);
  const ready = enabled && open.saving === 'saved';
  const first = useLay(id, layer, version, TRIES[0], ready);
  const second = useLay(id, layer, version, TRIES[1], ready && asked >= 1);
  const third = useLay(id, layer, version, TRIES[2], ready && asked >= 2);
  const found = [third, second, first].find((q) => q.data)?.data;
  const done = first.data?.kept || (first.data?.lay.tried ?? TRIES[0] ?? 0) < (TRIES[0] as number) || !!third.data;

  const said = useAction(async (ask: () => Promise<Views['TicketLayView']>) => {
    // What is still looked for is of no use once this is kept.
    await queries.cancelQueries({ queryKey: keys.lay(id) });
    await whenThereIsRoom(ask);
    setMoves([]);
    setAsked(0);
    setEnough(false);
    // What was found before is of no use any more: a search that rests would go on showing it.
    await queries.resetQueries({ queryKey: keys.lay(id) });
  });
  const forgetProblem = said.reset;

  // biome-ignore lint/correctness/useExhaustiveDependencies: another cloth or ticket is looked at anew
  useEffect(() => {
    setAsked(0);
    setEnough(false);
    setMoves([]);
    forgetProblem();
  }, [id, layer, version]);

  useEffect(() => {
    if (enough || done) return;
    if (asked === 0 && first.data) setAsked(1);
    if (asked === 1 && second.data) setAsked(2);
  }, [asked, enough, done, first.data, second.data]);

  const lay = found?.lay;
  const now = moves[moves.length - 1] ?? lay?.placements ?? [];
  const length = useMemo(() => Math.max(0, ...now.map((p) => bounds(p.outline)[2])), [now]);

  const free = useCallback(
    (moving: Laid) => {
      const others = now.filter((p) => nameOf(p) !== nameOf(moving)).map((p) => p.outline as Ring);
      const across = lay ? (lay.folded ? lay.width / 2 : lay.width) : 0;
      const sheet = lay?.sheet as Ring | null | undefined;
      return (at: Ring) => {
        const [left, top, , bottom] = bounds(at);
        if (left < -0.01 || top < -0.01 || bottom > across + 0.01) return false;
        if (sheet && !within(at, sheet)) return false;
        return !others.some((o) => overlap(at, o));
      };
    },
    [now, lay],
  );
  /** What a hand has set on this cloth so far: whatever is changed, the rest stays. */
  const set: Views['KeptLay'] = {
    layer,
    copies: found?.copies,
    beside: found?.beside.map((b) => b.id),
    pieced: found?.pieced,
    ...(layer !== 'shell' && lay && !lay.sheet ? { width: lay.width, folded: lay.folded } : {}),
    ...(lay?.sheet ? { sheet: lay.sheet, avoided: lay.avoided } : {}),
  };
  const put = (changed: Laid) => setMoves((m) => [...m, now.map((p) => (nameOf(p) === nameOf(changed) ? changed : p))]);
  const moved = (p: Laid, dx: number, dy: number): Laid => {
    const [x, y] = go(p.outline as Ring, dx, p.onFold ? 0 : dy, free(p));
    return shifted(p, x, y);
  };
  return {
    view: found,
    lay,
    now,
    length,
    error: first.error ?? third.error,
    again: () => first.refetch(),
    problem: said.problem,
    looking: ready && !!lay && !done && !enough,
    stop: () => setEnough(true),
    byHand: moves.length > 0,
    moved,
    put,
    undo: () => setMoves((m) => m.slice(0, -1)),
    putBack: () => setMoves([]),
    /** A piece turned half round where it lies; null where its neighbours leave no room. */
    turned: (p: Laid): Laid | null => {
      const t = halfTurned(p);
      return free(p)(t.outline as Ring) ? t : null;
    },
    keep: () =>
      said.run(() =>
        unwrap(
          api.PUT('/api/tickets/{id}/lay', {
            params: { path: { id } },
            body: { ...set, placements: now.map(hand) },
          }),
        ),
      ),
    set: (what: Partial<Views['KeptLay']>) =>
      said.run(() =>
        unwrap(
          api.PUT('/api/tickets/{id}/lay', {
            params: { path: { id } },
            body: { ...set, ...what },
          }),
        ),
      ),
    forget: () =>
      said.run(() => unwrap(api.DELETE('/api/tickets/{id}/lay', { params: { path: { id }, query: { layer } } }))),
  };
}

export type ClothLay = ReturnType<typeof useClothLay>;

function shifted(p: Laid, dx: number, dy: number): Laid {
  const [a, b, c, d, e, f] = p.move as [number, number, number, number, number, number];
  return { ...p, outline: slid(p.outline as Ring, dx, dy) as number[][], move: [a, b, c, d, e + dx, f + dy] };
}

/** Half round about the middle of its box; what lies on the fold is turned over along it. */
function halfTurned(p: Laid): Laid {
  const [left, top, right, bottom] = bounds(p.outline as Ring);
  const cx = left + right;
  const cy = top + bottom;
  const [a, b, c, d, e, f] = p.move as [number, number, number, number, number, number];
  return {
    ...p,
    angle: 180 - p.angle,
    flipped: p.onFold ? !p.flipped : p.flipped,
    outline: p.outline.map((q) => [cx - (q[0] as number), p.onFold ? (q[1] as number) : cy - (q[1] as number)]),
    move: p.onFold ? [-a, -b, c, d, cx - e, f] : [-a, -b, -c, -d, cx - e, cy - f],
  };
}

function hand(p: Laid): Views['Hand'] {
  const [x, y] = bounds(p.outline as Ring);
  return { garment: p.garment, piece: p.piece, copy: p.copy, flipped: p.flipped, angle: p.angle, x, y };
}

/** Whether a ring lies within another: none of its corners outside, and no corner of the other inside it. */
function within(at: Ring, sheet: Ring): boolean {
  return at.every((p) => inside(sheet, p as number[])) && !sheet.some((p) => strictly(at, p as number[]));
}

function inside(ring: Ring, p: readonly number[]): boolean {
  const [x, y] = p as [number, number];
  let odd = false;
  for (let i = 0; i < ring.length; i++) {
    const [x1, y1] = ring[i] as [number, number];
    const [x2, y2] = ring[(i + 1) % ring.length] as [number, number];
    if (Math.abs((x2 - x1) * (y - y1) - (y2 - y1) * (x - x1)) <= 0.05 * Math.hypot(x2 - x1, y2 - y1)) {
      if (
        x >= Math.min(x1, x2) - 0.05 &&
        x <= Math.max(x1, x2) + 0.05 &&
        y >= Math.min(y1, y2) - 0.05 &&
        y <= Math.max(y1, y2) + 0.05
      )
        return true;
    }
    if (y1 > y !== y2 > y && x < x1 + ((y - y1) / (y2 - y1)) * (x2 - x1)) odd = !odd;
  }
  return odd;
}

function strictly(ring: Ring, p: readonly number[]): boolean {
  const [x, y] = p as [number, number];
  return [
    [x - 0.1, y],
    [x + 0.1, y],
    [x, y - 0.1],
    [x, y + 0.1],
  ].every((q) => inside(ring, q));
}
