import { onlineManager } from '@tanstack/react-query';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Problem, problemOf, unwrap, waitOf } from './client';
import { connection } from './connection';

const answer = (status: number, body: unknown, headers: Record<string, string> = {}) =>
  Promise.resolve({
    data: status < 300 ? body : undefined,
    error: status < 300 ? undefined : body,
    response: new Response(null, { status, headers }),
  });

const failed = async (asked: ReturnType<typeof answer>): Promise<Problem> => {
  try {
    await unwrap(asked);
  } catch (e) {
    if (e instanceof Problem) return e;
  }
  throw new Error('It went well');
};

beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal(
    'fetch',
    vi.fn(async () => new Response(null, { status: 200 })),
  );
  connection.found();
});
afterEach(() => {
  connection.found();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe('an answer', () => {
  it('gives its data', async () => {
    expect(await unwrap(answer(200, { total: 3 }))).toEqual({ total: 3 });
  });

  it('that refuses keeps each fault at its field', async () => {
    const problem = await failed(
      answer(422, { detail: 'two fields', errors: [{ field: 'name', message: 'A person needs a name' }] }),
    );
    expect(problem.at('name')).toBe('A person needs a name');
    expect(problem.at('note')).toBeUndefined();
    expect(problem.lost).toBe(false);
  });

  it('that somebody was first carries what is there now', async () => {
    const problem = await failed(answer(409, { detail: 'stale', current: { version: 3 } }));
    expect(problem.stale).toBe(true);
    expect(problem.current).toEqual({ version: 3 });
  });

  it('that it was tried too often says when it may be tried again', async () => {
    expect((await failed(answer(429, { detail: 'no' }, { 'Retry-After': '42' }))).message).toContain('42 seconds');
    expect((await failed(answer(429, { detail: 'no' }, { 'Retry-After': '200' }))).message).toContain('4 minutes');
  });

  it('that there is no room now is asked again after as long as it says, and nothing else of its kind is', async () => {
    const busy = await failed(answer(429, { title: 'Busy', detail: 'full' }, { 'Retry-After': '3' }));
    expect(busy.message).toBe('full');
    expect(busy.passes).toBe(true);
    expect(waitOf(busy)).toBe(3000);
    const tooOften = await failed(answer(429, { title: 'Too many tries', detail: 'no' }, { 'Retry-After': '42' }));
    expect(tooOften.passes).toBe(false);
    expect((await failed(answer(422, { detail: 'no' }))).passes).toBe(false);
    expect(waitOf(new Error('x'))).toBe(1000);
  });

  it('of nobody signed in says how one gets in', async () => {
    const problem = await failed(answer(401, { detail: 'nobody', demo: true, signUp: false }));
    expect(problem.extra).toMatchObject({ demo: true, signUp: false });
  });

  it('without words is a problem all the same', async () => {
    expect((await failed(answer(500, 'not json'))).status).toBe(500);
    expect(problemOf('thrown').message).toContain('load it again');
    const own = new Problem(422, 'x');
    expect(problemOf(own)).toBe(own);
  });
});

describe('the connection', () => {
  it('is lost with the first request that gets no answer, and found again by asking', async () => {
    let up = false;
    vi.stubGlobal(
      'fetch',
      vi.fn(async () => new Response(null, { status: up ? 200 : 503 })),
    );
    await failed(Promise.reject(new TypeError('no line')));
    expect(onlineManager.isOnline()).toBe(false);
    await vi.advanceTimersByTimeAsync(4_500);
    expect(onlineManager.isOnline()).toBe(false);
    up = true;
    await vi.advanceTimersByTimeAsync(2_500);
    expect(onlineManager.isOnline()).toBe(true);
  });

  it('is lost when the workroom’s books are away, and not for a fault of the sender', async () => {
    await failed(answer(422, { detail: 'no' }));
    expect(onlineManager.isOnline()).toBe(true);
    await failed(answer(503, { detail: 'away' }));
    expect(onlineManager.isOnline()).toBe(false);
  });
});
