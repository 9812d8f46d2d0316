import { useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { answered, api, type Problem } from '../api/client';
import { keys } from '../api/queries';
import { Button } from '../kit/Button';
import { Field } from '../kit/Field';

export function SignIn() {
  const queries = useQueryClient();
  const [email, setEmail] = useState('');
  const [password, setPassword] = useState('');
  const [problem, setProblem] = useState<Problem | null>(null);
  const [waiting, setWaiting] = useState(false);

  const signIn = async (e: FormEvent) => {
    e.preventDefault();
    setWaiting(true);
    setProblem(null);
    try {
      await answered(api.POST('/api/session', { body: { email, password } }));
      await queries.resetQueries({ queryKey: keys.session });
    } catch (failed) {
      setProblem(failed as Problem);
    } finally {
      setWaiting(false);
    }
  };

  return (
    <main className="grid min-h-dvh place-items-center px-5 py-10">
      <div className="grid w-full max-w-4xl items-center gap-14 md:grid-cols-[1fr_22rem]">
        <div>
          <svg viewBox="0 0 120 170" className="mb-6 h-44" aria-hidden="true">
            <path d="M20 6h80" stroke="var(--color-ink)" strokeWidth="5" strokeLinecap="round" />
            <path d="M60 6v92" stroke="var(--color-ink)" strokeWidth="3" />
            <path d="M60 92l22 30-22 44-22-44z" fill="var(--color-brass)" />
            <path d="M60 92l22 30H38z" fill="var(--color-brass-deep)" />
          </svg>
          <h1 className="font-semibold text-[2.5rem] leading-tight">Bright Plumb</h1>
          <p className="mt-3 max-w-md text-lead text-soft">
            Skirts, trousers and shorts drafted from the tape, with every number’s working in view and every seam
            checked against its neighbour before you cut.
          </p>
        </div>
        <form onSubmit={signIn} className="flex flex-col gap-4 rounded-card border border-line bg-card p-7 shadow-card">
          <h2 className="font-semibold text-title">To the workroom</h2>
          <Field
            label="Address"
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
          <Button type="submit" look="main" disabled={waiting}>
            Sign in
          </Button>
        </form>
      </div>
    </main>
  );
}
