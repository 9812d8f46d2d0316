// @vitest-environment jsdom
import { act, cleanup, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { madeDraft, madePiece } from '../testing/made';
import { BeforeChange } from './BeforeChange';

const view = { left: 0, top: 0, scale: 1 };
const place = { front: { dx: 0, dy: 0, flip: false } };
const wide = (mm: number) =>
  madeDraft({ pieces: [madePiece({ id: 'front', sewLine: [{ type: 'line', from: [0, 0], to: [mm, 0] }] })] });
const sheet = (mm: number) => (
  <BeforeChange draft={wides[mm] ?? wide(mm)} place={place} view={view} width={600} height={400} />
);
const wides: Record<number, ReturnType<typeof wide>> = { 100: wide(100), 110: wide(110), 120: wide(120) };
const pencil = () => screen.queryByTestId('before-change')?.querySelector('path')?.getAttribute('d') ?? null;

beforeEach(() => void vi.useFakeTimers());
afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

describe('the draft before a change', () => {
  it('is the one the hand began with, for as long as it is at work', () => {
    const { rerender } = render(sheet(100));
    expect(pencil()).toBeNull();
    rerender(sheet(110));
    expect(pencil()).toContain('100');
    act(() => void vi.advanceTimersByTime(300));
    rerender(sheet(120));
    expect(pencil()).toContain('100');
    expect(screen.getByTestId('before-change').classList).not.toContain('ghost-away');
  });

  it('fades when the hand rests, and is gone', () => {
    const { rerender } = render(sheet(100));
    rerender(sheet(110));
    act(() => void vi.advanceTimersByTime(500));
    expect(screen.getByTestId('before-change').classList).toContain('ghost-away');
    act(() => void vi.advanceTimersByTime(1500));
    expect(pencil()).toBeNull();
  });

  it('begins anew where the next change comes after a rest', () => {
    const { rerender } = render(sheet(100));
    rerender(sheet(110));
    act(() => void vi.advanceTimersByTime(500));
    rerender(sheet(120));
    expect(pencil()).toContain('110');
  });
});
