/** What is read from the workroom, under one key each. */
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { answered, api, type BenchPanel, type Draft, type Evidence, Problem } from './client';

export const keys = {
  session: ['session'] as const,
  people: (q: string) => ['people', q] as const,
  person: (id: string) => ['person', id] as const,
  sheets: (id: string) => ['sheets', id] as const,
  tickets: (q: string, person?: string) => ['tickets', q, person ?? ''] as const,
  ticket: (id: string) => ['ticket', id] as const,
  revisions: (id: string) => ['revisions', id] as const,
  fittings: (id: string) => ['fittings', id] as const,
  remarks: (id: string, version: number) => ['remarks', id, version] as const,
  pages: (id: string, paper: string, version: number) => ['pages', id, paper, version] as const,
};

export function useSession() {
  return useQuery({
    queryKey: keys.session,
    queryFn: async () => {
      try {
        return await answered(api.GET('/api/session'));
      } catch (e) {
        if (e instanceof Problem && e.status === 401) return null;
        throw e;
      }
    },
    staleTime: Number.POSITIVE_INFINITY,
  });
}

const fixed = { staleTime: Number.POSITIVE_INFINITY };

export const useCuts = () =>
  useQuery({ queryKey: ['cuts'], queryFn: async () => (await answered(api.GET('/api/cuts'))).items, ...fixed });

export const useWays = () =>
  useQuery({ queryKey: ['ways'], queryFn: async () => (await answered(api.GET('/api/ways'))).items, ...fixed });

export const useMeasures = () =>
  useQuery({ queryKey: ['measures'], queryFn: async () => (await answered(api.GET('/api/measures'))).items, ...fixed });

export const usePeople = (q: string) =>
  useQuery({
    queryKey: keys.people(q),
    queryFn: () => answered(api.GET('/api/people', { params: { query: { q, size: 100 } } })),
    placeholderData: keepPreviousData,
  });

export const usePerson = (id: string) =>
  useQuery({
    queryKey: keys.person(id),
    queryFn: () => answered(api.GET('/api/people/{id}', { params: { path: { id } } })),
    enabled: id !== '',
  });

export const useSheets = (person: string) =>
  useQuery({
    queryKey: keys.sheets(person),
    queryFn: async () =>
      (await answered(api.GET('/api/people/{id}/sheets', { params: { path: { id: person } } }))).items,
    enabled: person !== '',
  });

export const useTickets = (q: string, person?: string) =>
  useQuery({
    queryKey: keys.tickets(q, person),
    queryFn: () => answered(api.GET('/api/tickets', { params: { query: { q, person, size: 200 } } })),
    placeholderData: keepPreviousData,
  });

export const useTicket = (id: string) =>
  useQuery({
    queryKey: keys.ticket(id),
    queryFn: () => answered(api.GET('/api/tickets/{id}', { params: { path: { id } } })),
    enabled: id !== '',
  });

export const useRevisions = (id: string) =>
  useQuery({
    queryKey: keys.revisions(id),
    queryFn: async () => (await answered(api.GET('/api/tickets/{id}/revisions', { params: { path: { id } } }))).items,
  });

export const usePages = (id: string, paper: string, version: number, enabled: boolean) =>
  useQuery({
    queryKey: keys.pages(id, paper, version),
    queryFn: () => answered(api.GET('/api/tickets/{id}/pages', { params: { path: { id }, query: { paper } } })),
    placeholderData: keepPreviousData,
    enabled,
  });

export type DraftAsked = {
  cut: string;
  way: string;
  /** In mm; both readings where a tape was read twice. */
  measures: Record<string, number | number[]>;
  settings: Record<string, unknown>;
  cloth: { stretch: number; width: number; folded: boolean; oneWay: boolean };
};

/** A draft, redrawn whenever what is asked changes; the last one stays in view while the next is on its way. */
export const useDraft = (asked: DraftAsked | null) =>
  useQuery<Draft>({
    queryKey: ['draft', asked],
    queryFn: ({ signal }) => answered(api.POST('/api/drafts/preview', { body: asked as never, signal })),
    enabled: asked !== null,
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 60_000,
    retry: false,
  });

const worked = { staleTime: Number.POSITIVE_INFINITY, gcTime: 60_000, retry: false, placeholderData: keepPreviousData };

/** What the plumb lines of a draft measured, laid out to be seen. */
export const useEvidence = (asked: DraftAsked | null) =>
  useQuery<Evidence[]>({
    queryKey: ['evidence', asked],
    queryFn: async ({ signal }) =>
      (await answered(api.POST('/api/drafts/evidence', { body: asked as never, signal }))).items,
    enabled: asked !== null,
    ...worked,
  });

/** A draft as numbered distances from two base lines. */
export const useBenchSheet = (asked: DraftAsked | null) =>
  useQuery<BenchPanel[]>({
    queryKey: ['bench', asked],
    queryFn: async ({ signal }) =>
      (await answered(api.POST('/api/drafts/bench-sheet', { body: asked as never, signal }))).panels,
    enabled: asked !== null,
    ...worked,
  });

/** What may be said at a ticket's fitting. */
export const useRemarks = (id: string, version: number, enabled: boolean) =>
  useQuery({
    queryKey: keys.remarks(id, version),
    queryFn: async () => (await answered(api.GET('/api/tickets/{id}/remarks', { params: { path: { id } } }))).items,
    placeholderData: keepPreviousData,
    enabled,
  });

export const useFittings = (id: string) =>
  useQuery({
    queryKey: keys.fittings(id),
    queryFn: async () => (await answered(api.GET('/api/tickets/{id}/fittings', { params: { path: { id } } }))).items,
  });
