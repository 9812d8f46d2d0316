import type { Draft } from '../api/client';

/**
 * What can be read of a draft as it is drawn, with what was last known besides: what rests on which guess, and what
 * other ways would give. Known
 * of another cut or way it says nothing here.
 */
export function besides(drawn: Draft, known: Draft): Draft {
  if (known.cut !== drawn.cut || known.way !== drawn.way) return drawn;
  const steps = new Map(known.steps.map((s) => [s.id, s]));
  const checks = new Map(known.checks.map((c) => [c.id, c]));
  return {
    ...drawn,
    steps: drawn.steps.map((s) => {
      const was = steps.get(s.id);
      return was ? { ...s, rivals: was.rivals, guesses: was.guesses, estimated: s.estimated || was.estimated } : s;
    }),
    checks: drawn.checks.map((c) => ({ ...c, guesses: checks.get(c.id)?.guesses ?? c.guesses })),
  };
}
