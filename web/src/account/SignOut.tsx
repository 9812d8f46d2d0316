import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, type Ticket, unwrap } from '../api/client';
import { keys } from '../api/queries';
import { useAction } from '../api/useAction';
import { Button } from '../kit/Button';
import { Overlay } from '../kit/Sheet';
import { useDesk, useOutbox } from '../tickets/TicketDesk';
import { machine } from './machine';
import { type NotKept, written } from './notKept';

/** How long what waits may take to be kept, ms. */
const MOMENT = 3000;

/**
 * The way out: what waits is kept first; what cannot be is shown, and can be written to a file, before it goes from
 * this machine.
 */
export function SignOut({ onStay }: { onStay: () => void }) {
  const desk = useDesk();
  const outbox = useOutbox();
  const queries = useQueryClient();
  const [left, setLeft] = useState<NotKept[] | null>(null);
  const { run, problem: refused } = useAction(() => unwrap(api.DELETE('/api/session')));
  // Whoever is signed out already may go.
  const problem = refused?.status === 401 ? null : refused;
  const out = async () => {
    const failed = await run();
    if (failed && failed.status !== 401) return;
    machine.forget();
    window.location.assign('/');
  };
  // biome-ignore lint/correctness/useExhaustiveDependencies: it is begun once, when it is opened
  useEffect(() => {
    const begin = async () => {
      await desk.close(MOMENT);
      const name = (id: string) => queries.getQueryData<Ticket>(keys.ticket(id))?.name ?? 'A ticket';
      const all: NotKept[] = [
        ...desk.notKept().map(({ id, steps, refused }) => ({
          title: name(id),
          lines: steps.map((s) => `${s.set}: ${JSON.stringify(s.to)}`),
          why: refused?.message,
        })),
        ...outbox.state().waiting.map((item) => ({ title: item.title, lines: [JSON.stringify(item.body)] })),
        ...machine
          .names('sheet.')
          .map((name) => ({ title: 'A sheet of measures', lines: [machine.get(name) ?? ''], why: 'never kept' })),
      ];
      if (all.length === 0) await out();
      else setLeft(all);
    };
    void begin();
  }, []);
  if (left === null && !problem) return null;
  const file = () => {
    const link = document.createElement('a');
    link.href = URL.createObjectURL(new Blob([written(left ?? [])], { type: 'text/plain' }));
    link.download = 'not-kept.txt';
    link.click();
    URL.revokeObjectURL(link.href);
  };
  return (
    <Overlay
      open
      onClose={onStay}
      title="Not everything is kept"
      about="What stands here was not kept by the workroom, and goes from this machine when you sign out."
    >
      <ul className="flex max-h-64 flex-col gap-2 overflow-auto">
        {left?.map((one, i) => (
          <li key={`${one.title}${String(i)}`} className="break-words border-line border-b pb-2">
            <span className="font-semibold">{one.title}</span>
            {one.why && <span className="text-crimson"> {one.why}</span>}
            <span className="block text-small text-soft">{one.lines.join('; ')}</span>
          </li>
        ))}
      </ul>
      {problem && (
        <p role="alert" className="text-crimson">
          {problem.message}
        </p>
      )}
      <div className="flex flex-wrap justify-end gap-3">
        <Button className="mr-auto" onClick={onStay}>
          Stay
        </Button>
        <Button onClick={out}>Sign out all the same</Button>
        <Button look="main" onClick={file}>
          Write it to a file
        </Button>
      </div>
    </Overlay>
  );
}
