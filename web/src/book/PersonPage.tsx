import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { api, type Person, type Reading, type Sheet, unwrap } from '../api/client';
import { useMeasures, usePerson, useSheets, useTickets } from '../api/queries';
import { forget, useOpened } from '../find/opened';
import { Button, ButtonLink } from '../kit/Button';
import { Overlay } from '../kit/Sheet';
import { Shell } from '../kit/Shell';
import { useUndoable } from '../kit/Undo';
import { Waiting } from '../kit/Waiting';
import { MeasureTable } from '../measure/MeasureTable';
import { useSheetWork } from '../measure/useSheetWork';
import { useUnit } from '../tape/unit';
import { PersonCard } from './PersonCard';

/** A person of the book: their sheet at the Measure station, and the ways on from it. */
export function PersonPage() {
  const { person: id = '' } = useParams();
  const person = usePerson(id);
  const sheets = useSheets(id);
  if (!person.data || !sheets.data) {
    return (
      <Shell at="measure">
        <Waiting error={person.error ?? sheets.error} again={() => person.refetch()} />
      </Shell>
    );
  }
  return <Station key={id} person={person.data} sheets={sheets.data} />;
}

function Station({ person, sheets }: { person: Person; sheets: Sheet[] }) {
  const unit = useUnit();
  const measures = useMeasures();
  const tickets = useTickets('', person.id, 3);
  const [naming, setNaming] = useState(false);
  useOpened(`/book/${person.id}`, person.name, 'measure book');
  const last = sheets[0] ?? null;
  const work = useSheetWork(person.id, last);
  const [older, setOlder] = useState(false);
  const remove = useRemoval(person);
  const first = tickets.items?.[0];
  const to = useCallback(
    (station: string) =>
      station === 'measure' ? `/book/${person.id}` : first ? `/tickets/${first.id}/${station}` : null,
    [person.id, first],
  );
  const bar = (
    <>
      <h1 className="whitespace-nowrap font-head font-semibold text-lead">{person.name}</h1>
      <Button
        look="quiet"
        className="-ml-3 whitespace-nowrap underline underline-offset-4"
        onClick={() => setNaming(true)}
      >
        Name and note
      </Button>
      <span className="whitespace-nowrap text-soft">
        {last ? `measured ${unit.shortDay(last.takenOn)}` : 'not measured yet'}
      </span>
      <span className="flex min-w-0 gap-5">
        {tickets.items?.slice(0, 3).map((t) => (
          <Link
            key={t.id}
            to={`/tickets/${t.id}/draft`}
            title={t.name}
            className="grid min-h-11 items-center underline decoration-line underline-offset-4 hover:decoration-brass"
          >
            <span className="wrap-anywhere">{t.name}</span>
          </Link>
        ))}
      </span>
      <span className="ml-auto flex shrink-0 items-center gap-3">
        {sheets.length > 0 && <Button onClick={() => setOlder(true)}>Older sheets</Button>}
        {work.dirty ? (
          <>
            <Button onClick={work.forget}>Leave as it was</Button>
            <Button look="main" disabled={work.saving} onClick={work.keep}>
              Keep this sheet
            </Button>
          </>
        ) : (
          <ButtonLink to={`/new?person=${person.id}`} look="main">
            New ticket
          </ButtonLink>
        )}
      </span>
    </>
  );
  return (
    <Shell at="measure" to={to} bar={bar} fixed>
      {work.problem && (
        <p role="alert" className="border-crimson/40 border-b bg-crimson-wash px-5 py-2 text-crimson">
          {work.problem.message}
        </p>
      )}
      {measures.data ? (
        <MeasureTable
          measures={measures.data}
          work={work}
          last={last}
          onDone={work.keep}
          needed={['waistGirth', 'hipGirth', 'hipDepth']}
        />
      ) : (
        <Waiting error={measures.error} />
      )}
      <OlderSheets open={older} onClose={() => setOlder(false)} sheets={sheets} />
      <PersonCard open={naming} onClose={() => setNaming(false)} onRemove={remove} person={person} />
    </Shell>
  );
}

/** Removing a person takes their figures and tickets with them; it waits a few seconds for second thoughts. */
function useRemoval(person: Person): () => void {
  const later = useUndoable();
  const queries = useQueryClient();
  const navigate = useNavigate();
  return () => {
    navigate('/book');
    later({
      text: `${person.name} and all their figures will be removed`,
      act: () => {
        unwrap(api.DELETE('/api/people/{id}', { params: { path: { id: person.id } } }))
          .then(() => forget((p) => p.to === `/book/${person.id}` || p.about === person.name))
          .catch(() => {})
          .then(() => queries.invalidateQueries());
      },
      undo: () => navigate(`/book/${person.id}`),
    });
  };
}

function OlderSheets(props: { open: boolean; onClose: () => void; sheets: Sheet[] }) {
  const measures = useMeasures();
  const unit = useUnit();
  return (
    <Overlay open={props.open} onClose={props.onClose} title="Sheets" about="Every sheet is kept as it was taken.">
      {props.sheets.map((s) => (
        <section key={s.id} className="border-line border-t pt-3">
          <h3 className="font-semibold">
            Sheet {s.number}, {unit.shortDay(s.takenOn)}, by {s.takenBy}
          </h3>
          {s.note && <p className="text-soft">“{s.note}”</p>}
          <dl className="mt-1 grid grid-cols-2 gap-x-8 sm:grid-cols-3">
            {measures.data
              ?.filter((m) => s.readings[m.key])
              .map((m) => (
                <div key={m.key} className="flex justify-between gap-2">
                  <dt className="text-soft">{m.title}</dt>
                  <dd className="font-medium">{written(s.readings[m.key], unit.write)}</dd>
                </div>
              ))}
          </dl>
        </section>
      ))}
    </Overlay>
  );
}

/** A reading, or both where the tape was read twice. */
function written(reading: Reading | undefined, write: (mm: number) => string): string {
  if (!reading) return '';
  return reading.secondMm == null ? write(reading.mm) : `${write(reading.mm)} and ${write(reading.secondMm)}`;
}
