import { useQueryClient } from '@tanstack/react-query';
import {
  createContext,
  type ReactNode,
  useContext,
  useEffect,
  useMemo,
  useRef,
  useState,
  useSyncExternalStore,
} from 'react';
import { Outlet, useNavigate, useParams } from 'react-router';
import { machine } from '../account/machine';
import { Problem, problemOf, type Remedy, type SettingValue, type Sheet } from '../api/client';
import { useConnectionLost } from '../api/connection';
import { type DraftAsked, lineOf, useSheets, useTicket } from '../api/queries';
import { useKeys } from '../kit/keys';
import { askedOf } from '../measure/readings';
import { fold, type Kept, keptOf, type Place, remedySteps, type Step } from './changes';
import { Desk } from './desk';
import { Outbox, type OutboxState } from './outbox';
import { sendable } from './sendable';
import { thisTab } from './tabs';
import { useDrawing } from './useDrawing';

export type Saving = 'saved' | 'saving' | 'unsaved';

/** This page among those that are open in this browser. */
const tab = thisTab();

const DeskContext = createContext<Desk | null>(null);
const OutboxContext = createContext<Outbox | null>(null);

/** One desk for the whole application, so that what was changed on one ticket still goes out when another is opened. */
export function DeskProvider({ children }: { children: ReactNode }) {
  const queries = useQueryClient();
  const [desk] = useState(() => new Desk(queries, machine, tab));
  const [outbox] = useState(() => new Outbox(queries, machine, tab, sendable(queries, desk)));
  return (
    <DeskContext.Provider value={desk}>
      <OutboxContext.Provider value={outbox}>{children}</OutboxContext.Provider>
    </DeskContext.Provider>
  );
}

/** What is sent beside a ticket's changes, in one queue with them. */
export function useOutbox(): Outbox {
  const outbox = useContext(OutboxContext);
  if (!outbox) throw new Error('No outbox above here');
  return outbox;
}

/** What of it has not arrived yet, and what the workroom would not have. */
export function useOutboxState(): OutboxState {
  const outbox = useOutbox();
  return useSyncExternalStore(outbox.subscribe, outbox.state);
}

export function useDesk(): Desk {
  const desk = useContext(DeskContext);
  if (!desk) throw new Error('No desk above here');
  return desk;
}

/** The ticket as it is shown, with every change, what it is drafted from, and how far it is kept. */
export type TicketAtHand = ReturnType<typeof useWork>['open'];
/** What its draft came to. */
export type TicketDraft = ReturnType<typeof useWork>['drawn'];
/** What changes it; always the same. */
export type TicketChanges = ReturnType<typeof useWork>['changes'];

const AtHand = createContext<TicketAtHand | null>(null);
const Drafted = createContext<TicketDraft | null>(null);
const Changes = createContext<TicketChanges | null>(null);

/** Above all stations of a ticket: what they show and change is the one ticket of the address. */
export function TicketDesk() {
  const { ticket = '' } = useParams();
  return <OneTicket key={ticket} id={ticket} />;
}

function OneTicket({ id }: { id: string }) {
  const work = useWork(id);
  const desk = useDesk();
  const navigate = useNavigate();
  useKeys(
    'ticket',
    useMemo(() => ({ z: () => desk.undo(id), p: () => navigate(`/tickets/${id}/cut?print`) }), [desk, id, navigate]),
  );
  return (
    <Changes.Provider value={work.changes}>
      <TicketAsOf open={work.open} drawn={work.drawn}>
        <Outlet />
      </TicketAsOf>
    </Changes.Provider>
  );
}

/** What stands inside sees the ticket and its draft as they were then: for what follows the paper at leisure. */
export function TicketAsOf(props: { open: TicketAtHand; drawn: TicketDraft; children: ReactNode }) {
  return (
    <AtHand.Provider value={props.open}>
      <Drafted.Provider value={props.drawn}>{props.children}</Drafted.Provider>
    </AtHand.Provider>
  );
}

function above<T>(value: T | null): T {
  if (value === null) throw new Error('No ticket above here');
  return value;
}

/** The ticket of the address. */
export const useTicketAtHand = (): TicketAtHand => above(useContext(AtHand));

/** Its draft, redrawn with every change. */
export const useTicketDraft = (): TicketDraft => above(useContext(Drafted));

/** What changes it: each change is kept a moment later. */
export const useTicketChanges = (): TicketChanges => above(useContext(Changes));

/** The ticket that is open and its draft, where one is. */
export function useOpenTicket(): { id: string; cut: string | undefined; draft: TicketDraft['draft'] } | null {
  const open = useContext(AtHand);
  const drawn = useContext(Drafted);
  return open && drawn && { id: open.id, cut: open.ticket?.cut, draft: drawn.draft };
}

function useWork(id: string) {
  const desk = useDesk();
  const queries = useQueryClient();
  const lost = useConnectionLost();
  const ticket = useTicket(id);
  const sheets = useSheets(ticket.data?.personId ?? '');
  const mine = useSyncExternalStore(desk.subscribe, () => desk.state(id));
  const underway = useUnderway(desk, id);

  useEffect(() => {
    desk.open(id);
    // A page that is closed sends nothing any more: what waits is on this machine, and goes out when the next one is
    // opened.
    return () => desk.flush(id);
  }, [desk, id]);

  const kept = useMemo(
    () => (ticket.data ? fold(keptOf(ticket.data), [...underway, ...mine.unsent]) : null),
    [ticket.data, underway, mine.unsent],
  );
  const shown = useMemo(() => (ticket.data && kept ? { ...ticket.data, ...kept } : null), [ticket.data, kept]);

  const sheet = sheets.data?.[0] ?? null;
  const asked = useMemo(() => (kept && sheet ? draftAsked(kept, sheet) : null), [kept, sheet]);
  const { draft, line, drawn, said, error, ahead } = useDrawing(asked);
  const fault = error instanceof Problem && !error.lost ? error : mine.refused;

  const tape = useRef(sheet);
  tape.current = sheet;
  const doing = useMemo(() => {
    const change = (steps: Step[]) => {
      const before = desk.shown(id);
      if (before && tape.current) ahead(draftAsked(fold(before, steps), tape.current));
      return desk.change(id, steps);
    };
    return {
      change,
      /** Makes changes that the draft has a place for; answers why it has not, and then nothing is changed. */
      attempt: async (steps: Step[]): Promise<Problem | null> => {
        const before = desk.shown(id);
        if (before && tape.current) {
          try {
            await queries.fetchQuery(lineOf(draftAsked(fold(before, steps), tape.current)));
          } catch (thrown) {
            const problem = problemOf(thrown);
            // Without a connection it cannot be tried: the workroom tries it before it keeps it.
            if (!problem.lost && problem.faults.length > 0) return problem;
          }
        }
        change(steps);
        return null;
      },
      set: (setting: string, to: SettingValue | null) => change([{ set: `settings.${setting}`, to }]),
      /** Applies a remedy; answers what takes it back, whenever that is. */
      apply: (remedy: Pick<Remedy, 'settings' | 'clothWidth'>): (() => void) => {
        const back = change(remedySteps(remedy));
        return () => change(back);
      },
      undo: () => desk.undo(id),
      whenKept: () => desk.whenKept(id),
      settle: (places: Place[]) => desk.settle(id, places),
      refetch: () => queries.invalidateQueries({ queryKey: ['ticket', id] }),
    };
  }, [desk, id, queries, ahead]);
  const outbox = useOutboxState();
  const saving: Saving =
    mine.unsent.length === 0 && underway.length === 0 && !outbox.waiting.some((item) => item.of === id)
      ? 'saved'
      : lost || mine.refused || mine.clash || mine.unsent.length > 0
        ? 'unsaved'
        : 'saving';
  const version = ticket.data?.version ?? 0;
  const { clash } = mine;
  const canUndo = mine.past.length > 0;
  const failed = ticket.error ?? sheets.error;
  const sheetsKnown = sheets.data !== undefined;
  const open = useMemo(
    () => ({
      id,
      /** With every change, kept or not. */
      ticket: shown,
      version,
      error: failed,
      sheet,
      measured: sheetsKnown && sheet !== null,
      sheetsKnown,
      asked,
      saving,
      clash,
      canUndo,
    }),
    [id, shown, version, failed, sheet, sheetsKnown, asked, saving, clash, canUndo],
  );
  const ofDraft = useMemo(() => ({ draft, line, drawn, said, fault }), [draft, line, drawn, said, fault]);
  return { open, drawn: ofDraft, changes: doing };
}

/** What a ticket is drafted from, on its person's sheet. */
function draftAsked(kept: Kept, sheet: Sheet): DraftAsked {
  return {
    cut: kept.cut,
    way: kept.way,
    measures: askedOf(sheet),
    settings: kept.settings,
    cloth: kept.cloth,
    with: kept.with,
    without: kept.without,
  };
}

/** The changes of a ticket on their way; the same list as long as they are the same. */
function useUnderway(desk: Desk, id: string): Step[] {
  const queries = useQueryClient();
  const last = useRef<Step[]>([]);
  return useSyncExternalStore(
    (tell) => queries.getMutationCache().subscribe(tell),
    () => {
      const now = desk.underway(id);
      const same = now.length === last.current.length && now.every((s, i) => s === last.current[i]);
      if (!same) last.current = now;
      return last.current;
    },
  );
}
