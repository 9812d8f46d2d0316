import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useSearchParams } from 'react-router';
import type { Making, MakingStep, Problem, Views } from '../api/client';
import { keys, useMaking } from '../api/queries';
import { useAction } from '../api/useAction';
import { fileOf } from '../cut/fileOf';
import { Notions } from '../cut/Notions';
import { PrintLink } from '../cut/PrintLink';
import { Button, ButtonLink } from '../kit/Button';
import { Card } from '../kit/Card';
import { Scroll } from '../kit/Scroll';
import { Segmented } from '../kit/Segmented';
import { Waiting } from '../kit/Waiting';
import { ExhibitPaper } from '../paper/ExhibitPaper';
import { useUnit } from '../tape/unit';
import { NotMeasured } from '../tickets/NotMeasured';
import type { StepDone } from '../tickets/sendable';
import { useOutbox, useTicketAtHand, useTicketDraft } from '../tickets/TicketDesk';
import { TicketShell } from '../tickets/TicketShell';
import { writeAmount } from '../words/amounts';
import { LongClock } from './LongClock';
import { StepList, sewnAt } from './StepList';
import { ranTooLong, soFar, spent, stepped } from './time';

/** The Make station: the order of making, the seam in hand with its notches, what to check, and what is done. */
export function MakeStation() {
  const [search, setSearch] = useSearchParams();
  const queries = useQueryClient();
  const open = useTicketAtHand();
  const drawn = useTicketDraft();
  const { id } = open;
  const unit = useUnit();
  const kept = open.saving === 'saved';
  const making = useMaking(id, open.version, open.measured && open.ticket !== null && kept);
  const now = useNow(making.data?.steps.some((s) => s.clockSince !== null) ?? false);
  const steps = making.data?.steps ?? [];
  const picked = steps.find((s) => s.id === search.get('step')) ?? steps.find((s) => !s.done) ?? steps[0];
  const pick = (step: string) => setSearch({ step }, { replace: true });
  const outbox = useOutbox();
  const [long, setLong] = useState<{ step: MakingStep; what: Views['StepRequest'] } | null>(null);
  const { run, problem } = useAction((kind: string, title: string, body: unknown) =>
    outbox.send({ kind, of: id, title, body }),
  );
  const say = async (kind: string, title: string, body: unknown) => {
    if (await run(kind, title, body)) void queries.invalidateQueries({ queryKey: keys.making(id) });
  };
  const change = (step: MakingStep, what: Views['StepRequest']) => {
    // A clock that nobody stopped overnight would tell of work that nobody did.
    if (step.clockSince && what.seconds == null && ranTooLong(step.clockSince, Date.now())) {
      setLong({ step, what });
      return Promise.resolve();
    }
    queries.setQueriesData<Making>({ queryKey: keys.making(id) }, (view) => view && stepped(view, step.id, what));
    return say('step', step.title, { step: step.id, what } satisfies StepDone);
  };
  const sortBy = (habit: string) => say('habit', 'The order of making', habit);
  const done = async (step: MakingStep) => {
    await change(step, { done: !step.done });
    const next = steps.find((s) => !s.done && s.id !== step.id);
    if (!step.done && next) pick(next.id);
  };
  return (
    <TicketShell
      at="make"
      actions={
        <>
          <PrintLink href={fileOf(id, 'making.pdf', unit)}>Print the order</PrintLink>
          <ButtonLink to={`/tickets/${id}/fit`} look="main">
            To the fitting
          </ButtonLink>
        </>
      }
    >
      {open.sheetsKnown && !open.measured ? (
        <NotMeasured ticket={id} title="Nothing to make yet">
          Once {open.ticket?.personName ?? 'she'} is measured, the order of making stands here, step by step.
        </NotMeasured>
      ) : !making.data || !picked ? (
        <Waiting error={open.error ?? drawn.fault ?? making.error} again={() => making.refetch()} />
      ) : (
        <div
          className={`grid flex-1 max-lg:auto-rows-max lg:min-h-0 gap-4 px-5 py-3
          lg:grid-cols-[21rem_minmax(0,1fr)_18rem]`}
        >
          <div className="flex min-h-0 flex-col gap-2">
            <Segmented
              label="Habit"
              value={making.data.habit}
              options={making.data.habits.map((h) => ({ id: h.id, title: h.title }))}
              onChange={sortBy}
            />
            <p className="text-small text-soft">
              {making.data.habits.find((h) => h.id === making.data.habit)?.about}
              {making.data.seconds > 0 && ` ${spent(making.data.seconds)} so far.`}
            </p>
            <StepList steps={steps} picked={picked} now={now} onPick={pick} onTick={(s) => done(s)} />
          </div>
          <div className="flex min-h-0 flex-col gap-3">
            <div className="flex min-h-96 flex-1 flex-col lg:min-h-0 [&>figure]:flex-1">
              {picked.drawing.strokes.length > 0 ? (
                <ExhibitPaper evidence={picked.drawing} label={`${picked.title}: what is in hand`} tinted />
              ) : (
                <figure
                  className={`flex items-center justify-center rounded-[4px] border border-line bg-card p-8
                  shadow-card`}
                >
                  <p className="max-w-md text-center font-head text-soft text-title">
                    {unit.words(picked.how[0] ?? picked.title)}
                  </p>
                </figure>
              )}
            </div>
            <InHand
              step={picked}
              now={now}
              problem={problem}
              onDone={() => done(picked)}
              onClock={() => change(picked, { clock: picked.clockSince === null })}
            />
          </div>
          <Scroll label="This step" className="flex flex-col gap-4 pr-1">
            <About step={picked} at={steps.indexOf(picked) + 1} of={steps.length} />
            <section>
              <h3 className="font-semibold text-soft">To have at hand</h3>
              <Notions of={atHand(making.data.notions, picked)} />
            </section>
            {picked.cautions.length > 0 && (
              <Card title="Mind" tone="amber">
                {picked.cautions.map((c) => (
                  <p key={c}>{c}</p>
                ))}
              </Card>
            )}
          </Scroll>
        </div>
      )}
      {long && (
        <LongClock
          title={long.step.title}
          seconds={soFar(long.step, Date.now())}
          before={long.step.seconds}
          onClose={() => setLong(null)}
          onTook={(seconds) => {
            setLong(null);
            void change(long.step, { ...long.what, seconds });
          }}
        />
      )}
    </TicketShell>
  );
}

/** The present, looked at four times a minute while a clock runs. */
function useNow(running: boolean): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    setNow(Date.now());
    if (!running) return;
    const tick = setInterval(() => setNow(Date.now()), 15_000);
    return () => clearInterval(tick);
  }, [running]);
  return now;
}

/** What this step takes first, then what is always there. */
function atHand(notions: Views['NotionView'][], step: MakingStep): Views['NotionView'][] {
  const always = ['thread', 'needle'];
  return notions.filter((n) => step.notions.includes(n.id) || always.includes(n.id));
}

function InHand(props: {
  step: MakingStep;
  now: number;
  problem: Problem | null;
  onDone: () => void;
  onClock: () => void;
}) {
  const { step } = props;
  const unit = useUnit();
  const took = soFar(step, props.now);
  const said = [sewnAt(step, unit.write), step.stitch].filter((w) => w !== '').join('; ');
  return (
    <section className="flex flex-wrap items-center gap-3 rounded-card border border-line bg-card p-3.5">
      <div className="min-w-48 flex-1">
        <h2 className="font-semibold text-lead">{step.title}</h2>
        <p className="text-soft">
          {[said && `${capital(said)}.`, took > 0 && `${spent(took)} so far.`].filter(Boolean).join(' ') ||
            'No seam is sewn here.'}
        </p>
        {props.problem && (
          <p role="alert" className="text-crimson">
            {props.problem.message}
          </p>
        )}
      </div>
      <Button onClick={props.onClock}>{step.clockSince ? 'Stop the clock' : 'Start the clock'}</Button>
      <Button look="main" onClick={props.onDone}>
        {step.done ? 'Not done yet' : 'Done'}
      </Button>
    </section>
  );
}

function capital(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}

function About(props: { step: MakingStep; at: number; of: number }) {
  const { step } = props;
  const unit = useUnit();
  return (
    <section aria-live="polite">
      <h2 className="font-semibold text-title">{step.title}</h2>
      <p className="text-soft">
        Step {props.at} of {props.of}
        {step.doneBy && `, done by ${step.doneBy}`}.
      </p>
      {step.looks.length > 0 && (
        <>
          <h3 className="mt-3 font-semibold text-soft">Check</h3>
          <dl className="mt-0.5 grid grid-cols-[1fr_auto] gap-x-2 gap-y-0.5">
            {step.looks.map((f, i) => (
              <div key={f.label + String(i)} className="contents">
                <dt>{f.label}</dt>
                <dd className="text-right font-semibold">{writeAmount(f.value, f.unit, unit)}</dd>
              </div>
            ))}
          </dl>
        </>
      )}
      <h3 className="mt-3 font-semibold text-soft">How</h3>
      {step.how.map((line) => (
        <p key={line} className="mt-1">
          {unit.words(line)}
        </p>
      ))}
    </section>
  );
}
