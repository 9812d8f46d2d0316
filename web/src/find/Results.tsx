import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { useCuts, usePeople, useTickets } from '../api/queries';
import { Combobox } from '../kit/Combobox';
import { useOpenTicket } from '../tickets/TicketDesk';
import { opened, type Place } from './opened';
import { inBook, onTicket } from './places';
import { reach } from './reach';
import { meanings, named, says } from './words';

/** So many of a kind are shown. */
const SHOWN = 6;

const SOUGHT = 'A person, a ticket, a cut, an amount';

/** What is found, and the field above it. */
export function Results(props: { typed: string; onType: (typed: string) => void; onClose: () => void }) {
  const { typed, onType, onClose } = props;
  const navigate = useNavigate();
  const found = useFound(typed);
  return (
    <Combobox
      label={SOUGHT}
      items={found}
      id={(place) => `${place.to} ${place.title}`}
      draw={(place) => (
        <>
          <span className="font-medium">{place.title}</span>
          <span className="text-right text-soft">{place.about}</span>
        </>
      )}
      typed={typed}
      onType={(t) => onType(t ?? '')}
      onPick={(place) => {
        onClose();
        navigate(place.to);
        const field = place.to.split('#')[1];
        if (field) reach(field);
      }}
      always
      inHand
    >
      {typed.trim() !== '' && found.length === 0 && (
        <p className="px-3 text-soft">Nobody and nothing of that name is here.</p>
      )}
    </Combobox>
  );
}

/** What answers to what was typed; before anything is, what was open last. */
function useFound(typed: string): Place[] {
  const people = usePeople(typed, SHOWN);
  const tickets = useTickets(typed, undefined, SHOWN);
  const cuts = useCuts();
  const open = useOpenTicket();
  const cut = cuts.data?.find((c) => c.id === open?.cut);
  const near = useMemo(
    () => [...(open?.draft && cut ? onTicket(open.id, cut, open.draft) : []), ...inBook(cuts.data ?? [])],
    [open?.id, open?.draft, cut, cuts.data],
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
