import { useState } from 'react';
import { Link } from 'react-router';
import { usePeople, useTickets } from '../api/queries';
import { Field } from './Field';
import { Overlay } from './Sheet';

/** Finds people and tickets by any part of a name. */
export function Find({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Overlay open={open} onClose={onClose} title="Find">
      <Results onClose={onClose} />
    </Overlay>
  );
}

function Results({ onClose }: { onClose: () => void }) {
  const [q, setQ] = useState('');
  const people = usePeople(q, 6);
  const tickets = useTickets(q, undefined, 6);
  const row = 'flex min-h-11 items-baseline justify-between gap-4 rounded-field px-3 py-2 hover:bg-linen';
  return (
    <>
      <Field
        label="A person or a ticket"
        value={q}
        onChange={(e) => setQ(e.target.value)}
        autoFocus
        autoComplete="off"
      />
      <div className="min-h-40">
        {tickets.items?.slice(0, 6).map((t) => (
          <Link key={t.id} to={`/tickets/${t.id}/draft`} onClick={onClose} className={row}>
            <span className="font-medium">{t.name}</span>
            <span className="text-soft">{t.personName}</span>
          </Link>
        ))}
        {people.items?.slice(0, 6).map((p) => (
          <Link key={p.id} to={`/book/${p.id}`} onClick={onClose} className={row}>
            <span className="font-medium">{p.name}</span>
            <span className="text-soft">measure book</span>
          </Link>
        ))}
        {q !== '' && tickets.items?.length === 0 && people.items?.length === 0 && (
          <p className="px-3 py-2 text-soft">Nobody and nothing of that name is here.</p>
        )}
      </div>
    </>
  );
}
