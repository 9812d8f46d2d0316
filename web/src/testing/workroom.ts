/** A workroom in memory, in place of the one that is asked over the network. */
import type { Ticket } from '../api/client';
import { PLAIN } from './made';

/** A workroom of two tickets, which can be away, refuse an amount of 9999, or be changed by somebody else. */
export const workroom = {
  tickets: new Map<string, Ticket>(),
  down: false,
  /** Keeps what it is sent but loses the answer. */
  mute: false,
  puts: [] as { id: string; body: Record<string, unknown> & { version: number } }[],
};

/** The client of the workroom above in place of the one that asks over the network. */
export function fakeClient(real: typeof import('../api/client')) {
  const answer = (status: number, body: unknown) => ({
    data: status < 300 ? structuredClone(body) : undefined,
    error: status < 300 ? undefined : structuredClone(body),
    response: new Response(null, { status }),
  });
  type Asked = { params: { path: { id: string } }; body: Record<string, unknown> & { version: number } };
  return {
    ...real,
    api: {
      GET: async (_: string, { params }: Asked) => {
        if (workroom.down) throw new TypeError('no line');
        return answer(200, workroom.tickets.get(params.path.id));
      },
      PUT: async (_: string, { params, body }: Asked) => {
        const { id } = params.path;
        if (workroom.down) throw new TypeError('no line');
        workroom.puts.push({ id, body });
        const now = workroom.tickets.get(id);
        if (!now) return answer(404, { detail: 'gone' });
        if ((body.settings as { hipEase?: number }).hipEase === 9999)
          return answer(422, { detail: 'too much', errors: [{ field: 'settings.hipEase', message: 'too much' }] });
        if (body.version !== now.version) return answer(409, { detail: 'stale', current: now });
        const { version, ...rest } = body;
        const next = { ...now, promised: null, ...rest, version: version + 1 };
        workroom.tickets.set(id, next);
        if (workroom.mute) {
          workroom.mute = false;
          throw new TypeError('the answer was lost');
        }
        return answer(200, next);
      },
    },
  };
}

export const ticket = (id: string): Ticket => ({
  id,
  personId: 'p',
  personName: 'Ottoline Varga',
  name: id,
  cut: 'straight-skirt',
  way: 'house',
  settings: {},
  cloth: PLAIN,
  with: [],
  without: [],
  promised: null,
  version: 1,
  revisions: 0,
  updatedAt: '2026-11-26T08:00:00Z',
});
