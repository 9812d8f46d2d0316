import { useState } from 'react';
import { Link } from 'react-router';
import { api, type Problem, unwrap } from '../api/client';
import { useSession } from '../api/queries';
import { sending, useAction } from '../api/useAction';
import { Button } from '../kit/Button';
import { Field } from '../kit/Field';
import { Segmented } from '../kit/Segmented';
import { Shell } from '../kit/Shell';
import { useUnit } from '../tape/unit';
import { machine } from './machine';
import { NewCode } from './Recovery';
import { SignIns } from './SignIns';

/** Who sits here: how figures are written, the password, other sessions, and the way out. */
export function YourWorkroom() {
  const session = useSession();
  const account = session.data?.account;
  if (!account) return null;
  return (
    <Shell>
      <div className="mx-auto flex max-w-2xl flex-col gap-8 px-5 py-7">
        <div>
          <h1 className="font-semibold text-[1.75rem] leading-9">{account.workroom}</h1>
          <p className="text-soft">
            {account.name}, {account.email} ·{' '}
            <Link to="/" className="underline underline-offset-4">
              Back to the rack
            </Link>
          </p>
        </div>
        <Figures />
        {account.demo ? (
          <p className="rounded-card border border-line bg-wash p-4">
            The demo is shared: its password stays, and nobody leaves it. Open a workroom of your own from the sign-in
            page.
          </p>
        ) : (
          <>
            <Password email={account.email} />
            <NewCode />
            <SignIns />
          </>
        )}
        <Others />
        {!account.demo && <Leave workroom={account.workroom} />}
        <p className="text-soft">
          Bright Plumb is made with the work of others:{' '}
          <a className="underline underline-offset-4" href="/notices.txt" target="_blank" rel="noreferrer">
            notices and licences
          </a>
        </p>
      </div>
    </Shell>
  );
}

function Figures() {
  const unit = useUnit();
  return (
    <section className="flex flex-col gap-3">
      <h2 className="font-semibold text-title">How figures are written</h2>
      <p className="text-soft">On the screens, in the workings and on paper. Either mark is read wherever you type.</p>
      <div className="grid gap-3 sm:grid-cols-2">
        <Segmented
          label="Decimal mark"
          value={unit.mark}
          options={[
            { id: ',', title: '97,8 cm' },
            { id: '.', title: '97.8 cm' },
          ]}
          onChange={unit.setMark}
        />
        <Segmented
          label="Days"
          value={unit.days}
          options={[
            { id: 'day', title: '12 September' },
            { id: 'month', title: 'September 12' },
          ]}
          onChange={unit.setDays}
        />
      </div>
    </section>
  );
}

function Password({ email }: { email: string }) {
  const [current, setCurrent] = useState('');
  const [next, setNext] = useState('');
  const {
    run,
    problem,
    answer: done,
  } = useAction(async () => {
    await unwrap(api.PUT('/api/session/password', { body: { current, password: next } }));
    setCurrent('');
    setNext('');
    return true;
  });
  return (
    <form onSubmit={sending(run)} className="flex flex-col gap-3">
      <h2 className="font-semibold text-title">Password</h2>
      <input type="email" autoComplete="username" value={email} readOnly hidden />
      <Field
        label="The password now"
        type="password"
        autoComplete="current-password"
        value={current}
        fault={problem?.at('current')}
        onChange={(e) => setCurrent(e.target.value)}
      />
      <Field
        label="The new password"
        type="password"
        autoComplete="new-password"
        hint="Ten letters or more; a few words together are best. All other sessions end."
        value={next}
        fault={problem?.at('password')}
        onChange={(e) => setNext(e.target.value)}
      />
      <Said problem={problem} done={done ? 'The password was changed; you are signed out everywhere else.' : null} />
      <div>
        <Button type="submit">Change the password</Button>
      </div>
    </form>
  );
}

function Others() {
  const { run, problem, answer } = useAction(() => unwrap(api.DELETE('/api/session/others')));
  const ended = answer?.ended;
  const said =
    ended === undefined ? null : ended === 0 ? 'You are signed in nowhere else.' : `Ended elsewhere: ${ended}.`;
  return (
    <section className="flex flex-col gap-3">
      <h2 className="font-semibold text-title">Other sessions</h2>
      <p className="text-soft">A tablet left at the theatre, a laptop that was lent: end every session but this one.</p>
      <Said problem={problem} done={said} />
      <div>
        <Button onClick={() => run()}>End all others</Button>
      </div>
    </section>
  );
}

function Leave({ workroom }: { workroom: string }) {
  const [password, setPassword] = useState('');
  const { run, problem } = useAction(async () => {
    await unwrap(api.POST('/api/session/leave', { body: { password } }));
    machine.forget();
    window.location.assign('/');
  });
  return (
    <form onSubmit={sending(run)} className="flex flex-col gap-3 rounded-card border border-crimson/40 p-5">
      <h2 className="font-semibold text-title">Leave {workroom}</h2>
      <p className="text-soft">
        Your account goes for good. If nobody else is in this workroom it goes too, with every person, figure, ticket
        and revision in it; that cannot be undone.
      </p>
      <Field
        label="Your password, to be sure"
        type="password"
        autoComplete="current-password"
        value={password}
        fault={problem?.at('password')}
        onChange={(e) => setPassword(e.target.value)}
      />
      <Said problem={problem} done={null} />
      <div>
        <Button type="submit" look="danger" disabled={password === ''}>
          Leave for good
        </Button>
      </div>
    </form>
  );
}

function Said({ problem, done }: { problem: Problem | null; done: string | null }) {
  if (problem && problem.faults.length === 0)
    return (
      <p role="alert" className="text-crimson">
        {problem.message}
      </p>
    );
  return done ? (
    <p role="status" className="text-pine">
      {done}
    </p>
  ) : null;
}
