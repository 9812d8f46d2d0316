import { type PointerEvent, type RefObject, useCallback, useEffect, useRef, useState } from 'react';
import type { View } from './geometry';

/** How far the paper was moved from where it lies by itself: larger by so much, and shifted, mm. */
type Moved = { larger: number; right: number; down: number };

const HOME: Moved = { larger: 1, right: 0, down: 0 };
const MOST = 16;
const LEAST = 0.6;
/** A finger that moved less has pressed, px. */
const PRESS = 5;

/**
 * The paper moved as any map is: scrolled or pinched larger and smaller, and dragged. It goes home when another part
 * of it is chosen.
 */
export function usePan(home: View, part: string, on: RefObject<Element | null>) {
  const [moved, setMoved] = useState(HOME);
  const shown = useRef(part);
  if (shown.current !== part) {
    shown.current = part;
    setMoved(HOME);
  }
  const view: View = {
    scale: home.scale * moved.larger,
    left: home.left + moved.right,
    top: home.top + moved.down,
  };
  const latest = useRef(home);
  latest.current = home;

  /** Larger or smaller by a factor, with one place of the screen held still. */
  const scaled = useCallback((by: number, x: number, y: number) => {
    const { scale } = latest.current;
    setMoved((m) => {
      const larger = Math.max(LEAST, Math.min(MOST, m.larger * by));
      const was = scale * m.larger;
      const is = scale * larger;
      return { larger, right: m.right + x / was - x / is, down: m.down + y / was - y / is };
    });
  }, []);
  const shifted = useCallback((dx: number, dy: number) => {
    const { scale } = latest.current;
    setMoved((m) => ({
      ...m,
      right: m.right - dx / (scale * m.larger),
      down: m.down - dy / (scale * m.larger),
    }));
  }, []);

  useEffect(() => {
    const paper = on.current;
    if (!paper) return;
    // React listens to the wheel without being able to keep the page still.
    const wheel = (e: Event) => {
      if (!(e instanceof WheelEvent)) return;
      e.preventDefault();
      const box = paper.getBoundingClientRect();
      scaled(Math.exp(-e.deltaY / (e.ctrlKey ? 120 : 500)), e.clientX - box.left, e.clientY - box.top);
    };
    paper.addEventListener('wheel', wheel, { passive: false });
    return () => paper.removeEventListener('wheel', wheel);
  }, [on, scaled]);

  const fingers = useRef(new Map<number, { x: number; y: number }>());
  const far = useRef(0);
  const handlers = {
    onPointerDown: (e: PointerEvent<Element>) => {
      if (e.button !== 0) return;
      if (fingers.current.size === 0) far.current = 0;
      fingers.current.set(e.pointerId, { x: e.clientX, y: e.clientY });
    },
    onPointerMove: (e: PointerEvent<Element>) => {
      const held = fingers.current.get(e.pointerId);
      if (!held) return;
      const to = { x: e.clientX, y: e.clientY };
      const [other] = [...fingers.current].filter(([id]) => id !== e.pointerId).map(([, at]) => at);
      far.current += Math.hypot(to.x - held.x, to.y - held.y);
      if (far.current < PRESS) return;
      if (!e.currentTarget.hasPointerCapture(e.pointerId)) e.currentTarget.setPointerCapture(e.pointerId);
      fingers.current.set(e.pointerId, to);
      if (other) {
        const box = e.currentTarget.getBoundingClientRect();
        const apart = Math.hypot(held.x - other.x, held.y - other.y);
        // Larger about the middle between both as it was, then moved with it: what lies under each finger stays there.
        const middle = { x: (held.x + other.x) / 2 - box.left, y: (held.y + other.y) / 2 - box.top };
        if (apart > 0) scaled(Math.hypot(to.x - other.x, to.y - other.y) / apart, middle.x, middle.y);
        shifted((to.x - held.x) / 2, (to.y - held.y) / 2);
      } else {
        shifted(to.x - held.x, to.y - held.y);
      }
    },
    onPointerUp: (e: PointerEvent<Element>) => fingers.current.delete(e.pointerId),
    onPointerCancel: (e: PointerEvent<Element>) => fingers.current.delete(e.pointerId),
    /** What was dragged was not pressed. */
    onClickCapture: (e: { stopPropagation: () => void }) => {
      if (far.current >= PRESS) e.stopPropagation();
    },
  };
  return { view, handlers, scaled, atHome: moved === HOME, goHome: () => setMoved(HOME) };
}
