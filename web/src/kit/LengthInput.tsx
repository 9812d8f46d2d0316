import { type KeyboardEvent, useRef, useState } from 'react';
import { readTape } from '../tape/reader';
import { useUnit } from '../tape/unit';

type Props = {
  id: string;
  value: number | null;
  /** Called as soon as what is typed is a reading within the limits. */
  onChange: (mm: number) => void;
  least: number;
  most: number;
  fault?: string;
  onFault: (why: string | null) => void;
  describedBy?: string;
  byHand: boolean;
  estimated?: boolean;
  onHold?: (held: boolean) => void;
};

/** A length typed as it is read off a tape. What cannot be read stays as it was typed, with the reason beside it. */
export function LengthInput(props: Props) {
  const unit = useUnit();
  const [typed, setTyped] = useState<string | null>(null);
  const before = useRef<number | null>(null);
  const shown = typed ?? (props.value === null ? '' : unit.write(props.value));

  const type = (text: string) => {
    setTyped(text);
    const read = readTape(text, unit.shown);
    if (!read.ok) {
      props.onFault(text.trim() === '' ? 'Type an amount, or put back the way’s own with the dot' : read.why);
    } else if (read.mm < props.least - 0.01 || read.mm > props.most + 0.01) {
      props.onFault(`From ${unit.write(props.least)} to ${unit.writeUnit(props.most)}`);
    } else {
      props.onFault(null);
      props.onChange(read.mm);
    }
  };

  const press = (e: KeyboardEvent<HTMLInputElement>) => {
    if (e.key === 'Enter') {
      e.preventDefault();
      nextField(e.currentTarget)?.focus();
    } else if (e.key === 'Escape') {
      setTyped(null);
      props.onFault(null);
      if (before.current !== null && typed !== null) props.onChange(before.current);
      e.currentTarget.blur();
    }
  };

  const border = props.fault ? 'border-crimson' : props.byHand ? 'border-brass' : 'border-line';
  return (
    <input
      id={props.id}
      inputMode="text"
      autoComplete="off"
      data-amount=""
      value={shown}
      aria-invalid={props.fault ? true : undefined}
      aria-describedby={props.describedBy}
      onFocus={(e) => {
        before.current = props.value;
        e.currentTarget.select();
        props.onHold?.(true);
      }}
      onBlur={() => {
        if (!props.fault) setTyped(null);
        props.onHold?.(false);
      }}
      onChange={(e) => type(e.target.value)}
      onKeyDown={press}
      className={`h-9 w-full rounded-field border bg-card px-2.5 text-right font-medium hover:border-brass ${border}`}
    />
  );
}

/** The next amount on the same form, in reading order. */
function nextField(from: HTMLInputElement): HTMLInputElement | undefined {
  const all = [...(from.closest('[data-form]') ?? document).querySelectorAll<HTMLInputElement>('input[data-amount]')];
  return all[all.indexOf(from) + 1];
}
