import type { ReactNode } from 'react';
import { ButtonLink } from '../kit/Button';

/** A station of a ticket whose person has no tape yet: what will stand here, and the way to the tape. */
export function NotMeasured(props: { ticket: string; title: string; children: ReactNode }) {
  return (
    <div className="mx-auto mt-16 flex max-w-lg flex-col items-start gap-4 px-5">
      <h2 className="font-semibold text-title">{props.title}</h2>
      <p>{props.children}</p>
      <ButtonLink to={`/tickets/${props.ticket}/measure`} look="main">
        Measure
      </ButtonLink>
    </div>
  );
}
