// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { madePiece } from '../testing/made';
import { laid } from './geometry';
import { type PieceInk, PieceLines } from './PieceLines';

afterEach(cleanup);

const side = (from: number[], to: number[]) => ({ type: 'line', from, to });
const square = [side([0, 0], [100, 0]), side([100, 0], [100, 100]), side([100, 100], [0, 100]), side([0, 100], [0, 0])];
const piece = madePiece({
  cutLine: square,
  sewLine: square,
  grain: [
    [50, 20],
    [50, 80],
  ],
  marks: [{ at: [100, 40], direction: [1, 0], kind: 'notch', count: 2, text: '', along: null }],
});
const INK: PieceInk = {
  cut: { colour: 'black', width: 2 },
  sewn: { colour: 'grey', width: 1, dash: '6 4' },
  grain: { colour: 'black', width: 1 },
  notch: { colour: 'red', width: 1, reach: 7, apart: 4 },
};
const draw = (move: number[]) =>
  render(
    <svg>
      <title>a piece</title>
      <PieceLines piece={piece} to={laid(move, (x, y) => [x, y])} ink={INK} />
    </svg>,
  ).container;
const notches = (of: Element) => [...of.querySelectorAll('path[stroke="red"]')].map((p) => p.getAttribute('d'));

describe('the lines of a piece', () => {
  it('notch a back with two strokes, outward and side by side', () => {
    expect(notches(draw([1, 0, 0, 1, 0, 0]))).toEqual(['M100 38L107 38', 'M100 42L107 42']);
  });

  it('turn with the piece, notches and grain too', () => {
    // A half turn about the origin.
    const turned = draw([-1, 0, 0, -1, 0, 0]);
    expect(notches(turned)).toEqual(['M-100 -38L-107 -38', 'M-100 -42L-107 -42']);
    expect(screen.getByTestId('grain').getAttribute('d')).toBe('M-50 -20L-50 -80');
  });

  it('leave out what has no ink', () => {
    render(
      <svg>
        <title>a piece</title>
        <PieceLines piece={piece} to={laid([], (x, y) => [x, y])} ink={{ sewn: INK.sewn }} />
      </svg>,
    );
    expect(screen.queryByTestId('cut-line')).toBeNull();
    expect(screen.queryByTestId('grain')).toBeNull();
  });
});
