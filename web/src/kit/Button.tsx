import type { ButtonHTMLAttributes, ReactNode } from 'react';
import { Link } from 'react-router';

type Look = 'main' | 'plain' | 'quiet' | 'danger';

const LOOKS: Record<Look, string> = {
  main: 'bg-ink text-card border-ink hover:bg-soft',
  plain: 'bg-card text-ink border-line hover:border-brass',
  quiet: 'bg-transparent text-ink border-transparent hover:bg-linen',
  danger: 'bg-card text-crimson border-crimson hover:bg-crimson-wash',
};

const SHAPE =
  'inline-flex min-h-11 items-center justify-center gap-2 rounded-field border px-4 font-medium whitespace-nowrap ' +
  'disabled:cursor-not-allowed disabled:opacity-50';

export function Button({
  look = 'plain',
  className = '',
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { look?: Look }) {
  return <button type="button" className={`${SHAPE} ${LOOKS[look]} ${className}`} {...rest} />;
}

export function ButtonLink(props: { to: string; look?: Look; className?: string; children: ReactNode }) {
  return (
    <Link to={props.to} className={`${SHAPE} ${LOOKS[props.look ?? 'plain']} ${props.className ?? ''}`}>
      {props.children}
    </Link>
  );
}
