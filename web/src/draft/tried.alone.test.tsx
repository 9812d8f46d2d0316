// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Draft, Line } from '../api/client';
import type { DraftAsked } from '../api/queries';
import { madeAsked, madeDraft, madeStep } from '../testing/made';
import { useOnceDrawn } from './onceDrawn';
import { useTried } from './useTried';

type Waiting = { length: unknown; what: 'line' | 'working'; answer: (draft: Draft) => void };

const waiting: Waiting[] = [];

const asks = (what: Waiting['what'], asked: DraftAsked) => ({
  queryKey: [what, asked],
  queryFn: () =>
    new Promise<Draft>((answer) => {
      waiting.push({ length: asked.settings?.length, what, answer });
    }),
});

vi.mock('../api/queries', async (original) => ({
  ...(await original<typeof import('../api/queries')>()),
  lineOf: (asked: DraftAsked) => asks('line', asked),
  draftOf: (asked: DraftAsked) => asks('working', asked),
}));

const asked = madeAsked({});
const atLength = (mm: number) => madeDraft({ facts: { length: mm }, steps: [madeStep({ id: 'length', value: mm })] });
const lengthOf = (line: Line | null) => line?.steps[0]?.value;

afterEach(cleanup);

describe('an amount in hand', () => {
  beforeEach(() => {
    waiting.length = 0;
  });

  const taken = () => {
    const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
    const wrapper = ({ children }: { children: ReactNode }) => (
      <QueryClientProvider client={queries}>{children}</QueryClientProvider>
    );
    return renderHook(({ ticket, line }) => useTried(ticket, line), {
      wrapper,
      initialProps: { ticket: asked, line: atLength(600) },
    });
  };
  const answer = async (at: number) => {
    await act(async () => waiting[at]?.answer(atLength(Number(waiting[at]?.length))));
  };

  it('asks for one redraw at a time, and then for where the hand is by then', async () => {
    const hand = taken();
    await act(async () => {
      for (const mm of [610, 620, 630]) hand.result.current.move('length', mm);
    });
    expect(waiting.map((w) => w.length)).toEqual([610]);
    await answer(0);
    expect(waiting.map((w) => w.length)).toEqual([610, 630]);
    await answer(1);
    expect(lengthOf(hand.result.current.draft)).toBe(630);
  });

  it('is said something of when the hand rests, and that stays while it moves on', async () => {
    vi.useFakeTimers();
    const hand = taken();
    await act(async () => hand.result.current.move('length', 610));
    await answer(0);
    expect(waiting.map((w) => w.what)).toEqual(['line']);
    expect(hand.result.current.said).toBeNull();
    await act(() => vi.advanceTimersByTimeAsync(300));
    expect(waiting.map((w) => w.what)).toEqual(['line', 'working']);
    await answer(1);
    await act(async () => hand.result.current.move('length', 620));
    await answer(2);
    expect(lengthOf(hand.result.current.draft)).toBe(620);
    expect(hand.result.current.said?.facts.length).toBe(610);
    vi.useRealTimers();
  });

  it('that is let go before it rests asks for no more', async () => {
    vi.useFakeTimers();
    const hand = taken();
    await act(async () => hand.result.current.move('length', 610));
    await answer(0);
    act(() => hand.result.current.drop());
    await act(() => vi.advanceTimersByTimeAsync(300));
    expect(waiting).toHaveLength(1);
    vi.useRealTimers();
  });

  it('that is let go is not drawn when its answer comes late', async () => {
    const hand = taken();
    await act(async () => hand.result.current.move('length', 610));
    act(() => hand.result.current.drop());
    await answer(0);
    expect(hand.result.current.draft).toBeNull();
  });

  it('gives way to the ticket’s own draft once it is let go, and not before', async () => {
    const hand = taken();
    await act(async () => hand.result.current.move('length', 610));
    await answer(0);
    hand.rerender({ ticket: asked, line: atLength(605) });
    expect(lengthOf(hand.result.current.draft)).toBe(610);
    act(() => hand.result.current.drop());
    hand.rerender({ ticket: asked, line: atLength(610) });
    expect(hand.result.current.draft).toBeNull();
  });
});

describe('what stands beside the paper', () => {
  beforeEach(() => {
    vi.useFakeTimers();
  });
  afterEach(() => {
    vi.useRealTimers();
  });

  const beside = () =>
    renderHook(({ now, drawn }) => useOnceDrawn(now, drawn), { initialProps: { now: 'before', drawn: true } });
  const pass = (ms: number) => act(() => vi.advanceTimersByTimeAsync(ms));

  it('follows when the line is out', async () => {
    const shown = beside();
    shown.rerender({ now: 'after', drawn: true });
    expect(shown.result.current).toBe('before');
    await pass(50);
    expect(shown.result.current).toBe('after');
  });

  it('waits for the line, but not for ever', async () => {
    const shown = beside();
    shown.rerender({ now: 'after', drawn: false });
    await pass(100);
    expect(shown.result.current).toBe('before');
    await pass(150);
    expect(shown.result.current).toBe('after');
  });
});
