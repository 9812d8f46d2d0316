import { QueryClient } from '@tanstack/react-query';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Item } from './outbox';
import { type FittingSaid, sendable } from './sendable';

/** What the workroom answers to a fitting that is sent, and the fittings it has. */
const room = vi.hoisted(() => ({ status: 409, at: 4, last: { remark: 'waist-gapes', note: 'at the back' } }));

vi.mock('../api/client', async (original) => ({
  ...(await original<typeof import('../api/client')>()),
  api: {
    POST: async () => ({
      error: { detail: 'Somebody else was first', current: { version: room.at, settings: {}, cloth: {} } },
      response: new Response(null, { status: room.status }),
    }),
    GET: async () => ({ data: { items: [room.last] }, response: new Response(null, { status: 200 }) }),
  },
}));

const said: FittingSaid = { remark: 'waist-gapes', note: ' at the back ', settings: {}, version: 3 };
const item: Item & { body: FittingSaid } = { id: 'i', kind: 'fitting', of: 't', title: 'A fitting', body: said };
const send = () => {
  const desk = { latest: (_: string, version: number) => version };
  return sendable(new QueryClient(), desk).fitting.send(item);
};

beforeEach(() => Object.assign(room, { at: 4, last: { remark: 'waist-gapes', note: 'at the back' } }));

describe('a fitting that was sent before', () => {
  it('is kept where the answer was lost on the way', async () => {
    expect(await send()).toEqual(room.last);
  });

  it('is refused where the last fitting is another', async () => {
    room.last = { remark: 'hem-uneven', note: '' };
    await expect(send()).rejects.toThrow('Somebody else was first');
  });

  it('is refused where the ticket was changed more than once since', async () => {
    room.at = 5;
    await expect(send()).rejects.toThrow('Somebody else was first');
  });
});
