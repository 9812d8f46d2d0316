/** What goes through the outbox: how each kind is sent, and what its answer changes on the page. */
import type { QueryClient } from '@tanstack/react-query';
import { machine } from '../account/machine';
import { api, type Making, type Person, Problem, type Sheet, unwrap, type Views } from '../api/client';
import { keys } from '../api/queries';
import { isSheet } from '../measure/sheetChanges';
import { isTicket } from './changes';
import type { Desk } from './desk';
import type { Kind } from './outbox';

export type StepDone = { step: string; what: Views['StepRequest'] };
export type SheetTaken = Views['SheetRequest'];
export type PersonChanged = { name: string; note: string; version: number };
export type FittingSaid = Omit<Views['FittingRequest'], 'version'> & { version: number };

/** Kinds by their names; each is given the ticket or the person it is of. */
export function sendable(queries: QueryClient, desk: Pick<Desk, 'latest'>) {
  const path = (id: string) => ({ params: { path: { id } } });
  const made = (view: Making, of: string) => {
    for (const [key] of queries.getQueriesData<Making>({ queryKey: keys.making(of) })) queries.setQueryData(key, view);
  };
  const step: Kind<StepDone, Making> = {
    send: ({ of, body }) =>
      unwrap(
        api.PUT('/api/tickets/{id}/making/steps/{step}', {
          params: { path: { id: of, step: body.step } },
          body: body.what,
        }),
      ),
    done: (view, { of }) => made(view, of),
  };
  const habit: Kind<string, Making> = {
    send: ({ of, body }) => unwrap(api.PUT('/api/tickets/{id}/making', { ...path(of), body: { habit: body } })),
    done: (view, { of }) => made(view, of),
  };
  const sheet: Kind<SheetTaken, Sheet> = {
    send: async ({ of, body }) => {
      try {
        return await unwrap(api.POST('/api/people/{id}/sheets', { ...path(of), body }));
      } catch (e) {
        // Sent before, and the answer was lost on the way: it is there already.
        if (e instanceof Problem && e.stale && isSheet(e.current) && isTaken(e.current, body)) return e.current;
        throw e;
      }
    },
    done: (kept, { of }) => {
      sheetKept(of, kept.number);
      void queries.invalidateQueries({ queryKey: keys.sheets(of) });
      void queries.invalidateQueries({ queryKey: keys.person(of) });
      void queries.invalidateQueries({ queryKey: ['people'] });
    },
  };
  const person: Kind<PersonChanged, Person> = {
    send: ({ of, body }) => unwrap(api.PUT('/api/people/{id}', { ...path(of), body })),
    done: (kept, { of }) => {
      queries.setQueryData(keys.person(of), kept);
      for (const key of ['people', 'tickets', 'ticket']) void queries.invalidateQueries({ queryKey: [key] });
    },
  };
  const fitting: Kind<FittingSaid, unknown> = {
    send: async ({ of, body }) => {
      // What was changed here and sent before it is known: it was seen on that.
      const version = desk.latest(of, body.version);
      try {
        return await unwrap(api.POST('/api/tickets/{id}/fittings', { ...path(of), body: { ...body, version } }));
      } catch (e) {
        // Sent before, and the answer was lost on the way: it is the last fitting there already.
        if (!(e instanceof Problem && e.stale && isTicket(e.current) && e.current.version === version + 1)) throw e;
        const { items } = await unwrap(api.GET('/api/tickets/{id}/fittings', path(of)));
        const last = items[0];
        if (last && last.remark === body.remark && last.note === (body.note ?? '').trim()) return last;
        throw e;
      }
    },
    done: (_, { of }) => {
      for (const key of [keys.ticket(of), keys.fittings(of), keys.revisions(of), ['tickets']])
        void queries.invalidateQueries({ queryKey: key });
    },
  };
  return { step, habit, sheet, person, fitting };
}

/** Whether a sheet is the one that was sent. */
function isTaken(sheet: Sheet, sent: SheetTaken): boolean {
  const typed = Object.entries(sent.readings ?? {});
  return (
    typed.length === Object.keys(sheet.readings).length &&
    typed.every(([measure, reading]) => sheet.readings[measure]?.typed === reading.typed?.trim())
  );
}

/** The sheet that was typed here is kept: it goes from this machine, unless something was typed since. */
function sheetKept(person: string, number: number) {
  const name = `sheet.${person}`;
  const left = JSON.parse(machine.get(name) ?? 'null') as { sent?: boolean } | null;
  if (left?.sent) machine.remove(name);
  else if (left) machine.set(name, JSON.stringify({ ...left, after: number }));
}
