import { MutationCache, notifyManager, QueryCache, QueryClient } from '@tanstack/react-query';
import { machine } from '../account/machine';
import { Problem, waitOf } from './client';
import { keys } from './queries';

/** What is read and sent, for the time of a page. Nothing that was only read outlives it on this machine. */
export function queryClient(): QueryClient {
  // An answer is shown when it is there; a timer, the library's own way, lets other work go before it.
  notifyManager.setScheduler(queueMicrotask);
  // A session that has ended leads back to the way in; what was typed waits until somebody is there again.
  const ended = (error: Error) => {
    if (error instanceof Problem && error.status === 401) void queries.invalidateQueries({ queryKey: keys.session });
  };
  const queries: QueryClient = new QueryClient({
    queryCache: new QueryCache({ onError: ended }),
    mutationCache: new MutationCache({ onError: ended }),
    defaultOptions: {
      queries: {
        // Reading never waits for a save that cannot be made: it tries by itself until it is answered.
        networkMode: 'always',
        refetchOnReconnect: true,
        staleTime: 5_000,
        retry: (_, error) => error instanceof Problem && error.passes,
        retryDelay: (_, error) => waitOf(error),
        refetchOnWindowFocus: true,
      },
    },
  });
  // Whoever comes next sees nothing that was read for another.
  machine.whenLeft(() => queries.removeQueries({ predicate: ({ queryKey }) => queryKey[0] !== keys.session[0] }));
  return queries;
}
