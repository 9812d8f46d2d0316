import { Problem } from '../api/client';
import { Button, ButtonLink } from './Button';

/** Something is on its way, or could not be had. */
export function Waiting(props: { error?: unknown; again?: () => void }) {
  if (!props.error) {
    return (
      <p role="status" className="p-6 text-soft">
        Fetching…
      </p>
    );
  }
  const text = props.error instanceof Problem ? props.error.message : 'This page could not be shown.';
  return (
    <div role="alert" className="m-6 flex max-w-lg flex-col items-start gap-3">
      <p className="text-crimson">{text}</p>
      <div className="flex gap-3">
        {props.again && <Button onClick={props.again}>Try again</Button>}
        <ButtonLink to="/">To the rack</ButtonLink>
      </div>
    </div>
  );
}
