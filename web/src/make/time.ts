/** Time a step took, in words of the workroom, and what a tick or the clock changes. */
import type { Making, Views } from '../api/client';

/** Nobody is at one step for longer without a pause, ms. */
const LONG = 4 * 3600_000;

/** Whether a clock has run for longer than anybody works at one thing. */
export const ranTooLong = (since: string, now: number): boolean => now - Date.parse(since) > LONG;

/** The making with a step ticked or its clock pressed, as the workroom will tell it. */
export function stepped(making: Making, id: string, what: Views['StepRequest'], now = Date.now()): Making {
  const starts = what.clock === true;
  return {
    ...making,
    steps: making.steps.map((s) => {
      const stops = s.id === id ? what.clock === false || what.done === true || what.seconds != null : starts;
      const seconds =
        s.id === id && what.seconds != null ? what.seconds : stops ? Math.round(soFar(s, now)) : s.seconds;
      const rest = { ...s, seconds, clockSince: stops ? null : s.clockSince };
      if (s.id !== id) return rest;
      return {
        ...rest,
        done: what.done ?? s.done,
        clockSince: starts ? new Date(now).toISOString() : rest.clockSince,
      };
    }),
  };
}

/** Minutes and hours: `under a minute`, `48 min`, `1 h 10`. */
export function spent(seconds: number): string {
  const minutes = Math.round(seconds / 60);
  if (minutes < 1) return 'under a minute';
  if (minutes < 60) return `${minutes} min`;
  const rest = minutes % 60;
  return `${Math.floor(minutes / 60)} h${rest > 0 ? ` ${String(rest).padStart(2, '0')}` : ''}`;
}

/** What a step took up to now, a running clock counted. */
export function soFar(step: { seconds: number; clockSince: string | null }, now: number): number {
  const running = step.clockSince ? Math.max(0, (now - Date.parse(step.clockSince)) / 1000) : 0;
  return step.seconds + running;
}
