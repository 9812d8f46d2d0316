import { useGesture } from '@use-gesture/react';
import { type RefObject, useCallback, useRef, useState } from 'react';
import type { View } from './geometry';

/** How far the paper was moved from where it lies by itself: larger by so much, and shifted, mm. */
type Moved = { larger: number; right: number; down: number };

const HOME: Moved = { larger: 1, right: 0, down: 0 };
const MOST = 16;
const LEAST = 0.6;
/** A finger that moved less has pressed, px. */
const PRESS = 5;

/** A place of the window, px. */
type Place = [number, number];

/** What two fingers had done when they were last looked at: how far they had opened, and the middle between them. */
type Pinched = { open: number; middle: Place };

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

  /** Larger or smaller by a factor, with one place of the paper's element held still. */
  const scaled = useCallback((by: number, x: number, y: number) => {
    const { scale } = latest.current;
    setMoved((m) => {
      const larger = Math.max(LEAST, Math.min(MOST, m.larger * by));
      const was = scale * m.larger;
      const is = scale * larger;
      return { larger, right: m.right + x / was - x / is, down: m.down + y / was - y / is };
    });
  }, []);
  const shifted = (dx: number, dy: number) => {
    const { scale } = latest.current;
    setMoved((m) => ({
      ...m,
      right: m.right - dx / (scale * m.larger),
      down: m.down - dy / (scale * m.larger),
    }));
  };
  const scaledAt = (by: number, x: number, y: number) => {
    const box = on.current?.getBoundingClientRect();
    if (box) scaled(by, x - box.left, y - box.top);
  };

  // A wheel that scales keeps the page still, and only a listener of the element's own may say so.
  useGesture(
    {
      onWheel: ({ event }) => {
        event.preventDefault();
        scaledAt(Math.exp(-event.deltaY / (event.ctrlKey ? 120 : 500)), event.clientX, event.clientY);
      },
    },
    { target: on, eventOptions: { passive: false } },
  );
  const bind = useGesture(
    {
      onDrag: ({ xy, initial, memo, tap, pinching, cancel }): Place => {
        // From where the finger came down: what is told as moved begins where it stopped being a press.
        const last: Place = memo ?? initial;
        if (pinching) cancel();
        else if (!tap) shifted(xy[0] - last[0], xy[1] - last[1]);
        return xy;
      },
      onPinch: ({ movement: [open], origin, memo }): Pinched => {
        const last: Pinched | undefined = memo;
        if (last) {
          // Larger about the middle as it was, then moved with it: what lies under each finger stays there.
          scaledAt(open / last.open, ...last.middle);
          shifted(origin[0] - last.middle[0], origin[1] - last.middle[1]);
        }
        return { open, middle: origin };
      },
    },
    { drag: { threshold: PRESS, filterTaps: true, pointer: { keys: false } }, pinch: { pinchOnWheel: false } },
  );
  return { view, handlers: bind(), scaled, atHome: moved === HOME, goHome: () => setMoved(HOME) };
}
