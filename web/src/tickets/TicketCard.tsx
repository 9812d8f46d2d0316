import { useId, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { useCuts, useWays } from '../api/queries';
import { otherCloths } from '../compare/sides';
import { Button } from '../kit/Button';
import { Field } from '../kit/Field';
import { Pick } from '../kit/Pick';
import { Overlay } from '../kit/Sheet';
import { useUndoable } from '../kit/Undo';
import { ClothFields } from './ClothFields';
import { inverse, type Kept, type Step } from './changes';
import { cutSteps } from './otherCut';
import { useTicketAtHand, useTicketChanges, useTicketDraft } from './TicketDesk';

/**
 * What stands on a ticket beside its amounts: its name, its day, its cut and the cloth. Each change is kept as it is
 * made.
 */
export function TicketCard(props: { open: boolean; onClose: () => void }) {
  const open = useTicketAtHand();
  const changes = useTicketChanges();
  const navigate = useNavigate();
  const undoable = useUndoable();
  const before = useRef<Kept | null>(null);
  const made = useRef<Step[]>([]);
  if (props.open && before.current === null) before.current = open.ticket;
  const change = (steps: Step[]) => {
    made.current = [...made.current, ...steps];
    changes.change(steps);
  };
  const close = () => {
    const steps = made.current;
    const back = before.current ? inverse(before.current, steps) : [];
    before.current = null;
    made.current = [];
    props.onClose();
    if (steps.length > 0) undoable({ text: 'The ticket was changed', undo: () => changes.change(back) });
  };
  const otherwise = open.ticket ? otherCloths(open.ticket.cloth)[0] : 0;
  return (
    <Overlay open={props.open} onClose={close} title="The ticket and its cloth">
      {open.ticket && <Fields ticket={open.ticket} change={change} />}
      <div className="flex flex-wrap justify-between gap-3">
        {open.ticket && (
          <Button
            onClick={() => {
              close();
              navigate(`/tickets/${open.id}/compare?over=cloth:${otherwise}`);
            }}
          >
            {otherwise === 0 ? 'What changes in woven cloth' : 'What changes in a knit'}
          </Button>
        )}
        <Button look="main" onClick={close}>
          Done
        </Button>
      </div>
    </Overlay>
  );
}

function Fields({ ticket, change }: { ticket: Kept; change: (steps: Step[]) => void }) {
  const drawn = useTicketDraft();
  const cuts = useCuts();
  const ways = useWays();
  const labels = useId();
  const [name, setName] = useState(ticket.name);
  const empty = name.trim() === '';
  return (
    <>
      <Field
        label="Called here"
        value={name}
        maxLength={120}
        fault={empty ? 'A ticket needs a name' : drawn.fault?.at('name')}
        onChange={(e) => {
          setName(e.target.value);
          if (e.target.value.trim() !== '') change([{ set: 'name', to: e.target.value.trim() }]);
        }}
      />
      <div className="grid gap-4 sm:grid-cols-2">
        <Field
          label="Promised for"
          type="date"
          value={ticket.promised ?? ''}
          fault={drawn.fault?.at('promised')}
          onChange={(e) => change([{ set: 'promised', to: e.target.value || null }])}
        />
        <div>
          <span id={`${labels}-cut`} className="mb-1 block font-medium">
            Cut
          </span>
          <Pick
            label="Cut"
            value={ticket.cut}
            options={cuts.data?.map((c) => ({ id: c.id, title: c.title })) ?? []}
            onChange={(cut) => {
              const to = cuts.data?.find((c) => c.id === cut);
              if (to && cut !== ticket.cut) change(cutSteps(ticket, to, ways.data ?? []));
            }}
            className="min-h-11"
          />
        </div>
      </div>
      <ClothFields cloth={ticket.cloth} change={change} />
    </>
  );
}
