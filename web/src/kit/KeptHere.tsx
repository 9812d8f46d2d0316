import { useKeepsNothing } from '../account/machine';
import { useOutbox, useOutboxState } from '../tickets/TicketDesk';
import { Button } from './Button';

/**
 * What has to be known of what is typed here: that this machine keeps nothing, or that the workroom would not have
 * something.
 */
export function KeptHere() {
  const blocked = useKeepsNothing();
  const outbox = useOutbox();
  const { refused } = useOutboxState();
  return (
    <>
      {blocked && (
        <p role="status" className="border-amber/40 border-b bg-amber-wash px-5 py-2 text-amber">
          This browser keeps nothing on this machine. Go on; but what is not kept yet is lost when the page is closed.
        </p>
      )}
      {refused.length > 0 && (
        <div role="alert" className="flex items-center gap-4 border-crimson/40 border-b bg-crimson-wash px-5 py-2">
          <ul className="min-w-0 flex-1 text-crimson">
            {refused.map(({ item, why }) => (
              <li key={item.id} className="break-words">
                <span className="font-semibold">Not kept: {item.title}.</span> {why}
              </li>
            ))}
          </ul>
          <Button onClick={() => outbox.seen()}>Seen</Button>
        </div>
      )}
    </>
  );
}
