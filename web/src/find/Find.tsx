import { lazy, Suspense, useState } from 'react';
import { Field } from '../kit/Field';
import { Overlay } from '../kit/Sheet';

const Results = lazy(async () => ({ default: (await import('./Results')).Results }));

/**
 * Finds people and tickets by any part of a name, cuts, and what is on the ticket that is open, by what any bench
 * calls it.
 */
export function Find({ open, onClose }: { open: boolean; onClose: () => void }) {
  const [typed, setTyped] = useState('');
  return (
    <Overlay open={open} onClose={onClose} title="Find">
      <Suspense fallback={<Meanwhile typed={typed} onType={setTyped} />}>
        <Results typed={typed} onType={setTyped} onClose={onClose} />
      </Suspense>
    </Overlay>
  );
}

/** What is typed before the list is there is not lost. */
function Meanwhile({ typed, onType }: { typed: string; onType: (typed: string) => void }) {
  return <Field label="What is sought" autoFocus value={typed} onChange={(e) => onType(e.target.value)} />;
}
