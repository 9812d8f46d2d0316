import { useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { CodeCard } from '../account/Recovery';
import { api, type Problem, problemOf, unwrap } from '../api/client';
import { keys } from '../api/queries';
import { Button } from '../kit/Button';
import { Field } from '../kit/Field';

/** A workroom of one’s own: its name, who opens it, and a password of sense. */
export function OpenWorkroom({ onBack }: { onBack: () => void }) {
  const queries = useQueryClient();
  const [typed, setTyped] = useState({ workroom: '', name: '', email: '', password: '' });
  const [problem, setProblem] = useState<Problem | null>(null);
  const [waiting, setWaiting] = useState(false);
  const [code, setCode] = useState<string | null>(null);
  const field = (key: keyof typeof typed) => ({
    value: typed[key],
    fault: problem?.at(key),
    onChange: (e: { target: { value: string } }) => setTyped((t) => ({ ...t, [key]: e.target.value })),
  });
  const open = async (e: FormEvent) => {
    e.preventDefault();
    setWaiting(true);
    setProblem(null);
    try {
      setCode((await unwrap(api.POST('/api/workrooms', { body: typed }))).recovery);
    } catch (failed) {
      setProblem(problemOf(failed));
    } finally {
      setWaiting(false);
    }
  };
  if (code !== null) {
    return (
      <CodeCard code={code}>
        <Button look="main" onClick={() => queries.resetQueries({ queryKey: keys.session })}>
          It is written down: into the workroom
        </Button>
      </CodeCard>
    );
  }
  return (
    <form onSubmit={open} className="flex flex-col gap-4 rounded-card border border-line bg-card p-7 shadow-card">
      <div>
        <h2 className="font-semibold text-title">A workroom of your own</h2>
        <p className="mt-1 text-soft">Empty, and nobody else’s: its people and figures stay in it.</p>
      </div>
      <Field label="What the workroom is called" maxLength={120} autoComplete="organization" {...field('workroom')} />
      <Field label="Your name" maxLength={120} autoComplete="name" {...field('name')} />
      <Field label="Your e-mail" type="email" autoComplete="username" {...field('email')} />
      <Field
        label="A password"
        type="password"
        autoComplete="new-password"
        hint="Ten letters or more; a few words together are best."
        {...field('password')}
      />
      {problem && problem.faults.length === 0 && (
        <p role="alert" className="text-crimson">
          {problem.message}.
        </p>
      )}
      <div className="flex flex-wrap justify-end gap-3">
        <Button onClick={onBack}>Back</Button>
        <Button type="submit" look="main" disabled={waiting}>
          Open it
        </Button>
      </div>
    </form>
  );
}
