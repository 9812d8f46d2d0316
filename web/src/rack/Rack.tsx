import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, type Cut, type Ticket, unwrap, type Way } from '../api/client';
import { useCuts, useTickets, useWays } from '../api/queries';
import { Picture } from '../cutbook/Picture';
import { forget } from '../find/opened';
import { Button, ButtonLink } from '../kit/Button';
import { Shell } from '../kit/Shell';
import { useUndoable } from '../kit/Undo';
import { Waiting } from '../kit/Waiting';
import { useUnit } from '../tape/unit';
import { daysTo } from '../words/dates';
import { waysOf } from '../words/ways';
import { FirstSteps } from './FirstSteps';

const GROUPS: { title: string; holds: (days: number | null) => boolean }[] = [
  { title: 'Past its day', holds: (d) => d !== null && d < 0 },
  { title: 'Within the week', holds: (d) => d !== null && d >= 0 && d <= 7 },
  { title: 'Later', holds: (d) => d !== null && d > 7 },
  { title: 'No day promised', holds: (d) => d === null },
];

/** The rack: every ticket by its promise. */
export function Rack() {
  const tickets = useTickets('');
  const cuts = useCuts();
  const ways = useWays();
  const [gone, setGone] = useState<string[]>([]);
  const items = tickets.items?.filter((t) => !gone.includes(t.id)) ?? [];
  const count = Math.max(items.length, tickets.total - gone.length);
  return (
    <Shell>
      <div className="mx-auto flex max-w-5xl flex-col gap-6 px-5 py-7">
        <div className="flex flex-wrap items-end gap-3">
          <div className="mr-auto">
            <h1 className="font-semibold text-[1.75rem] leading-9">The rack</h1>
            <p className="text-soft">
              {count === 0
                ? 'One garment for one person on each ticket.'
                : `${count === 1 ? 'One garment' : `${count} garments`}, by the day they are promised.`}
            </p>
          </div>
          <ButtonLink to="/book">Measure book</ButtonLink>
          <ButtonLink to="/new" look="main">
            New ticket
          </ButtonLink>
        </div>
        {/* All at once: a tag that fills up while it is pressed moves away from under the hand. */}
        {!tickets.items || !cuts.data || !ways.data ? (
          <Waiting
            error={tickets.error ?? cuts.error ?? ways.error}
            again={() => Promise.all([tickets.refetch(), cuts.refetch(), ways.refetch()])}
          />
        ) : items.length === 0 ? (
          <FirstSteps />
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
                      cut={inWords(t, cuts.data, ways.data)}
                      onGone={(out) => setGone((ids) => (out ? [...ids, t.id] : ids.filter((i) => i !== t.id)))}
                    />
                  ))}
                </ul>
              </section>
            );
          })
        )}
        {tickets.more && (
          <Button onClick={tickets.more} disabled={tickets.busy} className="self-center">
            Later garments
          </Button>
        )}
      </div>
    </Shell>
  );
}

/** The rail the tickets hang from. */
function Rail() {
  return <div aria-hidden="true" className="h-[3px] rounded-full bg-ink" />;
}

/** Straight skirt, house way. */
function inWords(ticket: Ticket, cuts: Cut[], ways: Way[]): string {
  const cut = cuts.find((c) => c.id === ticket.cut);
  const way = waysOf(cut, ways).find((w) => w.id === ticket.way);
  return `${cut?.title}, ${way?.title.toLowerCase()} way`;
}

function Tag({ ticket: t, cut, onGone }: { ticket: Ticket; cut: string; onGone: (gone: boolean) => void }) {
  const unit = useUnit();
  const later = useUndoable();
  const queries = useQueryClient();
  const days = t.promised ? daysTo(t.promised) : null;
  const remove = () => {
    onGone(true);
    later({
      text: `${t.name} comes off the rack`,
      act: () => {
        unwrap(api.DELETE('/api/tickets/{id}', { params: { path: { id: t.id } } }))
          .then(() => forget((p) => p.to.startsWith(`/tickets/${t.id}/`)))
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
        className={`grid min-h-36 grid-cols-[minmax(0,1fr)_6.5rem] items-center gap-2 rounded-card border border-line
          bg-card p-4 pr-12 shadow-card hover:border-brass`}
      >
        <span className="min-w-0">
          <span className="block font-head font-semibold text-lead">{t.name}</span>
          <span className="block">{t.personName}</span>
          <span className="mt-2 block text-soft">{cut}</span>
          <span className="block text-soft">{t.revisions > 0 ? `revision ${t.revisions}` : 'no revision yet'}</span>
          <span
            className={`mt-2 block font-medium
              ${days !== null && days < 0 ? 'text-crimson' : days !== null && days <= 7 ? 'text-brass-deep' : ''}`}
          >
            {t.promised ? unit.longDay(t.promised) : 'when it is ready'}
          </span>
        </span>
        {t.outline && <Picture of={t.outline} height={104} />}
      </Link>
      <button
        type="button"
        aria-label={`Take ${t.name} off the rack`}
        title="Take off the rack"
        onClick={remove}
        className={`absolute top-6 right-1.5 grid size-11 place-items-center rounded-field text-lead text-soft
          hover:bg-linen`}
      >
        ×
      </button>
    </li>
  );
}
