import { useCombobox } from 'downshift';
import type { ReactNode } from 'react';

/** A field that finds something of a list by what is typed, and the list under it. */
export function Combobox<T>(props: {
  label: string;
  /** Whether the label is read out only. */
  hidden?: boolean;
  /** What answers to what was typed. */
  items: readonly T[];
  id: (item: T) => string;
  draw: (item: T) => ReactNode;
  /** What is typed; null while the list is closed. */
  typed: string | null;
  onType: (typed: string | null) => void;
  onPick: (item: T) => void;
  /** What stands in the field while nothing is typed. */
  picked?: string;
  /** Whether the list is there as long as the field is, and part of the page. */
  always?: boolean;
  placeholder?: string;
  /** Whether one can type as soon as it is there. */
  inHand?: boolean;
  fault?: string;
  /** Under what was found. */
  children?: ReactNode;
}) {
  const { items, typed, always = false, fault, onType } = props;
  const box = useCombobox<T>({
    items: [...items],
    itemToString: (item) => (item === null ? '' : props.id(item)),
    selectedItem: null,
    inputValue: typed ?? props.picked ?? '',
    isOpen: always || typed !== null,
    defaultHighlightedIndex: 0,
    onIsOpenChange: ({ isOpen, type }) => {
      if (!always && type !== useCombobox.stateChangeTypes.InputChange) onType(isOpen ? '' : null);
    },
    onSelectedItemChange: ({ selectedItem }) => {
      if (selectedItem) props.onPick(selectedItem);
    },
    // What is only marked is not taken when the hand goes elsewhere.
    stateReducer: (state, { type, changes }) =>
      type === useCombobox.stateChangeTypes.InputBlur ? { ...changes, selectedItem: state.selectedItem } : changes,
  });
  const named = box.getLabelProps();
  const says = `${named.htmlFor}-says`;
  return (
    <div className="relative">
      <label id={named.id} htmlFor={named.htmlFor} className={props.hidden ? 'sr-only' : 'mb-1 block font-medium'}>
        {props.label}
      </label>
      <input
        {...box.getInputProps({
          // Heard where it is typed: by way of the list a letter would be lost under a quick hand.
          onChange: (e) => onType(e.currentTarget.value),
          onKeyDown: (e) => {
            if (e.key === 'Escape' && box.isOpen && !always) e.stopPropagation();
          },
        })}
        // biome-ignore lint/a11y/noAutofocus: the page was opened to type into it
        autoFocus={props.inHand}
        aria-invalid={fault ? true : undefined}
        aria-describedby={fault ? says : undefined}
        placeholder={props.placeholder}
        className={`min-h-11 w-full rounded-field border bg-card px-3 ${
          fault ? 'border-crimson' : 'border-line hover:border-brass'
        }`}
      />
      <div
        {...box.getMenuProps({ 'aria-label': props.label })}
        hidden={!box.isOpen}
        className={
          always
            ? 'mt-2 min-h-40'
            : `absolute z-40 mt-1 max-h-56 w-full overflow-auto rounded-field border border-line bg-card p-1
              shadow-card`
        }
      >
        {box.isOpen &&
          items.map((item, index) => (
            <div
              key={props.id(item)}
              {...box.getItemProps({ item, index })}
              className={`flex min-h-11 cursor-pointer items-center justify-between gap-3 rounded-field px-3 py-2 ${
                index === box.highlightedIndex ? 'bg-linen' : 'hover:bg-wash'
              }`}
            >
              {props.draw(item)}
            </div>
          ))}
        {box.isOpen && props.children}
      </div>
      {fault && (
        <p id={says} className="mt-1 text-crimson text-small">
          {fault}
        </p>
      )}
    </div>
  );
}
