import { useQueryClient } from '@tanstack/react-query';
import { useForm } from 'react-hook-form';
import { CodeCard } from '../account/Recovery';
import { api, unwrap, type Views } from '../api/client';
import { keys } from '../api/queries';
import { useAction } from '../api/useAction';
import { Button } from '../kit/Button';
import { Field } from '../kit/Field';

/** A workroom of one’s own: its name, who opens it, and a password of sense. */
export function OpenWorkroom({ onBack }: { onBack: () => void }) {
  const queries = useQueryClient();
  const { register, handleSubmit } = useForm({ defaultValues: { workroom: '', name: '', email: '', password: '' } });
  const { run, busy, problem, answer } = useAction((body: Views['OpenRequest']) =>
    unwrap(api.POST('/api/workrooms', { body })),
  );
  const field = (key: keyof Views['OpenRequest']) => ({ ...register(key), fault: problem?.at(key) });
  if (answer) {
    return (
      <CodeCard code={answer.recovery}>
        <Button look="main" onClick={() => queries.resetQueries({ queryKey: keys.session })}>
          It is written down: into the workroom
        </Button>
      </CodeCard>
    );
  }
  return (
    <form
      onSubmit={handleSubmit((typed) => run(typed))}
      className="flex flex-col gap-4 rounded-card border border-line bg-card p-7 shadow-card"
    >
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
        <Button type="submit" look="main" disabled={busy}>
          Open it
        </Button>
      </div>
    </form>
  );
}
