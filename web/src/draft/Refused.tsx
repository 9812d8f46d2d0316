import { useQueries } from '@tanstack/react-query';
import { type Cut, Problem } from '../api/client';
import { lineOf } from '../api/queries';
import { Button } from '../kit/Button';
import { Waiting } from '../kit/Waiting';
import { fold, type Kept, type Step, type Value, valueAt, WITH } from '../tickets/changes';
import { asTheRecipe } from '../tickets/otherCut';
import { useTicketAtHand, useTicketChanges } from '../tickets/TicketDesk';
import { SettingRow } from './SettingRow';

const SETTING = 'settings.';

/**
 * A ticket that cannot be drafted as it stands, and never could be here: what is wrong, and the amounts that would put
 * it right.
 */
export function Refused(props: { problem: unknown; cut: Cut | undefined }) {
  const { problem, cut } = props;
  const open = useTicketAtHand();
  const changes = useTicketChanges();
  const faults = problem instanceof Problem ? problem.faults : [];
  const asked = faults.filter((f) => f.field.startsWith(SETTING)).map((f) => f.field.slice(SETTING.length));
  const settings = cut?.settings.filter((s) => asked.includes(s.key)) ?? [];
  const byHand = open.ticket ? asTheRecipe(open.ticket) : [];
  const ways = useWaysOut(problem, byHand);
  return (
    <>
      <Waiting error={problem} />
      {settings.length > 0 && (
        <fieldset className="mx-6 flex max-w-sm flex-col gap-1 border-line border-t pt-3" data-form="">
          <legend className="pr-2 font-semibold text-soft">What would put it right</legend>
          {settings.map((s) => (
            <SettingRow key={s.key} setting={s} draft={null} />
          ))}
        </fieldset>
      )}
      {ways.length > 0 && (
        <section className="mx-6 flex max-w-md flex-col items-start gap-2 border-line border-t pt-3">
          <h2 className="font-semibold text-soft">What would put it right</h2>
          {ways.map((way) => (
            <Button key={way.set} look="main" onClick={() => changes.change([way])}>
              {`${way.was === WITH ? 'Take off' : 'Put back'}: ${titleOf(cut, way.set)}`}
            </Button>
          ))}
        </section>
      )}
      {byHand.length > 0 && problem instanceof Problem && problem.at('with') !== undefined && (
        <div className="mx-6 mt-3">
          <Button onClick={() => changes.change(byHand)}>Make it as its recipe has it</Button>
        </div>
      )}
    </>
  );
}

const MADE = 'made.';

const titleOf = (cut: Cut | undefined, place: string): string =>
  cut?.operations.find((o) => `${MADE}${o.id}` === place)?.title ?? place.slice(MADE.length);

/** Which of what a hand added or took off would, by itself, make a draft of it again: each is tried. */
function useWaysOut(problem: unknown, byHand: Step[]): (Step & { was: Value })[] {
  const { ticket, asked } = useTicketAtHand();
  const refused = problem instanceof Problem && problem.faults.length > 0;
  const tried = useQueries({
    queries: byHand.map((step) => ({
      ...lineOf(ticket && asked ? { ...asked, ...madeOf(fold(ticket, [step])) } : null),
      enabled: refused && asked !== null && ticket !== null,
      retry: false,
    })),
  });
  return byHand.flatMap((step, i) =>
    tried[i]?.isSuccess && ticket ? [{ ...step, was: valueAt(ticket, step.set) }] : [],
  );
}

const madeOf = ({ with: added, without }: Pick<Kept, 'with' | 'without'>) => ({ with: added, without });
