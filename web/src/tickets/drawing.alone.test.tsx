// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { DraftAsked } from '../api/queries';
import { madeAsked, madeDraft, madeStep } from '../testing/made';
import { useDrawing } from './useDrawing';

type Asked = { what: 'line' | 'working' | 'whole'; length: number; way: string };

/** What was asked of the workroom, and what answers it: nothing does by itself. */
const table = vi.hoisted(() => ({ asked: [] as Asked[], answers: [] as (() => void)[] }));

vi.mock('../api/client', async (original) => ({
  ...(await original<typeof import('../api/client')>()),
  api: {
    POST: (path: string, { body }: { body: DraftAsked }) =>
      new Promise((done) => {
        const what = path.endsWith('/line') ? 'line' : body.pieces === 'sewn' ? 'working' : 'whole';
        const length = Number(body.settings.length);
        table.asked.push({ what, length, way: body.way });
        const data = madeDraft({
          cut: body.cut,
          way: body.way,
          facts: { length },
          steps: [madeStep({ id: 'length', value: length })],
        });
        table.answers.push(() => done({ data, response: new Response(null, { status: 200 }) }));
      }),
  },
}));

const asked = (length: number, way = 'house') => madeAsked({ way, settings: { length } });

const whats = () => table.asked.map((a) => a.what);
const answer = (at: number) =>
  act(async () => {
    table.answers[at]?.();
    await vi.advanceTimersByTimeAsync(0);
  });
const pass = (ms: number) => act(() => vi.advanceTimersByTimeAsync(ms));

const drawing = (first: DraftAsked) => {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={queries}>{children}</QueryClientProvider>
  );
  return renderHook(({ now }) => useDrawing(now), { wrapper, initialProps: { now: first } });
};

/** A drawing of which all is known. */
const known = async (first: DraftAsked) => {
  const hook = drawing(first);
  await answer(0);
  await answer(1);
  return hook;
};

const onPaper = (hook: ReturnType<typeof drawing>) => hook.result.current.line?.steps[0]?.value;
const read = (hook: ReturnType<typeof drawing>) => hook.result.current.said?.facts.length;

beforeEach(() => {
  vi.useFakeTimers();
  table.asked.length = 0;
  table.answers.length = 0;
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

describe('a draft as it is drawn and read', () => {
  it('comes with its working the first time, and then with the rest of what is said', async () => {
    const hook = drawing(asked(600));
    expect(whats()).toEqual(['working']);
    await answer(0);
    expect(onPaper(hook)).toBe(600);
    expect(read(hook)).toBe(600);
    expect(whats()).toEqual(['working', 'whole']);
  });

  it('is drawn by its line alone once it changes, and read as it was until all is known of it', async () => {
    const hook = await known(asked(600));
    hook.rerender({ now: asked(610) });
    expect(whats().slice(2)).toEqual(['line']);
    expect(hook.result.current.drawn).toBe(false);
    await answer(2);
    expect(hook.result.current.drawn).toBe(true);
    expect(onPaper(hook)).toBe(610);
    expect(read(hook)).toBe(600);
    await pass(300);
    await answer(3);
    expect(read(hook)).toBe(610);
  });

  it('is asked for once where it was asked for ahead', async () => {
    const hook = await known(asked(600));
    act(() => hook.result.current.ahead(asked(610)));
    expect(whats().slice(2)).toEqual(['line']);
    hook.rerender({ now: asked(610) });
    await answer(2);
    expect(onPaper(hook)).toBe(610);
    expect(whats().filter((w) => w === 'line')).toHaveLength(1);
  });

  it('of another way comes with its working again, the last line on the paper until then', async () => {
    const hook = await known(asked(600));
    hook.rerender({ now: asked(610) });
    await answer(2);
    hook.rerender({ now: asked(610, 'quarter') });
    expect(table.asked.at(-1)).toEqual({ what: 'working', length: 610, way: 'quarter' });
    expect(onPaper(hook)).toBe(610);
    await answer(table.asked.length - 1);
    expect(hook.result.current.line?.way).toBe('quarter');
    expect(hook.result.current.said?.way).toBe('quarter');
  });
});
