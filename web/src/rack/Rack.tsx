import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { answered, api, type Ticket } from '../api/client';
import { useCuts, useTickets, useWays } from '../api/queries';
import { Button, ButtonLink } from '../kit/Button';
import { Shell } from '../kit/Shell';
import { useUndoable } from '../kit/Undo';
import { Waiting } from '../kit/Waiting';
import { daysTo, longDay } from '../words/dates';
import { NewTicket } from './NewTicket';

const GROUPS: { title: string; holds: (days: number | null) => boolean }[] = [
  { title: 'Past its day', holds: (d) => d !== null && d < 0 },
  { title: 'Within the week', holds: (d) => d !== null && d >= 0 && d <= 7 },
  { title: 'Later', holds: (d) => d !== null && d > 7 },
  { title: 'No day promised', holds: (d) => d === null },
];

/** The rack: every ticket by its promise. */
export function Rack() {
  const tickets = useTickets('');
  const [making, setMaking] = useState(false);
  const [gone, setGone] = useState<string[]>([]);
  const items = tickets.data?.items.filter((t) => !gone.includes(t.id)) ?? [];
  return (
    <Shell>
      <div className="mx-auto flex max-w-5xl flex-col gap-6 px-5 py-7">
        <div className="flex flex-wrap items-end gap-3">
          <div className="mr-auto">
            <h1 className="font-semibold text-[1.75rem] leading-9">The rack</h1>
            <p className="text-soft">
              {items.length === 1 ? 'One garment' : `${items.length} garments`}, by the day they are promised.
            </p>
          </div>
          <ButtonLink to="/book">Measure book</ButtonLink>
          <Button look="main" onClick={() => setMaking(true)}>
            New ticket
          </Button>
        </div>
        {!tickets.data ? (
          <Waiting error={tickets.error} again={() => tickets.refetch()} />
        ) : items.length === 0 ? (
          <div className="rounded-card border border-line border-dashed p-10 text-center">
            <p className="font-head font-semibold text-lead">The rack is empty</p>
            <p className="mt-1 text-soft">
              A ticket is one garment for one person. Add the person to the measure book first, or make the ticket now.
            </p>
          </div>
        ) : (
          GROUPS.map((g) => {
            const held = items.filter((t) => g.holds(t.promised ? daysTo(t.promised) : null));
            if (held.length === 0) return null;
            return (
              <section key={g.title} aria-label={g.title}>
                <h2 className="pb-2 font-semibold text-lead">{g.title}</h2>
                <Rail />
                <ul className="grid gap-4 sm:grid-cols-2 lg:grid-cols-3">
                  {held.map((t) => (
                    <Tag
                      key={t.id}
                      ticket={t}
                      onGone={(out) => setGone((ids) => (out ? [...ids, t.id] : ids.filter((i) => i !== t.id)))}
                    />
                  ))}
                </ul>
              </section>
            );
          })
        )}
      </div>
      <NewTicket open={making} onClose={() => setMaking(false)} />
    </Shell>
  );
}

/** The rail the tickets hang from. */
function Rail() {
  return <div aria-hidden="true" className="h-[3px] rounded-full bg-ink" />;
}

function Tag({ ticket: t, onGone }: { ticket: Ticket; onGone: (gone: boolean) => void }) {
  const cuts = useCuts();
  const ways = useWays();
  const later = useUndoable();
  const queries = useQueryClient();
  const cut = cuts.data?.find((c) => c.id === t.cut);
  const way = ways.data?.find((w) => w.id === t.way && w.family === cut?.family);
  const days = t.promised ? daysTo(t.promised) : null;
  const remove = () => {
    onGone(true);
    later({
      text: `${t.name} comes off the rack`,
      act: () => {
        answered(api.DELETE('/api/tickets/{id}', { params: { path: { id: t.id } } }))
          .catch(() => onGone(false))
          .then(() => queries.invalidateQueries({ queryKey: ['tickets'] }));
      },
      undo: () => onGone(false),
    });
  };
  return (
    <li className="relative">
      <svg aria-hidden="true" width="24" height="20" viewBox="0 0 24 20" className="mx-auto block">
        <path d="M12 0v20" stroke="var(--color-ink)" strokeWidth="1.5" />
      </svg>
      <Link
        to={`/tickets/${t.id}/draft`}
        className="block rounded-card border border-line bg-card p-4 pr-12 shadow-card hover:border-brass"
      >
        <span className="block font-head font-semibold text-lead">{t.name}</span>
        <span className="block">{t.personName}</span>
        <span className="mt-2 block text-soft">
          {cut?.title}, {way?.title.toLowerCase()} way
        </span>
        <span className="block text-soft">{t.revisions > 0 ? `revision ${t.revisions}` : 'no revision yet'}</span>
        <span
          className={`mt-2 block font-medium ${days !== null && days < 0 ? 'text-crimson' : days !== null && days <= 7 ? 'text-brass-deep' : ''}`}
        >
          {t.promised ? longDay(t.promised) : 'when it is ready'}
        </span>
      </Link>
      <button
        type="button"
        aria-label={`Take ${t.name} off the rack`}
        title="Take off the rack"
        onClick={remove}
        className="absolute top-6 right-1.5 grid size-11 place-items-center rounded-field text-lead text-soft hover:bg-linen"
      >
        ×
      </button>
    </li>
  );
}
