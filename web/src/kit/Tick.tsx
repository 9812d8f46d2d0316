import { Checkbox } from 'radix-ui';
import { useId } from 'react';

/** Something that is there or not. */
export function Tick(props: {
  label: string;
  on: boolean;
  /** Why it cannot be so. */
  fault?: string;
  onChange: (on: boolean) => void;
}) {
  const id = useId();
  return (
    <div>
      <div className="flex min-h-11 items-center gap-2.5">
        <Checkbox.Root
          id={id}
          aria-describedby={props.fault ? `${id}-says` : undefined}
          checked={props.on}
          onCheckedChange={(on) => props.onChange(on === true)}
          className={`grid size-5 shrink-0 place-items-center rounded-[4px] border border-pencil bg-card
            data-[state=checked]:border-ink data-[state=checked]:bg-ink`}
        >
          <Checkbox.Indicator>
            <svg width="12" height="12" viewBox="0 0 12 12" aria-hidden="true">
              <path d="M2 6.5l3 3L10 3" fill="none" stroke="var(--color-card)" strokeWidth="2" />
            </svg>
          </Checkbox.Indicator>
        </Checkbox.Root>
        <label htmlFor={id} className="flex min-h-11 flex-1 cursor-pointer items-center">
          {props.label}
        </label>
      </div>
      {props.fault && (
        <p id={`${id}-says`} role="alert" className="pb-1 pl-8 text-crimson text-small">
          {props.fault}
        </p>
      )}
    </div>
  );
}
