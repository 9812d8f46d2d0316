import { useNavigate } from 'react-router';
import type { Person, Problem, Sheet, Ticket } from '../api/client';
import { useCuts, useMeasures, usePerson, useSheets } from '../api/queries';
import { Button } from '../kit/Button';
import { Waiting } from '../kit/Waiting';
import { useTicketAtHand, useTicketDraft } from '../tickets/TicketDesk';
import { TicketShell } from '../tickets/TicketShell';
import { MeasureTable } from './MeasureTable';
import { useSheetWork } from './useSheetWork';

/** The measures that a draft cannot do without and the sheet lacks. */
const untaken = (fault: Problem | null): string[] =>
  (fault?.faults ?? []).filter((f) => f.field.startsWith('measures.')).map((f) => f.field.slice('measures.'.length));

/** The Measure station of a ticket: its person's sheet. */
export function TicketMeasures() {
  const { ticket, error } = useTicketAtHand();
  const { fault } = useTicketDraft();
  const person = usePerson(ticket?.personId ?? '');
  const sheets = useSheets(ticket?.personId ?? '');
  if (!ticket || !person.data || !sheets.data) {
    return (
      <TicketShell at="measure">
        <Waiting error={error ?? person.error ?? sheets.error} />
      </TicketShell>
    );
  }
  const missing = untaken(fault);
  return (
    <Station
      key={person.data.id}
      ticket={ticket}
      person={person.data}
      last={sheets.data[0] ?? null}
      missing={missing}
    />
  );
}

function Station(props: { ticket: Ticket; person: Person; last: Sheet | null; missing: string[] }) {
  const { ticket, person, last, missing } = props;
  const measures = useMeasures();
  const cuts = useCuts();
  const navigate = useNavigate();
  const work = useSheetWork(person.id, last);
  const needed = cuts.data?.find((c) => c.id === ticket.cut)?.measures ?? [];
  const onward = async () => {
    if (await work.keep()) navigate(`/tickets/${ticket.id}/draft`);
  };
  return (
    <TicketShell
      at="measure"
      actions={
        <>
          {work.dirty && <Button onClick={work.forget}>Leave as it was</Button>}
          <Button look="main" disabled={work.saving} onClick={onward}>
            {work.dirty ? 'Keep, and to the draft' : 'To the draft'}
          </Button>
        </>
      }
    >
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
          needed={needed}
          missing={missing}
          onDone={onward}
        />
      ) : (
        <Waiting error={measures.error} />
      )}
    </TicketShell>
  );
}
