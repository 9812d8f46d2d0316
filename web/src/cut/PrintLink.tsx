import { type MouseEvent, type ReactNode, useEffect, useRef } from 'react';
import { useAction } from '../api/useAction';
import { useTicketAtHand, useTicketChanges } from '../tickets/TicketDesk';

const LOOKS = {
  main: 'border-ink bg-ink text-card hover:bg-soft',
  plain: 'border-line bg-card hover:border-brass',
};

/** A file of the ticket as it is shown: it waits until every change is kept, or says why it cannot be had. */
export function PrintLink(props: {
  href: string;
  look?: keyof typeof LOOKS;
  className?: string;
  /** Whether Enter prints as soon as it is there. */
  inHand?: boolean;
  children: ReactNode;
}) {
  const link = useRef<HTMLAnchorElement>(null);
  const { inHand } = props;
  useEffect(() => {
    if (inHand) link.current?.focus();
  }, [inHand]);
  const { saving } = useTicketAtHand();
  const changes = useTicketChanges();
  const { run, problem, reset } = useAction(() => changes.whenKept());
  const open = async (e: MouseEvent<HTMLAnchorElement>) => {
    reset();
    if (saving === 'saved') return;
    e.preventDefault();
    // The page is opened by the press itself, or the browser would take it for an advertisement.
    const page = window.open('', '_blank');
    if (await run()) page?.close();
    else if (page) page.location.href = props.href;
    else window.location.href = props.href;
  };
  return (
    <>
      <a
        ref={link}
        href={props.href}
        target="_blank"
        rel="noreferrer"
        onClick={open}
        className={`inline-flex min-h-11 items-center justify-center rounded-field border px-4 font-medium
          ${LOOKS[props.look ?? 'plain']} ${props.className ?? ''}`}
      >
        {props.children}
      </a>
      {problem && (
        <p role="alert" className="text-crimson">
          Not printed: {problem.message}
        </p>
      )}
    </>
  );
}
