/** What is read from the workroom, under one key each. */
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { answered, api, type Draft, Problem } from './client';

export const keys = {
  session: ['session'] as const,
  people: (q: string) => ['people', q] as const,
  person: (id: string) => ['person', id] as const,
  sheets: (id: string) => ['sheets', id] as const,
  tickets: (q: string, person?: string) => ['tickets', q, person ?? ''] as const,
  ticket: (id: string) => ['ticket', id] as const,
  revisions: (id: string) => ['revisions', id] as const,
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
  measures: Record<string, number>;
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
