import { useLocation } from 'react-router';
import { Problem } from '../api/client';
import { Button, ButtonLink } from './Button';

/** Something is on its way, or could not be had. */
export function Waiting(props: { error?: unknown; again?: () => void }) {
  const [, ticket, station] = /^\/tickets\/([^/]+)\/([a-z]+)/.exec(useLocation().pathname) ?? [];
  if (!props.error) {
    return (
      <p role="status" className="p-6 text-soft">
        Fetching…
      </p>
    );
  }
  const problem = props.error instanceof Problem ? props.error : null;
  const untaped = ticket && problem?.faults.some((f) => f.field.startsWith('measures.'));
  const amiss = ticket && station !== 'draft' && problem?.faults.some((f) => f.field.startsWith('settings.'));
  return (
    <div role="alert" className="m-6 flex max-w-lg flex-col items-start gap-3">
      {untaped ? (
        <>
          <h2 className="font-semibold text-title">The tape has more to say first</h2>
          <ul className="flex flex-col gap-1">
            {problem?.faults
              .filter((f) => f.field.startsWith('measures.'))
              .map((f) => (
                <li key={f.field}>{f.message}.</li>
              ))}
          </ul>
        </>
      ) : (
        <p className="text-crimson">{problem?.message ?? 'This page could not be shown.'}</p>
      )}
      <div className="flex gap-3">
        {untaped && (
          <ButtonLink to={`/tickets/${ticket}/measure`} look="main">
            Measure
          </ButtonLink>
        )}
        {amiss && (
          <ButtonLink to={`/tickets/${ticket}/draft`} look={untaped ? 'plain' : 'main'}>
            To its amounts
          </ButtonLink>
        )}
        {props.again && <Button onClick={props.again}>Try again</Button>}
        <ButtonLink to="/">To the rack</ButtonLink>
      </div>
    </div>
  );
}
