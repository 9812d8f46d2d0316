import { useId, useState } from 'react';
import type { Person } from '../api/client';
import { usePeople } from '../api/queries';

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
  const [at, setAt] = useState(0);
  const ids = useId();
  const people = usePeople(typed ?? '', 8);
  const open = typed !== null;
  const name = typed?.trim() ?? '';
  // Until the book has answered, the last answer stands: of it, only those of this name are offered, or Enter would take somebody else.
  const found = (people.items ?? []).filter((p) => p.name.toLowerCase().includes(name.toLowerCase()));
  const fresh =
    props.onNew !== undefined && name !== '' && !found.some((p) => p.name.toLowerCase() === name.toLowerCase());
  const last = found.length - 1 + (fresh ? 1 : 0);
  const write = () => {
    props.onNew?.(name);
    setTyped(null);
  };
  const pick = (person: Person | undefined) => {
    if (!person) return;
    props.onPick(person);
    setTyped(null);
  };
  return (
    <div className="relative">
      <label htmlFor={ids} className={props.hidden ? 'sr-only' : 'mb-1 block font-medium'}>
        {props.label}
      </label>
      <input
        id={ids}
        // biome-ignore lint/a11y/noAutofocus: the page was opened to write this name
        autoFocus={props.inHand}
        role="combobox"
        aria-expanded={open}
        aria-controls={`${ids}-list`}
        aria-activedescendant={
          open ? (found[at] ? `${ids}-${found[at].id}` : fresh ? `${ids}-new` : undefined) : undefined
        }
        aria-invalid={props.fault ? true : undefined}
        aria-describedby={props.fault ? `${ids}-says` : undefined}
        autoComplete="off"
        placeholder={props.onNew ? 'a name, known or new' : 'a name in the book'}
        value={typed ?? props.person?.name ?? ''}
        onClick={() => setTyped((t) => t ?? '')}
        onChange={(e) => {
          setTyped(e.target.value);
          setAt(0);
        }}
        onBlur={() => setTyped(null)}
        onKeyDown={(e) => {
          if (e.key === 'ArrowDown') {
            e.preventDefault();
            if (open) setAt((i) => Math.min(i + 1, last));
            else setTyped('');
          } else if (e.key === 'ArrowUp') {
            e.preventDefault();
            setAt((i) => Math.max(i - 1, 0));
          } else if (e.key === 'Enter' && open) {
            e.preventDefault();
            if (fresh && at === found.length) write();
            else pick(found[at]);
          } else if (e.key === 'Escape' && open) {
            e.preventDefault();
            e.stopPropagation();
            setTyped(null);
          }
        }}
        className={`min-h-11 w-full rounded-field border bg-card px-3 ${props.fault ? 'border-crimson' : 'border-line hover:border-brass'}`}
      />
      {open && (
        <div
          id={`${ids}-list`}
          role="listbox"
          aria-label={props.label}
          className="absolute z-40 mt-1 max-h-56 w-full overflow-auto rounded-field border border-line bg-card p-1 shadow-card"
        >
          {found.map((p, i) => (
            <div
              key={p.id}
              id={`${ids}-${p.id}`}
              role="option"
              tabIndex={-1}
              aria-selected={i === at}
              // The list stays while it is pressed; otherwise the field would lose the hand first.
              onPointerDown={(e) => e.preventDefault()}
              onClick={() => pick(p)}
              onKeyDown={() => {}}
              className={`flex min-h-11 cursor-pointer items-center justify-between gap-3 rounded-field px-3 ${i === at ? 'bg-linen' : 'hover:bg-wash'}`}
            >
              <span className="min-w-0 truncate" title={p.name}>
                {p.name}
              </span>
              {p.sheets === 0 && <span className="text-small text-soft">not measured yet</span>}
            </div>
          ))}
          {fresh && people.items && (
            <div
              id={`${ids}-new`}
              role="option"
              tabIndex={-1}
              aria-selected={at === found.length}
              onPointerDown={(e) => e.preventDefault()}
              onClick={write}
              onKeyDown={() => {}}
              className={`flex min-h-11 cursor-pointer items-center rounded-field px-3 ${at === found.length ? 'bg-linen' : 'hover:bg-wash'}`}
            >
              Write “{name}” into the book
            </div>
          )}
          {found.length === 0 && !fresh && !people.error && <p className="px-3 py-2 text-soft">Nobody of that name</p>}
          {people.total > found.length && <p className="px-3 py-2 text-soft">type on to find the others</p>}
        </div>
      )}
      {props.fault && (
        <p id={`${ids}-says`} className="mt-1 text-crimson text-small">
          {props.fault}
        </p>
      )}
    </div>
  );
}
