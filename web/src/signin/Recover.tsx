import { useState } from 'react';
import { api, unwrap } from '../api/client';
import { sending, useAction } from '../api/useAction';
import { Button } from '../kit/Button';
import { Field } from '../kit/Field';

/** A lost password, set anew by the recovery code. */
export function Recover({ onBack }: { onBack: (said: string | null) => void }) {
  const [typed, setTyped] = useState({ email: '', code: '', password: '' });
  const { run, problem } = useAction(async () => {
    await unwrap(api.POST('/api/session/recover', { body: typed }));
    onBack('The new password holds. Make a new recovery code once you are in: the one you used is spent.');
  });
  const field = (key: keyof typeof typed) => ({
    value: typed[key],
    fault: problem?.at(key),
    onChange: (e: { target: { value: string } }) => setTyped((t) => ({ ...t, [key]: e.target.value })),
  });
  return (
    <form
      onSubmit={sending(run)}
      className="flex flex-col gap-4 rounded-card border border-line bg-card p-7 shadow-card"
    >
      <div>
        <h2 className="font-semibold text-title">A new password</h2>
        <p className="mt-1 text-soft">With the code you wrote down when the workroom was opened.</p>
      </div>
      <Field label="E-mail" type="email" autoComplete="username" {...field('email')} />
      <Field label="Recovery code" autoComplete="off" spellCheck={false} {...field('code')} />
      <Field
        label="A new password"
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
        <Button onClick={() => onBack(null)}>Back</Button>
        <Button type="submit" look="main">
          Set it
        </Button>
      </div>
    </form>
  );
}
