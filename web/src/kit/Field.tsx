import { type ComponentProps, useId } from 'react';

/** A labelled line to type on, with its fault beneath it. */
export function Field({
  label,
  fault,
  hint,
  className = '',
  ...rest
}: ComponentProps<'input'> & { label: string; fault?: string; hint?: string }) {
  const id = useId();
  const says = fault ?? hint;
  return (
    <div className={className}>
      <label htmlFor={id} className="mb-1 block font-medium">
        {label}
      </label>
      <input
        id={id}
        aria-invalid={fault ? true : undefined}
        aria-describedby={says ? `${id}-says` : undefined}
        className={`min-h-11 w-full rounded-field border bg-card px-3
          ${fault ? 'border-crimson' : 'border-line hover:border-brass'}`}
        {...rest}
      />
      {says && (
        <p id={`${id}-says`} className={`mt-1 text-small ${fault ? 'text-crimson' : 'text-soft'}`}>
          {says}
        </p>
      )}
    </div>
  );
}
