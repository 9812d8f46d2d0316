import { useMutation } from '@tanstack/react-query';
import { useCallback } from 'react';
import { type Problem, problemOf } from './client';

/**
 * Something that is done when it is asked for: whether it is under way, what it answered last, and what stood in its
 * way. That is shown where it was asked for, and thrown nowhere.
 */
export function useAction<Asked extends unknown[], Answer>(does: (...asked: Asked) => Promise<Answer>) {
  const { mutateAsync, isPending, error, data, reset } = useMutation<Answer, Error, Asked>({
    mutationFn: (asked) => does(...asked),
    networkMode: 'always',
  });
  /** Does it; answers what stood in its way, or null. */
  const run = useCallback(
    (...asked: Asked): Promise<Problem | null> =>
      mutateAsync(asked).then(
        () => null,
        (thrown: unknown) => problemOf(thrown),
      ),
    [mutateAsync],
  );
  return { run, busy: isPending, answer: data, problem: error === null ? null : problemOf(error), reset };
}

/** Sends a form without leaving the page. */
export const sending =
  (send: () => unknown) =>
  (e: { preventDefault: () => void }): void => {
    e.preventDefault();
    send();
  };
