import type { Step } from '../api/client';
import { Button } from '../kit/Button';
import { useUnit } from '../tape/unit';
import { useStepValue } from './WorkingLine';

export type Rival = Step['rivals'][number];

/** What the other ways would give for a step, and what others do in its place in this one, each with its reason. */
export function Rivals({ step, onTake }: { step: Step; onTake: (rival: Rival) => void }) {
  const value = useStepValue();
  const unit = useUnit();
  const comesTo = (r: Rival) =>
    value({ value: r.value, kind: step.kind, printed: { ...step.printed, inches: '', centimetres: '' } });
  const habits = step.rivals.filter((r) => Object.keys(r.settings).length > 0);
  const ways = step.rivals.filter((r) => !habits.includes(r));
  return (
    <>
      {ways.length > 0 && (
        <p className="mt-2 text-soft">
          {ways.map((r, i) => (
            <span key={r.way}>
              {i === 0 ? 'Other ways: ' : ', '}
              {r.title} <span className="font-semibold">{comesTo(r)}</span>
            </span>
          ))}
          .
        </p>
      )}
      {habits.length > 0 && (
        <ul aria-label="Others do it so" className="mt-2 border-line border-t">
          {habits.map((r) => (
            <li key={Object.values(r.settings).join()} className="flex items-center gap-3 border-line border-b py-2">
              <div className="min-w-0 flex-1">
                <p className="flex justify-between gap-3">
                  <span className="font-medium">{r.title}</span>
                  <span className="font-semibold">{comesTo(r)}</span>
                </p>
                {r.why && <p className="text-small text-soft">{unit.words(r.why)}</p>}
              </div>
              <Button look="quiet" aria-label={`Do it so: ${r.title}`} onClick={() => onTake(r)}>
                Do so
              </Button>
            </li>
          ))}
        </ul>
      )}
    </>
  );
}
