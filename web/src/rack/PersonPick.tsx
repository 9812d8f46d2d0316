import { useState } from 'react';
import type { Person } from '../api/client';
import { usePeople } from '../api/queries';
import { Combobox } from '../kit/Combobox';

/** Somebody of the book, or somebody new by a name. */
type Somebody = { person: Person } | { name: string };

/** Somebody of the book, found by any part of their name; or somebody new, by the name that was typed. */
export function PersonPick(props: {
  label: string;
  /** Whether the label is read out only. */
  hidden?: boolean;
  /** Writes somebody new into the book; missing where only who is there can be picked. */
  onNew?: (name: string) => void;
  person: Person | null;
  onPick: (person: Person | null) => void;
  /** Whether a name can be typed as soon as it is there. */
  inHand?: boolean;
  fault?: string;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const people = usePeople(typed ?? '', 8);
  const name = typed?.trim() ?? '';
  // Until the book has answered, the last answer stands: of it, only those of this name are offered, or Enter would
  // take somebody else.
  const found = (people.items ?? []).filter((p) => p.name.toLowerCase().includes(name.toLowerCase()));
  const fresh =
    props.onNew !== undefined &&
    people.items !== undefined &&
    name !== '' &&
    !found.some((p) => p.name.toLowerCase() === name.toLowerCase());
  const items: Somebody[] = [...found.map((person) => ({ person })), ...(fresh ? [{ name }] : [])];
  return (
    <Combobox
      label={props.label}
      hidden={props.hidden}
      items={items}
      id={(one) => ('person' in one ? one.person.id : `new ${one.name}`)}
      draw={(one) => ('person' in one ? <Known person={one.person} /> : <span>Write “{one.name}” into the book</span>)}
      typed={typed}
      onType={setTyped}
      onPick={(one) => {
        if ('person' in one) props.onPick(one.person);
        else props.onNew?.(one.name);
        setTyped(null);
      }}
      picked={props.person?.name}
      placeholder={props.onNew ? 'a name, known or new' : 'a name in the book'}
      inHand={props.inHand}
      fault={props.fault}
    >
      {items.length === 0 && !people.error && <p className="px-3 py-2 text-soft">Nobody of that name</p>}
      {people.total > found.length && <p className="px-3 py-2 text-soft">type on to find the others</p>}
    </Combobox>
  );
}

function Known({ person }: { person: Person }) {
  return (
    <>
      <span className="wrap-anywhere min-w-0">{person.name}</span>
      {person.sheets === 0 && <span className="text-small text-soft">not measured yet</span>}
    </>
  );
}
