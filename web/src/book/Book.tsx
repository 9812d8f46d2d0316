import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, unwrap } from '../api/client';
import { usePeople } from '../api/queries';
import { sending, useAction } from '../api/useAction';
import { Button } from '../kit/Button';
import { Field } from '../kit/Field';
import { Overlay } from '../kit/Sheet';
import { Shell } from '../kit/Shell';
import { Waiting } from '../kit/Waiting';
import { useUnit } from '../tape/unit';

/** The measure book: everyone who was, or will be, measured. */
export function Book() {
  const [q, setQ] = useState('');
  const [adding, setAdding] = useState(false);
  const people = usePeople(q);
  const unit = useUnit();
  return (
    <Shell>
      <div className="mx-auto flex max-w-5xl flex-col gap-5 px-5 py-7">
        <div className="flex flex-wrap items-end gap-4">
          <div className="mr-auto">
            <h1 className="font-semibold text-[1.75rem] leading-9">Measure book</h1>
            <p className="text-soft">
              <Link to="/" className="underline underline-offset-4">
                Back to the rack
              </Link>
            </p>
          </div>
          <Field label="Find a name" value={q} onChange={(e) => setQ(e.target.value)} className="w-64" />
          <Button look="main" onClick={() => setAdding(true)}>
            New person
          </Button>
        </div>
        {!people.items ? (
          <Waiting error={people.error} again={() => people.refetch()} />
        ) : people.items.length === 0 ? (
          <p className="rounded-card border border-line border-dashed p-8 text-center text-soft">
            {q
              ? 'Nobody of that name is in the book.'
              : 'The book is empty. Add the first person and take her waist and hip.'}
          </p>
        ) : (
          <ul className="overflow-hidden rounded-card border border-line bg-card">
            {people.items.map((p) => (
              <li key={p.id} className="border-line border-t first:border-t-0">
                <Link
                  to={`/book/${p.id}`}
                  className="grid min-h-16 items-center gap-x-6 px-5 py-3 hover:bg-wash sm:grid-cols-[1fr_14rem_9rem]"
                >
                  <span>
                    <span className="font-head font-semibold text-lead">{p.name}</span>
                    {p.note && <span className="block text-soft">{p.note}</span>}
                  </span>
                  <span className={p.lastTaken ? '' : 'text-amber'}>
                    {p.lastTaken ? `measured ${unit.shortDay(p.lastTaken)}` : 'not measured yet'}
                  </span>
                  <span className="text-soft">{p.tickets === 1 ? '1 ticket' : `${p.tickets} tickets`}</span>
                </Link>
              </li>
            ))}
          </ul>
        )}
        {people.more && (
          <Button onClick={people.more} disabled={people.busy} className="self-center">
            More of {people.total}
          </Button>
        )}
      </div>
      <NewPerson open={adding} onClose={() => setAdding(false)} />
    </Shell>
  );
}

function NewPerson({ open, onClose }: { open: boolean; onClose: () => void }) {
  const [name, setName] = useState('');
  const [note, setNote] = useState('');
  const queries = useQueryClient();
  const navigate = useNavigate();
  const { run, problem } = useAction(async () => {
    const person = await unwrap(api.POST('/api/people', { body: { name, note } }));
    await queries.invalidateQueries({ queryKey: ['people'] });
    navigate(`/book/${person.id}`);
  });
  return (
    <Overlay open={open} onClose={onClose} title="New person" about="Their figures stay in this workroom.">
      <form onSubmit={sending(run)} className="flex flex-col gap-4">
        <Field
          label="Name"
          value={name}
          fault={problem?.at('name') ?? (problem?.faults.length === 0 ? problem.message : undefined)}
          onChange={(e) => setName(e.target.value)}
        />
        <Field label="Note" value={note} fault={problem?.at('note')} onChange={(e) => setNote(e.target.value)} />
        <div className="flex justify-end gap-3">
          <Button onClick={onClose}>Not now</Button>
          <Button type="submit" look="main">
            Add, and measure
          </Button>
        </div>
      </form>
    </Overlay>
  );
}
