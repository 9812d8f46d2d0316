import { useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { useNavigate } from 'react-router';
import { answered, api, type Person, type Problem, problemOf } from '../api/client';
import { useCuts, useWays } from '../api/queries';
import { Button } from '../kit/Button';
import { Field } from '../kit/Field';
import { Pick } from '../kit/Pick';
import { Overlay } from '../kit/Sheet';
import { waysOf } from '../words/ways';
import { PersonPick } from './PersonPick';

/** A garment for a person: whom for, what, in which way, and for when. */
export function NewTicket(props: { open: boolean; onClose: () => void; person?: Person }) {
  return (
    <Overlay open={props.open} onClose={props.onClose} title="New ticket" about="One garment for one person.">
      <Form {...props} />
    </Overlay>
  );
}

function Form(props: { onClose: () => void; person?: Person }) {
  const cuts = useCuts();
  const ways = useWays();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [person, setPerson] = useState<Person | null>(null);
  const whom = props.person ?? person;
  const [name, setName] = useState('');
  const [cut, setCut] = useState('straight-skirt');
  const [way, setWay] = useState('house');
  const [promised, setPromised] = useState('');
  const [problem, setProblem] = useState<Problem | null>(null);
  const offered = waysOf(
    cuts.data?.find((c) => c.id === cut),
    ways.data,
  );
  const make = async (e: FormEvent) => {
    e.preventDefault();
    try {
      const ticket = await answered(
        api.POST('/api/tickets', {
          body: { personId: whom?.id, name, cut, way, promised: promised || undefined },
        }),
      );
      await queries.invalidateQueries({ queryKey: ['tickets'] });
      const measured = whom?.sheets ?? 0;
      navigate(`/tickets/${ticket.id}/${measured > 0 ? 'draft' : 'measure'}`);
    } catch (failed) {
      setProblem(problemOf(failed));
    }
  };
  return (
    <form onSubmit={make} className="flex flex-col gap-4">
      {!props.person && <PersonPick label="For" person={person} onPick={setPerson} fault={problem?.at('personId')} />}
      <Field
        label="What is it called here"
        value={name}
        placeholder="Lamplighter skirt, act one"
        fault={problem?.at('name')}
        onChange={(e) => setName(e.target.value)}
      />
      <div className="grid grid-cols-2 gap-4">
        <div>
          <span className="mb-1 block font-medium">Cut</span>
          <Pick
            label="Cut"
            value={cut}
            options={cuts.data?.map((c) => ({ id: c.id, title: c.title })) ?? []}
            onChange={(next) => {
              setCut(next);
              setWay(cuts.data?.find((c) => c.id === next)?.way ?? way);
            }}
            className="min-h-11"
          />
        </div>
        <div>
          <span className="mb-1 block font-medium">Way</span>
          <Pick
            label="Way of drafting"
            value={way}
            options={offered.map((w) => ({ id: w.id, title: w.title }))}
            onChange={setWay}
            className="min-h-11"
          />
        </div>
      </div>
      <p className="text-soft">{cuts.data?.find((c) => c.id === cut)?.about}</p>
      <p className="text-soft">{offered.find((w) => w.id === way)?.why}</p>
      <Field
        label="Promised for"
        type="date"
        value={promised}
        fault={problem?.at('promised')}
        onChange={(e) => setPromised(e.target.value)}
      />
      {problem && problem.faults.length === 0 && (
        <p role="alert" className="text-crimson">
          {problem.message}
        </p>
      )}
      <div className="flex justify-end gap-3">
        <Button onClick={props.onClose}>Not now</Button>
        <Button type="submit" look="main">
          Make the ticket
        </Button>
      </div>
    </form>
  );
}
