// @vitest-environment jsdom
import { cleanup, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { BenchPanel } from '../api/client';
import { lay } from '../testing/page';
import { BenchDrawing } from './BenchDrawing';

vi.mock('../paper/useSize', () => ({ useSize: () => [() => {}, { width: 400, height: 300 }] }));
afterEach(cleanup);

const line = (from: [number, number], to: [number, number]) => ({ type: 'line', from, to });
const place = (number: number, out: number, down: number): BenchPanel['places'][number] => ({
  number,
  what: `point ${number}`,
  out,
  down,
  how: '',
  cut: null,
});
const panel: BenchPanel = {
  name: 'Skirt front',
  panel: 'front',
  behind: false,
  begins: '',
  outline: [line([0, 0], [240, 10]), line([240, 10], [260, 600]), line([260, 600], [0, 600]), line([0, 600], [0, 0])],
  inner: [],
  darts: [],
  levels: [],
  places: [place(1, 0, 0), place(2, 240, 10), place(3, 260, 600)],
};

describe('the drawing of a bench sheet', () => {
  it('numbers its points, each beside its own place', () => {
    lay(<BenchDrawing panel={panel} held={null} />);
    expect(screen.getByRole('img').getAttribute('aria-label')).toBe('The front with its 3 points numbered');
    const at = (number: string) => Number(screen.getByText(number).getAttribute('x'));
    expect(at('2')).toBeGreaterThan(at('1'));
    expect(Number(screen.getByText('3').getAttribute('y'))).toBeGreaterThan(
      Number(screen.getByText('2').getAttribute('y')),
    );
  });

  it('shows the point that is held larger than the others', () => {
    lay(<BenchDrawing panel={panel} held={2} />);
    const size = (number: string) => Number(screen.getByText(number).getAttribute('font-size'));
    expect(size('2')).toBeGreaterThan(size('1'));
    expect(size('3')).toBe(size('1'));
  });
});
