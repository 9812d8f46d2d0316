import type { ReactNode } from 'react';
import { useCallback } from 'react';
import type { Ticket } from '../api/client';
import { useCuts, useWays } from '../api/queries';
import { Button } from '../kit/Button';
import { Overlay } from '../kit/Sheet';
import { Shell } from '../kit/Shell';
import type { Station } from '../kit/TapeBar';
import { useUnit } from '../tape/unit';
import { longDay } from '../words/dates';
import type { TicketWork } from './useTicketWork';

const SAVING = { saved: 'kept', saving: 'keeping…', unsaved: 'not kept yet' };

/** A station of a ticket: the tape under its name, and what happens when two people edit it. */
export function TicketShell(props: {
  id: string;
  at: Station;
  ticket: Ticket | null;
  work?: TicketWork;
  actions?: ReactNode;
  children: ReactNode;
}) {
  const { id, ticket, work } = props;
  const to = useCallback((station: Station) => `/tickets/${id}/${station}`, [id]);
  return (
    <Shell at={props.at} to={to} fixed bar={ticket && <Bar ticket={ticket} work={work} actions={props.actions} />}>
      {props.children}
      {work?.theirs && <Clash work={work} theirs={work.theirs} />}
    </Shell>
  );
}

function Bar({ ticket, work, actions }: { ticket: Ticket; work?: TicketWork; actions?: ReactNode }) {
  const cuts = useCuts();
  const cut = cuts.data?.find((c) => c.id === ticket.cut);
  const cloth = ticket.cloth.stretch > 0 ? `stretch ${Math.round(ticket.cloth.stretch * 100)} %` : 'no stretch';
  return (
    <>
      <h1 className="font-head font-semibold text-lead">{ticket.personName}</h1>
      <span className="font-medium">{ticket.name}</span>
      <span className="text-soft">
        {cut?.title.toLowerCase()}, {cloth}
      </span>
      <span className="text-soft">{ticket.revisions > 0 ? `revision ${ticket.revisions}` : 'no revision yet'}</span>
      <span className="ml-auto flex items-center gap-4">
        {work && (
          <span role="status" className={work.saving === 'unsaved' ? 'text-amber' : 'text-soft'}>
            {SAVING[work.saving]}
          </span>
        )}
        {ticket.promised && <span className="text-soft">promised {longDay(ticket.promised)}</span>}
        {actions}
      </span>
    </>
  );
}

function Clash({ work, theirs }: { work: TicketWork; theirs: Ticket }) {
  const ways = useWays();
  const cuts = useCuts();
  const unit = useUnit();
  const way = (id: string) => ways.data?.find((w) => w.id === id)?.title ?? id;
  const settings = cuts.data?.find((c) => c.id === theirs.cut)?.settings ?? [];
  const title = (key: string) => settings.find((s) => s.key === key)?.title ?? key;
  const shown = (key: string, value: unknown) => {
    if (value === undefined) return 'by the way';
    const setting = settings.find((s) => s.key === key);
    if (setting?.kind === 'choice') return setting.choices.find((c) => c.id === value)?.title ?? String(value);
    return setting?.kind === 'length' ? unit.writeUnit(Number(value)) : String(value);
  };
  const mine = work.edits;
  if (!mine) return null;
  const names = [...new Set([...Object.keys(mine.settings), ...Object.keys(theirs.settings)])]
    .filter((s) => mine.settings[s] !== theirs.settings[s])
    .sort();
  return (
    <Overlay
      open
      onClose={() => {}}
      title="Somebody else changed this ticket"
      about="Both versions are here; nothing of either is lost until you choose."
    >
      <table className="w-full text-left">
        <thead>
          <tr className="border-line border-b">
            <th className="py-1 font-semibold">Amount</th>
            <th className="font-semibold">Yours</th>
            <th className="font-semibold">Theirs</th>
          </tr>
        </thead>
        <tbody>
          {mine.way !== theirs.way && (
            <tr>
              <td className="py-1">way</td>
              <td>{way(mine.way)}</td>
              <td>{way(theirs.way)}</td>
            </tr>
          )}
          {names.map((s) => (
            <tr key={s}>
              <td className="py-1">{title(s)}</td>
              <td>{shown(s, mine.settings[s])}</td>
              <td>{shown(s, theirs.settings[s])}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="flex justify-end gap-3">
        <Button onClick={() => work.settle(false)}>Take theirs</Button>
        <Button look="main" onClick={() => work.settle(true)}>
          Keep mine
        </Button>
      </div>
    </Overlay>
  );
}
