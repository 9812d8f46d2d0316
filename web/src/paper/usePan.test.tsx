// @vitest-environment jsdom
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { useRef } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { usePan } from './usePan';

// Two fingers are listened to where the screen can be touched, which is asked when the library is read.
vi.hoisted(() => Object.assign(window, { ontouchstart: null }));

const HOME = { scale: 0.5, left: 100, top: 40 };
const pressed = vi.fn();

/** A paper at the top left of the window, so that a place of the screen is a place of it. */
function Paper({ part }: { part: string }) {
  const ref = useRef<HTMLDivElement>(null);
  const pan = usePan(HOME, part, ref);
  const { scale, left, top } = pan.view;
  return (
    <>
      <div ref={ref} data-testid="paper" data-view={`${scale} ${left} ${top}`} {...pan.handlers}>
        <button type="button" data-testid="line" onClick={pressed} />
      </div>
      <button type="button" onClick={pan.goHome} disabled={pan.atHome}>
        Home
      </button>
    </>
  );
}

const paper = () => screen.getByTestId('paper');
const view = () => {
  const [scale = 0, left = 0, top = 0] = (paper().dataset.view ?? '').split(' ').map(Number);
  return { scale, left, top };
};
/** What lies under a place of the screen, mm. */
const under = (x: number, y: number) => [view().left + x / view().scale, view().top + y / view().scale];
const finger = (pointerId: number, clientX: number, clientY: number) => ({
  pointerId,
  clientX,
  clientY,
  button: 0,
  buttons: 1,
});

describe('a paper moved as a map', () => {
  beforeEach(() => {
    pressed.mockClear();
    const held = new Set<number>();
    Element.prototype.setPointerCapture = (id) => held.add(id);
    Element.prototype.hasPointerCapture = (id) => held.has(id);
    render(<Paper part="whole" />);
  });
  afterEach(cleanup);

  it('grows under the wheel, and what is under the pointer stays there', () => {
    const before = under(120, 60);
    fireEvent.wheel(paper(), { deltaY: -400, clientX: 120, clientY: 60 });
    expect(view().scale).toBeGreaterThan(HOME.scale * 2);
    expect(under(120, 60)[0]).toBeCloseTo(before[0] as number, 6);
    expect(under(120, 60)[1]).toBeCloseTo(before[1] as number, 6);
  });

  it('grows sixteen times at most, and shrinks a little only', () => {
    for (let i = 0; i < 40; i++) fireEvent.wheel(paper(), { deltaY: -400 });
    expect(view().scale).toBeCloseTo(HOME.scale * 16);
    for (let i = 0; i < 80; i++) fireEvent.wheel(paper(), { deltaY: 400 });
    expect(view().scale).toBeCloseTo(HOME.scale * 0.6);
  });

  it('is dragged by as much as the finger goes, and a drag presses nothing', () => {
    fireEvent.pointerDown(paper(), finger(1, 50, 50));
    fireEvent.pointerMove(paper(), finger(1, 90, 30));
    fireEvent.pointerUp(paper(), finger(1, 90, 30));
    expect(view()).toEqual({ scale: 0.5, left: 100 - 40 / 0.5, top: 40 + 20 / 0.5 });
    fireEvent.click(screen.getByTestId('line'), { detail: 1 });
    expect(pressed).not.toHaveBeenCalled();
  });

  it('is pressed by a finger that trembles', () => {
    fireEvent.pointerDown(paper(), finger(1, 50, 50));
    fireEvent.pointerMove(paper(), finger(1, 52, 51));
    fireEvent.pointerUp(paper(), finger(1, 52, 51));
    fireEvent.click(screen.getByTestId('line'), { detail: 1 });
    expect(pressed).toHaveBeenCalledTimes(1);
    expect(view()).toEqual(HOME);
  });

  it('grows between two fingers, and what lies under each goes with it', () => {
    fireEvent.pointerDown(paper(), finger(1, 100, 100));
    fireEvent.pointerDown(paper(), finger(2, 200, 100));
    const [one, other] = [under(100, 100), under(200, 100)];
    for (const x of [240, 300]) fireEvent.pointerMove(paper(), finger(2, x, 100));
    expect(view().scale).toBeCloseTo(HOME.scale * 2);
    expect(under(100, 100)[0]).toBeCloseTo(one?.[0] as number, 6);
    expect(under(300, 100)[0]).toBeCloseTo(other?.[0] as number, 6);
  });

  it('goes home when asked, and when another part of it is chosen', () => {
    const home = screen.getByRole('button', { name: 'Home' });
    expect(home.hasAttribute('disabled')).toBe(true);
    fireEvent.wheel(paper(), { deltaY: -400 });
    expect(home.hasAttribute('disabled')).toBe(false);
    fireEvent.click(home);
    expect(view()).toEqual(HOME);
  });
});

describe('a paper of which another part is chosen', () => {
  afterEach(cleanup);

  it('lies as that part lies', () => {
    const shown = render(<Paper part="whole" />);
    fireEvent.wheel(paper(), { deltaY: -400 });
    act(() => shown.rerender(<Paper part="fork" />));
    expect(view()).toEqual(HOME);
  });
});
