import type { ButtonHTMLAttributes, Ref } from 'react';
import type { Account } from '../api/client';

/** The initials of whoever is signed in. */
export function WhoFace({
  account,
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { account: Account; ref?: Ref<HTMLButtonElement> }) {
  const initials = account.name
    .split(/\s+/)
    .map((w) => [...w][0] ?? '')
    .join('')
    .toUpperCase();
  return (
    <button
      type="button"
      aria-haspopup="menu"
      aria-label={`${account.name}, ${account.workroom}`}
      className="size-11 rounded-full bg-linen font-semibold"
      {...rest}
    >
      {initials}
    </button>
  );
}
