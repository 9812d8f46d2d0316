import { useState } from 'react';
import { api, unwrap } from '../api/client';
import { sending, useAction } from '../api/useAction';
import { Button } from '../kit/Button';
import { Field } from '../kit/Field';

/** A recovery code, shown once: to be written down where the password is not. */
export function CodeCard({ code, children }: { code: string; children?: React.ReactNode }) {
  return (
    <section aria-label="Recovery code" className="flex flex-col gap-3 rounded-card border border-brass bg-card p-5">
      <p>
        <span className="font-semibold">Write this code down.</span> It opens your account if the password is lost: no
        mail leaves this machine. It is shown once, and good for one use.
      </p>
      <p className="max-w-56 select-all break-words font-semibold text-lead tabular-nums" data-testid="recovery-code">
        {code}
      </p>
      {children}
    </section>
  );
}

/** A new recovery code in place of the one before. */
export function NewCode() {
  const [password, setPassword] = useState('');
  const { run, problem, answer } = useAction(async () => {
    const made = await unwrap(api.POST('/api/session/recovery', { body: { password } }));
    setPassword('');
    return made;
  });
  const code = answer?.code;
  return (
    <form onSubmit={sending(run)} className="flex flex-col gap-3">
      <h2 className="font-semibold text-title">Recovery code</h2>
      <p className="text-soft">For the day the password is lost. A new one makes the one before useless.</p>
      {code && <CodeCard code={code} />}
      <Field
        label="Your password, to make a new code"
        type="password"
        autoComplete="current-password"
        value={password}
        fault={problem?.at('password') ?? problem?.message}
        onChange={(e) => setPassword(e.target.value)}
      />
      <div>
        <Button type="submit" disabled={password === ''}>
          Make a new code
        </Button>
      </div>
    </form>
  );
}
