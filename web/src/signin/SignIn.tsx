import { useQueryClient } from '@tanstack/react-query';
import { type FormEvent, lazy, Suspense, useState } from 'react';
import { api, unwrap } from '../api/client';
import { type Door, keys } from '../api/queries';
import { useAction } from '../api/useAction';
import { Button } from '../kit/Button';
import { Field } from '../kit/Field';
import { Recover } from './Recover';

// Few open a workroom, and once: nobody else waits for its form.
const OpenWorkroom = lazy(async () => ({ default: (await import('./OpenWorkroom')).OpenWorkroom }));

const DEMO = { email: 'demo@brightplumb.test', password: 'calico-and-chalk' };

/** The way in: one’s own workroom, a new one, or the demo where there is one. */
export function SignIn({ door }: { door: Door }) {
  const [opening, setOpening] = useState(false);
  const [lost, setLost] = useState(false);
  const [said, setSaid] = useState<string | null>(null);
  return (
    <main className="grid min-h-dvh place-items-center px-5 py-10">
      <div className="grid w-full max-w-4xl items-center gap-14 md:grid-cols-[1fr_23rem]">
        <div>
          <svg viewBox="0 0 120 170" className="mb-6 h-44" aria-hidden="true">
            <path d="M20 6h80" stroke="var(--color-ink)" strokeWidth="5" strokeLinecap="round" />
            <path d="M60 6v92" stroke="var(--color-ink)" strokeWidth="3" />
            <path d="M60 92l22 30-22 44-22-44z" fill="var(--color-brass)" />
            <path d="M60 92l22 30H38z" fill="var(--color-brass-deep)" />
          </svg>
          <h1 className="font-semibold text-[2.5rem] leading-tight">Bright Plumb</h1>
          <p className="mt-3 max-w-md text-lead text-soft">
            Skirts, trousers, shorts and one-piece garments drafted from the tape, with every number’s working in view
            and every seam checked against its neighbour before you cut.
          </p>
        </div>
        <div className="flex flex-col gap-4">
          {opening ? (
            <Suspense>
              <OpenWorkroom onBack={() => setOpening(false)} />
            </Suspense>
          ) : lost ? (
            <Recover
              onBack={(told) => {
                setLost(false);
                setSaid(told);
              }}
            />
          ) : (
            <>
              {said && (
                <p role="status" className="text-pine">
                  {said}
                </p>
              )}
              <Enter onLost={() => setLost(true)} />
              {door.signUp && <Button onClick={() => setOpening(true)}>Open a workroom of your own</Button>}
              {door.demo && <Demo />}
            </>
          )}
        </div>
      </div>
    </main>
  );
}

function useSignIn() {
  const queries = useQueryClient();
  const { run, busy, problem } = useAction(async (as: { email: string; password: string }) => {
    await unwrap(api.POST('/api/session', { body: as }));
    await queries.resetQueries({ queryKey: keys.session });
  });
  return { problem, waiting: busy, signIn: run };
}

function Demo() {
  const { problem, waiting, signIn } = useSignIn();
  return (
    <section aria-label="The demo" className="rounded-card border border-line border-dashed p-4">
      <p>
        <span className="font-semibold">To look round first:</span> the wardrobe of the Saltmarsh Playhouse is invented,
        and here to try things on. Anybody at this address can enter it, so keep no real figures there.
      </p>
      <p className="mt-2 text-small text-soft">
        {DEMO.email} · {DEMO.password}
      </p>
      <Button className="mt-3" disabled={waiting} onClick={() => signIn(DEMO)}>
        Look round the demo
      </Button>
      {problem && (
        <p role="alert" className="mt-2 text-crimson">
          {problem.message}.
        </p>
      )}
    </section>
  );
}

function Enter({ onLost }: { onLost: () => void }) {
  const { problem, waiting, signIn } = useSignIn();
  const [email, setEmail] = useState('');
  const [password, setPassword] = useState('');
  const enter = (e: FormEvent) => {
    e.preventDefault();
    void signIn({ email, password });
  };
  return (
    <form onSubmit={enter} className="flex flex-col gap-4 rounded-card border border-line bg-card p-7 shadow-card">
      <h2 className="font-semibold text-title">To the workroom</h2>
      <Field
        label="E-mail"
        type="email"
        autoComplete="username"
        value={email}
        fault={problem?.at('email')}
        onChange={(e) => setEmail(e.target.value)}
      />
      <Field
        label="Password"
        type="password"
        autoComplete="current-password"
        value={password}
        fault={problem?.at('password')}
        onChange={(e) => setPassword(e.target.value)}
      />
      {problem && problem.faults.length === 0 && (
        <p role="alert" className="text-crimson">
          {problem.message}.
        </p>
      )}
      <div className="flex flex-wrap items-center justify-between gap-3">
        <button type="button" className="min-h-11 underline underline-offset-4" onClick={onLost}>
          Password lost
        </button>
        <Button type="submit" look="main" disabled={waiting}>
          Sign in
        </Button>
      </div>
    </form>
  );
}
