import type { Step } from '../api/client';
import { Button } from '../kit/Button';
import { useUnit } from '../tape/unit';
import { useStepValue } from './WorkingLine';

export type Rival = Step['rivals'][number];

const isHabit = (r: Rival) => Object.keys(r.settings).length > 0;

function useComesTo(step: Step) {
  const value = useStepValue();
  return (r: Rival) =>
    value({ value: r.value, kind: step.kind, printed: { ...step.printed, inches: '', centimetres: '' } });
}

/** What the other ways would give for a step. */
export function OtherWays({ step }: { step: Step }) {
  const comesTo = useComesTo(step);
  const ways = step.rivals.filter((r) => !isHabit(r));
  return ways.length === 0 ? null : (
    <p className="mt-2 text-soft">
      {ways.map((r, i) => (
        <span key={r.way}>
          {i === 0 ? 'Other ways: ' : ', '}
          {r.title} <span className="font-semibold">{comesTo(r)}</span>
        </span>
      ))}
      .
    </p>
  );
}

/** What others do in its place in this same way, each with its reason; a press takes it up. */
export function Habits({ step, onTake }: { step: Step; onTake: (rival: Rival) => void }) {
  const comesTo = useComesTo(step);
  const unit = useUnit();
  const habits = step.rivals.filter(isHabit);
  return habits.length === 0 ? null : (
    <section aria-label="Others do it so" className="mt-3">
      <h4 className="text-soft">Others do it so</h4>
      <ul className="mt-1 border-line border-t">
        {habits.map((r) => (
          <li key={Object.values(r.settings).join()} className="flex items-center gap-3 border-line border-b py-2">
            <div className="min-w-0 flex-1">
              <p className="flex justify-between gap-3">
                <span className="font-medium">{r.title}</span>
                <span className="font-semibold">{comesTo(r)}</span>
              </p>
              {r.why && <p className="text-small text-soft">{unit.words(r.why)}</p>}
            </div>
            <Button className="px-3" aria-label={`Do it so: ${r.title}`} onClick={() => onTake(r)}>
              Do so
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
