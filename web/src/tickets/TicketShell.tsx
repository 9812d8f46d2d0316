import { memo, type ReactNode, useCallback, useState } from 'react';
import type { Cloth } from '../api/client';
import { useCuts } from '../api/queries';
import { useOpened } from '../find/opened';
import { Shell } from '../kit/Shell';
import type { Station } from '../kit/TapeBar';
import { useUnit } from '../tape/unit';
import { ClashCard } from './ClashCard';
import { TicketCard } from './TicketCard';
import { type Saving, useTicketAtHand, useTicketChanges } from './TicketDesk';

const SAVING = { saved: 'kept', saving: 'keeping…', unsaved: 'not kept yet' };

/** A station of a ticket: the tape under its name, and what happens when two people edit it. */
export function TicketShell(props: { at: Station; actions?: ReactNode; children: ReactNode }) {
  const open = useTicketAtHand();
  const changes = useTicketChanges();
  const to = useCallback((station: Station) => `/tickets/${open.id}/${station}`, [open.id]);
  const { ticket } = open;
  const { clash } = open;
  useOpened(`/tickets/${open.id}/draft`, ticket?.name, ticket?.personName ?? '');
  return (
    <Shell
      at={props.at}
      to={to}
      fixed
      bar={
        ticket && (
          <Bar
            person={ticket.personName}
            name={ticket.name}
            cut={ticket.cut}
            cloth={ticket.cloth}
            revisions={ticket.revisions}
            promised={ticket.promised}
            saving={open.saving}
            canUndo={open.canUndo}
            onUndo={changes.undo}
            actions={props.actions}
          />
        )
      }
    >
      {props.children}
      {clash && <ClashCard key={clash.theirs.version} clash={clash} onSettle={changes.settle} />}
    </Shell>
  );
}

/** Who it is for, what it is called and cut from, and whether it is kept: shown anew when one of these changes. */
const Bar = memo(function Bar(props: {
  person: string;
  name: string;
  cut: string;
  cloth: Cloth;
  revisions: number;
  promised: string | null;
  saving: Saving;
  canUndo: boolean;
  onUndo: () => void;
  actions?: ReactNode;
}) {
  const cuts = useCuts();
  const unit = useUnit();
  const [card, setCard] = useState(false);
  const cut = cuts.data?.find((c) => c.id === props.cut);
  return (
    <>
      <h1
        className="max-w-64 wrap-anywhere line-clamp-2 leading-tight font-head font-semibold text-lead"
        title={props.person}
      >
        {props.person}
      </h1>
      <button
        type="button"
        onClick={() => setCard(true)}
        className="min-h-11 min-w-0 wrap-anywhere line-clamp-2 leading-tight text-left"
        title="The ticket and its cloth: name, day, cut, stretch, width"
      >
        <span className="font-medium underline decoration-line decoration-2 underline-offset-4">{props.name}</span>
        <span className="hidden pl-3 text-soft lg:inline">
          {cut?.title.toLowerCase()}, {clothInWords(props.cloth, unit.writeUnit)}
        </span>
      </button>
      <span className="whitespace-nowrap text-soft">
        {props.revisions > 0 ? `revision ${props.revisions}` : 'no revision yet'}
      </span>
      <span className="ml-auto flex shrink-0 items-center gap-3">
        {props.canUndo && (
          <button
            type="button"
            onClick={props.onUndo}
            title="Take the latest change back (z)"
            className="min-h-11 whitespace-nowrap rounded-field px-2 underline underline-offset-4 hover:bg-linen"
          >
            Take back
          </button>
        )}
        <span role="status" className={props.saving === 'unsaved' ? 'text-amber' : 'text-soft'}>
          {SAVING[props.saving]}
        </span>
        {props.promised && (
          <span className="hidden whitespace-nowrap text-soft xl:inline">promised {unit.longDay(props.promised)}</span>
        )}
        {props.actions}
      </span>
      {card && <TicketCard open onClose={() => setCard(false)} />}
    </>
  );
});

/** no stretch, 59 in wide; stretch 20 %, open. */
function clothInWords(cloth: Cloth, write: (mm: number) => string): string {
  const said = [cloth.stretch > 0 ? `stretch ${Math.round(cloth.stretch * 100)} %` : 'no stretch'];
  if (cloth.stretch > 0 && cloth.stretchAlong === 0) said[0] += ' round, none along';
  if (cloth.sheer) said.push('sheer');
  said.push(`${write(cloth.width)} wide${cloth.folded ? '' : ', open'}`);
  if (cloth.oneWay) said.push('one way');
  return said.join(', ');
}
