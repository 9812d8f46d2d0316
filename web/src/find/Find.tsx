import { useId, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { useCuts, usePeople, useTickets } from '../api/queries';
import { Overlay } from '../kit/Sheet';
import { useOpenTicket } from '../tickets/TicketDesk';
import { opened, type Place } from './opened';
import { inBook, onTicket } from './places';
import { meanings, named, says } from './words';

/** So many of a kind are shown. */
const SHOWN = 6;

/** Finds people and tickets by any part of a name, cuts, and what is on the ticket that is open, by what any bench calls it. */
export function Find({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Overlay open={open} onClose={onClose} title="Find">
      <Results onClose={onClose} />
    </Overlay>
  );
}

function Results({ onClose }: { onClose: () => void }) {
  const [typed, setTyped] = useState('');
  const [at, setAt] = useState(0);
  const ids = useId();
  const navigate = useNavigate();
  const found = useFound(typed);
  const go = (place: Place | undefined) => {
    if (!place) return;
    onClose();
    navigate(place.to);
    const field = place.to.split('#')[1];
    if (field) setTimeout(() => reach(field), 50);
  };
  return (
    <>
      <div>
        <label htmlFor={ids} className="mb-1 block font-medium">
          A person, a ticket, a cut, an amount
        </label>
        <input
          id={ids}
          role="combobox"
          aria-expanded={found.length > 0}
          aria-controls={`${ids}-list`}
          aria-activedescendant={found[at] ? `${ids}-${at}` : undefined}
          autoComplete="off"
          // biome-ignore lint/a11y/noAutofocus: it is opened to be typed into
          autoFocus
          value={typed}
          onChange={(e) => {
            setTyped(e.target.value);
            setAt(0);
          }}
          onKeyDown={(e) => {
            if (e.key === 'ArrowDown') setAt((i) => Math.min(i + 1, found.length - 1));
            else if (e.key === 'ArrowUp') setAt((i) => Math.max(i - 1, 0));
            else if (e.key === 'Enter') go(found[at]);
            else return;
            e.preventDefault();
          }}
          className="min-h-11 w-full rounded-field border border-line bg-card px-3 hover:border-brass"
        />
      </div>
      <div id={`${ids}-list`} role="listbox" aria-label="Found" className="min-h-40">
        {found.map((p, i) => (
          <div
            key={`${p.to}${p.title}`}
            id={`${ids}-${i}`}
            role="option"
            tabIndex={-1}
            aria-selected={i === at}
            onPointerMove={() => setAt(i)}
            onClick={() => go(p)}
            onKeyDown={() => {}}
            className={`flex min-h-11 cursor-pointer items-baseline justify-between gap-4 rounded-field px-3 py-2 ${i === at ? 'bg-linen' : ''}`}
          >
            <span className="font-medium">{p.title}</span>
            <span className="text-soft">{p.about}</span>
          </div>
        ))}
      </div>
      {typed.trim() !== '' && found.length === 0 && (
        <p className="px-3 text-soft">Nobody and nothing of that name is here.</p>
      )}
    </>
  );
}

/** What answers to what was typed; before anything is, what was open last. */
function useFound(typed: string): Place[] {
  const people = usePeople(typed, SHOWN);
  const tickets = useTickets(typed, undefined, SHOWN);
  const cuts = useCuts();
  const work = useOpenTicket();
  const cut = cuts.data?.find((c) => c.id === work?.ticket?.cut);
  const near = useMemo(
    () => [...(work?.draft && cut ? onTicket(work.id, cut, work.draft) : []), ...inBook(cuts.data ?? [])],
    [work?.id, work?.draft, cut, cuts.data],
  );
  return useMemo(() => {
    const kept: Place[] = (tickets.items ?? []).map((t) => ({
      to: `/tickets/${t.id}/draft`,
      title: t.name,
      about: t.personName,
    }));
    const known: Place[] = (people.items ?? []).map((p) => ({
      to: `/book/${p.id}`,
      title: p.name,
      about: 'measure book',
    }));
    if (typed.trim() === '') {
      const last = opened();
      const others = [...kept, ...known].filter((p) => !last.some((l) => l.to === p.to));
      return [...last, ...others].slice(0, SHOWN + 2);
    }
    const means = meanings(typed);
    // Until the book has answered, the last answer stands: what is not called so is left out.
    const asked = [...kept, ...known].filter((p) => says(`${p.title} ${p.about}`, means));
    const here = near.filter((p) => says(p.title, means));
    const first = here.filter((p) => named(p.title, typed));
    const rest = here.filter((p) => !named(p.title, typed));
    return [...asked.slice(0, SHOWN), ...first, ...rest].slice(0, 2 * SHOWN);
  }, [typed, tickets.items, people.items, near]);
}

/** A field once its page is there: shown, opened and in hand. */
function reach(id: string, tries = 20): void {
  const field = document.getElementById(id);
  if (!field) {
    if (tries > 0) setTimeout(() => reach(id, tries - 1), 100);
    return;
  }
  const closed = field.closest('details') ?? (field instanceof HTMLDetailsElement ? field : null);
  if (closed) closed.open = true;
  field.scrollIntoView({ block: 'center' });
  field.focus();
}
