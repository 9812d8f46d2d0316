import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { answered, api, type Draft, Problem, type Remedy, type Ticket } from '../api/client';
import { type DraftAsked, keys, useDraft, useSheets, useTicket } from '../api/queries';
import { askedOf } from '../measure/readings';

/** What can be edited on a ticket at the Draft station. */
export type Edits = {
  way: string;
  settings: Record<string, unknown>;
  cloth: Ticket['cloth'];
  name: string;
  promised: string | null;
};

export type Saving = 'saved' | 'saving' | 'unsaved';

const key = (id: string) => `plumb.unsaved.${id}`;
const PAUSE = 500;
const RETRY = 4000;

function editsOf(ticket: Ticket): Edits {
  return {
    way: ticket.way,
    settings: ticket.settings,
    cloth: ticket.cloth,
    name: ticket.name,
    promised: ticket.promised,
  };
}

/** What is asked once a remedy is applied. */
export function remedied<E extends Pick<Edits, 'settings' | 'cloth'>>(
  edits: E,
  remedy: Pick<Remedy, 'settings' | 'clothWidth'>,
): E {
  return {
    ...edits,
    settings: { ...edits.settings, ...remedy.settings },
    cloth: remedy.clothWidth ? { ...edits.cloth, width: remedy.clothWidth } : edits.cloth,
  };
}

type Kept = { version: number; edits: Edits };

/**
 * Saves on their way, by ticket: a station that is left sends its last change off, and the next one waits for it, or the two would be taken
 * for two people.
 */
const underway = new Map<string, Promise<unknown>>();

/** Forgets what was kept on this machine, unless something newer has been kept since. */
function forget(id: string, saved: Edits) {
  if (JSON.stringify(kept(id)?.edits) === JSON.stringify(saved)) localStorage.removeItem(key(id));
}

function kept(id: string): Kept | null {
  try {
    return JSON.parse(localStorage.getItem(key(id)) ?? 'null');
  } catch {
    return null;
  }
}

/**
 * A ticket at work: its draft redrawn with every change, each change saved a moment later, and kept on this machine until it is. When
 * somebody else changed the ticket first, both versions are offered.
 */
export function useTicketWork(id: string) {
  const queries = useQueryClient();
  const ticket = useTicket(id);
  const sheets = useSheets(ticket.data?.personId ?? '');
  const [edits, setEdits] = useState<Edits | null>(null);
  const [saving, setSaving] = useState<Saving>('saved');
  const [refused, setRefused] = useState<Problem | null>(null);
  const [theirs, setTheirs] = useState<Ticket | null>(null);
  const version = useRef(0);
  const wanted = useRef<Edits | null>(null);
  const busy = useRef(false);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);

  const save = useCallback(async () => {
    clearTimeout(timer.current);
    const body = wanted.current;
    if (!body || busy.current) return;
    busy.current = true;
    setSaving('saving');
    let again = 0;
    try {
      const other = underway.get(id);
      if (other) {
        await other.catch(() => {});
        version.current = (queries.getQueryData(keys.ticket(id)) as Ticket).version;
      }
      if (other && !kept(id)) {
        wanted.current = null;
        setSaving('saved');
        return;
      }
      const cut = (queries.getQueryData(keys.ticket(id)) as Ticket).cut;
      const sent = answered(
        api.PUT('/api/tickets/{id}', {
          params: { path: { id } },
          body: { ...body, cut, promised: body.promised ?? undefined, version: version.current } as never,
        }),
      ).then((saved) => {
        queries.setQueryData(keys.ticket(id), saved);
        forget(id, body);
        return saved;
      });
      underway.set(id, sent);
      const now = await sent.finally(() => underway.get(id) === sent && underway.delete(id));
      version.current = now.version;
      queries.invalidateQueries({ queryKey: ['tickets'] });
      setRefused(null);
      if (wanted.current === body) {
        wanted.current = null;
        setSaving('saved');
      } else {
        again = 1;
      }
    } catch (e) {
      const problem = e as Problem;
      setSaving('unsaved');
      if (problem.status === 409) setTheirs(problem.current as Ticket);
      else if (problem.lost) again = RETRY;
      else setRefused(problem);
    } finally {
      busy.current = false;
      if (again > 0) timer.current = setTimeout(save, again);
    }
  }, [id, queries]);

  const change = useCallback(
    (next: Edits) => {
      setEdits(next);
      wanted.current = next;
      localStorage.setItem(key(id), JSON.stringify({ version: version.current, edits: next } satisfies Kept));
      setSaving('unsaved');
      clearTimeout(timer.current);
      timer.current = setTimeout(save, PAUSE);
    },
    [id, save],
  );

  // Starts from what the workroom has, or from what was not saved the last time.
  useEffect(() => {
    if (!ticket.data || wanted.current) return;
    version.current = ticket.data.version;
    const left = kept(id);
    if (left) {
      version.current = left.version;
      setEdits(left.edits);
      wanted.current = left.edits;
      timer.current = setTimeout(save, 0);
    } else {
      setEdits(editsOf(ticket.data));
    }
  }, [ticket.data, id, save]);

  useEffect(() => {
    const online = () => void save();
    window.addEventListener('online', online);
    return () => {
      window.removeEventListener('online', online);
      void save();
    };
  }, [save]);

  const sheet = sheets.data?.[0] ?? null;
  const asked = useMemo<DraftAsked | null>(() => {
    if (!ticket.data || !edits || !sheet) return null;
    return {
      cut: ticket.data.cut,
      way: edits.way,
      measures: askedOf(sheet),
      settings: edits.settings,
      cloth: edits.cloth,
    };
  }, [ticket.data, edits, sheet]);

  const preview = useDraft(asked);
  const good = useRef<Draft | null>(null);
  if (preview.data) good.current = preview.data;
  const fault = preview.error instanceof Problem && !preview.error.lost ? preview.error : refused;

  return {
    ticket: ticket.data ?? null,
    error: ticket.error ?? sheets.error,
    sheet,
    measured: sheets.data !== undefined && sheet !== null,
    sheetsKnown: sheets.data !== undefined,
    edits,
    asked,
    draft: preview.data ?? good.current,
    fault,
    saving,
    theirs,
    set: (setting: string, value: unknown) => {
      if (!edits) return;
      const settings = { ...edits.settings };
      if (value === null) delete settings[setting];
      else settings[setting] = value;
      change({ ...edits, settings });
    },
    /** Applies a remedy; answers what takes it back. */
    apply: (remedy: Pick<Remedy, 'settings' | 'clothWidth'>): (() => void) => {
      if (!edits) return () => {};
      const before = edits;
      change(remedied(edits, remedy));
      return () => change(before);
    },
    setWay: (way: string) => {
      if (edits) change({ ...edits, way });
    },
    setCloth: (cloth: Ticket['cloth']) => {
      if (edits) change({ ...edits, cloth });
    },
    /** Settles a clash: mine over theirs, or theirs. */
    settle: (mine: boolean) => {
      if (!theirs) return;
      version.current = theirs.version;
      setTheirs(null);
      if (mine) {
        void save();
      } else {
        wanted.current = null;
        localStorage.removeItem(key(id));
        setSaving('saved');
        setEdits(editsOf(theirs));
        queries.setQueryData(keys.ticket(id), theirs);
      }
    },
  };
}

export type TicketWork = ReturnType<typeof useTicketWork>;
