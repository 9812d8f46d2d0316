/** What is read from the workroom, under one key each. */

import { keepPreviousData, useInfiniteQuery, useQueries, useQuery } from '@tanstack/react-query';
import { useRef } from 'react';
import { machine } from '../account/machine';
import {
  type Account,
  api,
  type BenchPanel,
  type Draft,
  type Evidence,
  type Line,
  Problem,
  type Revision,
  unwrap,
  type Views,
} from './client';

export const keys = {
  session: ['session'] as const,
  people: (q: string) => ['people', q] as const,
  person: (id: string) => ['person', id] as const,
  sheets: (id: string) => ['sheets', id] as const,
  tickets: (q: string, person?: string) => ['tickets', q, person ?? ''] as const,
  ticket: (id: string) => ['ticket', id] as const,
  revisions: (id: string) => ['revisions', id] as const,
  making: (id: string) => ['making', id] as const,
  fittings: (id: string) => ['fittings', id] as const,
  remarks: (id: string, version: number) => ['remarks', id, version] as const,
  lay: (id: string) => ['lay', id] as const,
  pages: (id: string, paper: string, version: number) => ['pages', id, paper, version] as const,
};

/** Who is signed in, or how one gets in. */
export type Door = { account: Account | null; demo: boolean; signUp: boolean };

export function useSession() {
  return useQuery<Door>({
    queryKey: keys.session,
    queryFn: async () => {
      try {
        const account = await unwrap(api.GET('/api/session'));
        machine.belongTo(account.id);
        return { account, demo: false, signUp: false };
      } catch (e) {
        if (!(e instanceof Problem && e.status === 401)) throw e;
        machine.belongTo(null);
        return { account: null, demo: e.extra.demo === true, signUp: e.extra.signUp === true };
      }
    },
    staleTime: Number.POSITIVE_INFINITY,
    // Another page of this browser may have been signed out of meanwhile, or into.
    refetchOnWindowFocus: (query) => (query.state.data?.account ? 'always' : false),
  });
}

const fixed = { staleTime: Number.POSITIVE_INFINITY };

export const useCuts = () =>
  useQuery({ queryKey: ['cuts'], queryFn: async () => (await unwrap(api.GET('/api/cuts'))).items, ...fixed });

export const useWays = () =>
  useQuery({ queryKey: ['ways'], queryFn: async () => (await unwrap(api.GET('/api/ways'))).items, ...fixed });

export const useClothFields = () =>
  useQuery({
    queryKey: ['cloth-fields'],
    queryFn: async () => (await unwrap(api.GET('/api/cloth-fields'))).items,
    ...fixed,
  });

export const useMeasures = () =>
  useQuery({ queryKey: ['measures'], queryFn: async () => (await unwrap(api.GET('/api/measures'))).items, ...fixed });

type Paged<T> = { items: T[]; total: number; page: number; size: number };

/** A list that grows by a page when asked for more. */
function usePaged<T>(key: readonly unknown[], fetch: (page: number) => Promise<Paged<T>>, enabled = true) {
  const query = useInfiniteQuery({
    queryKey: [...key, 'paged'],
    queryFn: ({ pageParam }) => fetch(pageParam),
    initialPageParam: 0,
    getNextPageParam: (last) => ((last.page + 1) * last.size < last.total ? last.page + 1 : undefined),
    placeholderData: keepPreviousData,
    enabled,
  });
  return {
    items: query.data?.pages.flatMap((p) => p.items),
    total: query.data?.pages[0]?.total ?? 0,
    error: query.error,
    refetch: query.refetch,
    more: query.hasNextPage ? () => void query.fetchNextPage() : undefined,
    busy: query.isFetchingNextPage,
  };
}

const PAGE = 48;

export const usePeople = (q: string, size = PAGE) =>
  usePaged([...keys.people(q), size], (page) =>
    unwrap(api.GET('/api/people', { params: { query: { q, page, size } } })),
  );

export const usePerson = (id: string) =>
  useQuery({
    queryKey: keys.person(id),
    queryFn: () => unwrap(api.GET('/api/people/{id}', { params: { path: { id } } })),
    enabled: id !== '',
  });

/** Every cut as it would be on somebody; on a usual body where nobody is named. */
export const useCutBook = (person: string, sheets: number) =>
  useQuery({
    queryKey: ['cut-book', person, sheets],
    queryFn: async () =>
      (await unwrap(api.GET('/api/cut-book', { params: { query: person === '' ? {} : { person } } }))).items,
    placeholderData: keepPreviousData,
  });

/** A person's sheets, the newest first: the latest two hundred. */
export const useSheets = (person: string) =>
  useQuery({
    queryKey: keys.sheets(person),
    queryFn: async () =>
      (await unwrap(api.GET('/api/people/{id}/sheets', { params: { path: { id: person }, query: { size: 200 } } })))
        .items,
    enabled: person !== '',
  });

export const useTickets = (q: string, person?: string, size = PAGE) =>
  usePaged([...keys.tickets(q, person), size], (page) =>
    unwrap(api.GET('/api/tickets', { params: { query: { q, person, page, size } } })),
  );

export const ticketQuery = (id: string) => ({
  queryKey: keys.ticket(id),
  queryFn: () => unwrap(api.GET('/api/tickets/{id}', { params: { path: { id } } })),
});

export const useTicket = (id: string) => useQuery({ ...ticketQuery(id), enabled: id !== '' });

export const useRevisions = (id: string) =>
  usePaged(keys.revisions(id), (page) =>
    unwrap(api.GET('/api/tickets/{id}/revisions', { params: { path: { id }, query: { page, size: 20 } } })),
  );

/** Whether each revision in view would come out otherwise today; asked one by one, and remembered by the workroom. */
export function useLooked(id: string, revisions: Revision[]): Revision[] {
  const looked = useQueries({
    queries: revisions.map((r) => ({
      queryKey: [...keys.revisions(id), r.number],
      queryFn: () =>
        unwrap(api.GET('/api/tickets/{id}/revisions/{number}', { params: { path: { id, number: r.number } } })),
      enabled: r.comparable && r.moved === null,
      staleTime: Number.POSITIVE_INFINITY,
    })),
  });
  return revisions.map((r, i) => looked[i]?.data ?? r);
}

export const usePages = (id: string, paper: string, necklines: string, version: number, enabled: boolean) =>
  useQuery({
    queryKey: keys.pages(id, `${paper} ${necklines}`, version),
    queryFn: () =>
      unwrap(api.GET('/api/tickets/{id}/pages', { params: { path: { id }, query: { paper, necklines } } })),
    placeholderData: keepPreviousData,
    enabled,
  });

/** What is drawn; quick redraws leave the remedies out. */
export type DraftAsked = Required<Omit<Views['PreviewRequest'], 'remedies' | 'pieces' | 'guesses' | 'rivals'>> & {
  guesses?: boolean;
  rivals?: boolean;
  remedies?: boolean;
  pieces?: string;
};

/** What is worked out anew for every other question, and never otherwise for the same one. */
const worked = { staleTime: Number.POSITIVE_INFINITY, gcTime: 60_000 };

/**
 * How a draft is asked for: what was asked once is not asked again. It can be asked a while later, and then only if it
 * is still wanted.
 */
export const draftOf = (asked: DraftAsked | null, later = 0) => ({
  queryKey: ['draft', asked],
  queryFn: async ({ signal }: { signal: AbortSignal }): Promise<Draft> => {
    if (later > 0) await rest(later, signal);
    return unwrap(api.POST('/api/drafts/preview', { body: asked ?? {}, signal }));
  },
  ...worked,
});

const rest = (ms: number, signal: AbortSignal) =>
  new Promise<void>((done, off) => {
    const timer = setTimeout(done, ms);
    signal.addEventListener('abort', () => {
      clearTimeout(timer);
      off(signal.reason);
    });
  });

/** The line alone, as a hand at work needs it: what is said of it comes after. */
export const lineOf = (asked: DraftAsked | null) => ({
  queryKey: ['line', asked],
  queryFn: ({ signal }: { signal: AbortSignal }): Promise<Line> =>
    unwrap(api.POST('/api/drafts/line', { body: asked ?? {}, signal })),
  ...worked,
});

/**
 * A draft and its working: how it is cut, what would mend it, what rests on which guess and what other ways would give
 * comes after.
 */
export const workingOf = (asked: DraftAsked): DraftAsked => ({
  ...asked,
  remedies: false,
  guesses: false,
  rivals: false,
  pieces: 'sewn',
});

/** A draft, redrawn whenever what is asked changes; the last one stays in view while the next is on its way. */
export const useDraft = (asked: DraftAsked | null) =>
  useQuery<Draft>({ ...draftOf(asked), enabled: asked !== null, placeholderData: keepPreviousData });

export const useLine = (asked: DraftAsked | null) => useQuery<Line>({ ...lineOf(asked), enabled: asked !== null });

/** Changes that follow each other faster than this, ms, are one hand at work. */
export const DEBOUNCE_MS = 250;

/** All that is said of a draft, once its line is drawn; while a hand is at work, once it rests. */
export function useWholeDraft(asked: DraftAsked | null, drawn: boolean) {
  const pace = useRef({ asked, at: 0, later: 0 });
  if (pace.current.asked !== asked) {
    const now = performance.now();
    pace.current = { asked, at: now, later: now - pace.current.at < DEBOUNCE_MS ? DEBOUNCE_MS : 0 };
  }
  return useQuery<Draft>({
    ...draftOf(asked, pace.current.later),
    enabled: asked !== null && drawn,
    placeholderData: keepPreviousData,
  });
}

/** What the plumb lines of a draft measured, laid out to be seen. */
export const useEvidence = (asked: DraftAsked | null) =>
  useQuery<Evidence[]>({
    queryKey: ['evidence', asked],
    queryFn: async ({ signal }) =>
      (await unwrap(api.POST('/api/drafts/evidence', { body: asked ?? {}, signal }))).items,
    enabled: asked !== null,
    ...worked,
    placeholderData: keepPreviousData,
  });

/** What cloth that is cut already gives for a correction. */
export const useCutCloth = (asked: Views['CutClothRequest']) =>
  useQuery({
    queryKey: ['cut-cloth', asked],
    queryFn: async ({ signal }) => unwrap(api.POST('/api/drafts/cut-cloth', { body: asked, signal })),
    ...worked,
    placeholderData: keepPreviousData,
  });

/** A draft as numbered distances from two base lines. */
export const useBenchSheet = (asked: DraftAsked | null) =>
  useQuery<BenchPanel[]>({
    queryKey: ['bench', asked],
    queryFn: async ({ signal }) =>
      (await unwrap(api.POST('/api/drafts/bench-sheet', { body: asked ?? {}, signal }))).panels,
    enabled: asked !== null,
    ...worked,
    placeholderData: keepPreviousData,
  });

/** What may be said at a ticket's fitting. */
export const useRemarks = (id: string, version: number, enabled: boolean) =>
  useQuery({
    queryKey: keys.remarks(id, version),
    queryFn: async () => (await unwrap(api.GET('/api/tickets/{id}/remarks', { params: { path: { id } } }))).items,
    placeholderData: keepPreviousData,
    enabled,
  });

export const useFittings = (id: string) =>
  useQuery({
    queryKey: keys.fittings(id),
    queryFn: async () => (await unwrap(api.GET('/api/tickets/{id}/fittings', { params: { path: { id } } }))).items,
  });

/** The order of making of a ticket as it is kept, and how far it has come. */
export const useMaking = (id: string, version: number, enabled: boolean) =>
  useQuery({
    queryKey: [...keys.making(id), version],
    queryFn: () => unwrap(api.GET('/api/tickets/{id}/making', { params: { path: { id } } })),
    placeholderData: keepPreviousData,
    enabled,
  });

/** What takes long is asked again only where there was no room for it. */
const busyOnly = (_: number, error: Error) => error instanceof Problem && error.busy !== undefined;

/** The lay of a ticket on one of its cloths: with few tries at once, with more perhaps shorter. */
export const useLay = (id: string, layer: string, version: number, tries: number | undefined, enabled: boolean) =>
  useQuery({
    queryKey: [...keys.lay(id), layer, version, tries ?? 'all'],
    // Left for another question, it is given up: the room it takes is wanted for that.
    queryFn: ({ signal }) =>
      unwrap(api.GET('/api/tickets/{id}/lay', { params: { path: { id }, query: { layer, tries } }, signal })),
    enabled,
    retry: busyOnly,
  });

/** What would save cloth on a ticket's lay. */
export const useSavings = (id: string, layer: string, version: number, enabled: boolean) =>
  useQuery({
    queryKey: [...keys.lay(id), layer, version, 'savings'],
    queryFn: async ({ signal }) =>
      (await unwrap(api.GET('/api/tickets/{id}/lay/savings', { params: { path: { id }, query: { layer } }, signal })))
        .items ?? [],
    enabled,
    retry: busyOnly,
  });
