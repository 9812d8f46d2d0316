/** The query library with what outlives a page: changes on their way are kept on this machine, and nothing that was read is. */
import { createSyncStoragePersister } from '@tanstack/query-sync-storage-persister';
import { MutationCache, notifyManager, QueryCache, QueryClient } from '@tanstack/react-query';
import type { PersistQueryClientOptions } from '@tanstack/react-query-persist-client';
import { Problem } from './client';
import { keys } from './queries';

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
        retry: (_, error) => error instanceof Problem && error.lost,
        retryDelay: 1_000,
        refetchOnWindowFocus: true,
      },
    },
  });
  return queries;
}

export function keeping(storage: Storage): Omit<PersistQueryClientOptions, 'queryClient'> {
  return {
    persister: createSyncStoragePersister({ storage, key: 'plumb.queue' }),
    maxAge: Number.POSITIVE_INFINITY,
    buster: '1',
    dehydrateOptions: {
      // Bodies' measures are among what is read: they stay in memory.
      shouldDehydrateQuery: () => false,
      shouldDehydrateMutation: (mutation) => mutation.state.status === 'pending',
    },
  };
}

/** Goes on with what was on its way when the page was left. */
export function resume(queries: QueryClient) {
  for (const mutation of queries.getMutationCache().findAll({ status: 'pending' })) mutation.continue().catch(() => {});
}
