// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { UnitProvider } from '../../tape/unit';
import { type Place, RemnantPad } from './RemnantPad';

const queries = new QueryClient();
let corners: Place[] = [];
let seams: Place[][] = [];

function Pad(props: { corners: Place[] }) {
  const [now, setNow] = useState({ corners: props.corners, seams: [] as Place[][] });
  corners = now.corners;
  seams = now.seams;
  return (
    <QueryClientProvider client={queries}>
      <UnitProvider>
        <RemnantPad {...now} onChange={(c, s) => setNow({ corners: c, seams: s })} />
      </UnitProvider>
    </QueryClientProvider>
  );
}

/** The cloth, one pixel to ten millimetres of 1500 by 1000. */
const cloth = () => {
  const svg = document.querySelector('svg') as SVGSVGElement;
  svg.getBoundingClientRect = () => ({ left: 0, top: 0, width: 150, height: 100 }) as DOMRect;
  return svg;
};
const press = (x: number, y: number) => fireEvent.pointerDown(cloth(), { clientX: x, clientY: y });
const TRIANGLE: Place[] = [
  [0, 0],
  [800, 0],
  [800, 600],
];

describe('a remnant as it lies', () => {
  beforeEach(() => localStorage.setItem('plumb.unit', 'cm'));
  afterEach(() => {
    cleanup();
    localStorage.clear();
  });

  it('has a corner where it is pressed, on the cloth', () => {
    render(<Pad corners={[]} />);
    press(30, 20);
    press(80, 20);
    expect(corners).toHaveLength(2);
    for (const [along = -1, across = -1] of corners) {
      expect(along).toBeGreaterThanOrEqual(0);
      expect(across).toBeGreaterThanOrEqual(0);
    }
    expect(corners[1]?.[0]).toBeGreaterThan(corners[0]?.[0] as number);
    expect(corners[1]?.[1]).toBe(corners[0]?.[1]);
  });

  it('has its corners moved by the arrows, and never off it', () => {
    render(<Pad corners={TRIANGLE} />);
    const [first] = screen.getAllByRole('button', { name: /along, .* across/ });
    fireEvent.keyDown(first as Element, { key: 'ArrowLeft' });
    expect(corners[0]).toEqual([0, 0]);
    fireEvent.keyDown(first as Element, { key: 'ArrowRight' });
    expect(corners[0]?.[0]).toBeGreaterThan(0);
    expect(corners.slice(1)).toEqual(TRIANGLE.slice(1));
  });

  it('has a corner taken out with a key', () => {
    render(<Pad corners={TRIANGLE} />);
    const all = screen.getAllByRole('button', { name: /along, .* across/ });
    fireEvent.keyDown(all[1] as Element, { key: 'Delete' });
    expect(corners).toEqual([TRIANGLE[0], TRIANGLE[2]]);
  });

  it('has a seam set by two presses, and its corners left', () => {
    render(<Pad corners={TRIANGLE} />);
    fireEvent.click(screen.getByRole('radio', { name: 'Seams in it' }));
    press(20, 20);
    expect(seams).toHaveLength(0);
    press(60, 20);
    expect(seams).toHaveLength(1);
    expect(seams[0]).toHaveLength(2);
    expect(corners).toEqual(TRIANGLE);
    expect(screen.getAllByRole('button', { name: /^Seam 1, end/ })).toHaveLength(2);
  });
});
