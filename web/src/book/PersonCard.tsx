import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { Person } from '../api/client';
import { keys } from '../api/queries';
import { sending, useAction } from '../api/useAction';
import { Button } from '../kit/Button';
import { Field } from '../kit/Field';
import { Overlay } from '../kit/Sheet';
import { useUndoable } from '../kit/Undo';
import type { PersonChanged } from '../tickets/sendable';
import { useOutbox } from '../tickets/TicketDesk';

/** A person's name and note, and the way out of the book. */
export function PersonCard(props: { open: boolean; onClose: () => void; onRemove: () => void; person: Person }) {
  return (
    <Overlay open={props.open} onClose={props.onClose} title="Name and note">
      <Form {...props} />
    </Overlay>
  );
}

function Form({ person, onClose, onRemove }: { person: Person; onClose: () => void; onRemove: () => void }) {
  const [name, setName] = useState(person.name);
  const [note, setNote] = useState(person.note);
  const [version, setVersion] = useState(person.version);
  const [theirs, setTheirs] = useState<Person | null>(null);
  const queries = useQueryClient();
  const undoable = useUndoable();
  const outbox = useOutbox();
  const put = (body: PersonChanged) =>
    outbox.send<Person>({ kind: 'person', of: person.id, title: `Name and note of ${person.name}`, body });
  const keeping = useAction(async () => {
    const sent = await put({ name, note, version });
    onClose();
    if (sent === 'waiting') {
      queries.setQueryData(keys.person(person.id), { ...person, name, note });
      return;
    }
    const kept = sent.answer;
    undoable({
      text: `${kept.name} was changed`,
      undo: () => void put({ name: person.name, note: person.note, version: kept.version }).catch(() => {}),
    });
  });
  const problem = keeping.problem?.stale ? null : keeping.problem;
  const keep = sending(async () => {
    const why = await keeping.run();
    if (why?.stale && isPerson(why.current)) {
      setTheirs(why.current);
      setVersion(why.current.version);
    }
  });
  return (
    <form onSubmit={keep} className="flex flex-col gap-4">
      {theirs && (
        <div role="alert" className="rounded-field bg-amber-wash p-3.5 text-amber">
          <p className="font-semibold">Somebody else changed this meanwhile. Theirs:</p>
          <p>{theirs.name}</p>
          {theirs.note && <p>“{theirs.note}”</p>}
          <Button
            className="mt-2"
            onClick={() => {
              queries.setQueryData(keys.person(person.id), theirs);
              onClose();
            }}
          >
            Take theirs
          </Button>
        </div>
      )}
      <Field
        label="Name"
        value={name}
        maxLength={120}
        fault={problem?.at('name') ?? (problem?.faults.length === 0 ? problem.message : undefined)}
        onChange={(e) => setName(e.target.value)}
      />
      <Field
        label="Note"
        value={note}
        maxLength={4000}
        fault={problem?.at('note')}
        onChange={(e) => setNote(e.target.value)}
      />
      <div className="flex justify-end gap-3">
        <Button look="quiet" className="mr-auto text-crimson" onClick={onRemove}>
          Remove from the book
        </Button>
        <Button onClick={onClose}>Not now</Button>
        <Button type="submit" look="main">
          {theirs ? 'Keep mine' : 'Keep'}
        </Button>
      </div>
    </form>
  );
}

function isPerson(value: unknown): value is Person {
  return typeof value === 'object' && value !== null && 'sheets' in value && 'version' in value && 'note' in value;
}
