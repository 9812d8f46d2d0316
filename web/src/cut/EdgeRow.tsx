import { useState } from 'react';
import type { Piece } from '../api/client';
import { LengthInput } from '../kit/LengthInput';
import { useUnit } from '../tape/unit';
import { useTicketAtHand, useTicketChanges, useTicketDraft } from '../tickets/TicketDesk';

/** Ends of an edge to which nothing is added: the cloth's fold, an edge left raw or bound. */
const BARE: Record<string, string> = { fold: 'fold', raw: 'raw', bound: 'bound' };
const MOST = 150;

/** What is added outside one edge of one piece; typed over, it holds for that edge alone, and can be given back. */
export function EdgeRow(props: { piece: Piece; seam: Piece['seams'][number]; name: string }) {
  const { piece, seam } = props;
  const open = useTicketAtHand();
  const drawn = useTicketDraft();
  const changes = useTicketChanges();
  const unit = useUnit();
  const [fault, setFault] = useState<string | null>(null);
  const key = `allowance.${piece.id}.${seam.id}`;
  const id = `edge-${piece.id}-${seam.id}`;
  const own = open.ticket?.settings[key];
  const byHand = own !== undefined;
  const says = fault ?? drawn.fault?.at(`settings.${key}`);
  const bare = BARE[seam.end];
  if (bare !== undefined && !byHand) {
    return (
      <li className="flex min-h-9 items-center justify-between gap-2">
        <span>{props.name}</span>
        <span className="pr-9 text-soft">{bare}</span>
      </li>
    );
  }
  return (
    <li>
      <div className="grid grid-cols-[1fr_4.5rem_1.75rem] items-center gap-1">
        <label htmlFor={id} className="leading-tight">
          {props.name}
          {seam.letOut > 0 && <span className="block text-small text-soft">and {unit.write(seam.letOut)} let-out</span>}
          {seam.sewnIn > 0 && (
            <span className="block text-small text-soft">sewn {unit.write(seam.sewnIn)} inside its line</span>
          )}
        </label>
        <LengthInput
          id={id}
          value={typeof own === 'number' ? own : seam.allowance - seam.letOut}
          least={0}
          most={MOST}
          byHand={byHand}
          fault={says}
          describedBy={says ? `${id}-says` : undefined}
          onFault={setFault}
          onChange={(mm) => changes.set(key, mm)}
        />
        {byHand ? (
          <button
            type="button"
            className="grid h-9 place-items-center rounded-field hover:bg-linen"
            aria-label={`${piece.name}, ${props.name} was set by hand; give it back to the habit`}
            title="Set by hand. Press to give it back to the habit."
            onClick={() => {
              setFault(null);
              changes.set(key, null);
            }}
          >
            <svg width="16" height="16" viewBox="0 0 16 16" aria-hidden="true">
              <circle cx="8" cy="8" r="6" fill="var(--color-brass)" />
            </svg>
          </button>
        ) : (
          <span />
        )}
      </div>
      {says && (
        <p id={`${id}-says`} role="alert" className="text-crimson text-small">
          {says}
        </p>
      )}
    </li>
  );
}
