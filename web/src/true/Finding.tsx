import type { Check, Draft, Evidence, Remedy, Setting } from '../api/client';
import { finding } from '../draft/PlumbStrip';
import { Button } from '../kit/Button';
import { verdictColour } from '../kit/Plumb';
import { Guesses } from '../tape/Guesses';
import { useUnit } from '../tape/unit';
import { writeAmount, writeApart } from '../words/amounts';
import { changesOf } from '../words/changes';

/** What one plumb line found, why, and what would settle it. */
export function Finding(props: {
  check: Check;
  figures: Evidence['figures'];
  settings: Setting[];
  draft: Draft;
  /** The remedy being looked at, counted from 0. */
  tried: number | null;
  onTry: (remedy: number | null) => void;
  onApply: (remedy: Remedy) => void;
}) {
  const { check, tried } = props;
  const unit = useUnit();
  return (
    <section aria-live="polite">
      <h2 className={`font-semibold text-title ${check.verdict === 'true' ? '' : verdictColour(check.verdict)}`}>
        {check.title}: {finding(check, unit)}
      </h2>
      <p className="mt-1">{unit.words(check.text)}</p>
      {check.cause && <p className="mt-1 text-soft">{unit.words(check.cause)}</p>}
      {check.guesses.length > 0 && (
        <p className="mt-1 font-medium text-small">
          <Guesses of={check.guesses} />
        </p>
      )}
      {check.undecided && <p className="mt-3 rounded-card border border-line bg-card p-3.5">{check.undecided}</p>}
      {check.remedies.map((remedy, at) => (
        <div
          key={remedy.text}
          className={`mt-3 rounded-card border bg-card p-3.5 ${tried === at ? 'border-brass' : 'border-line'}`}
        >
          <h3 className="font-semibold">{remedy.text}</h3>
          <ul className="mt-0.5 text-soft">
            {changesOf(remedy, props.settings, props.draft, unit.write).map((c) => (
              <li key={c.title}>
                {c.title} {c.from} → <span className="font-semibold text-ink">{c.to}</span>
              </li>
            ))}
          </ul>
          <div className="mt-2 flex gap-2">
            <Button look={at === 0 ? 'main' : 'plain'} onClick={() => props.onApply(remedy)}>
              Do it
            </Button>
            <Button aria-pressed={tried === at} onClick={() => props.onTry(tried === at ? null : at)}>
              {tried === at ? 'As it is' : 'Look first'}
            </Button>
          </div>
        </div>
      ))}
      <h3 className="mt-4 font-semibold text-soft">Measured along the lines</h3>
      <dl className="mt-1 grid grid-cols-[1fr_auto] gap-y-0.5">
        {props.figures.map((f, i) => (
          <div key={f.label + String(i)} className="contents">
            <dt className={f.total ? 'border-line border-t pt-0.5 font-semibold' : ''}>{f.label}</dt>
            <dd className={`text-right ${f.total ? 'border-line border-t pt-0.5 font-semibold' : ''}`}>
              {writeAmount(f.value, f.unit, unit)}
            </dd>
          </div>
        ))}
        {check.tolerance > 0 && (
          <>
            <dt className="pt-1 text-soft">still true within</dt>
            <dd className="pt-1 text-right text-soft">{writeApart(check.tolerance, check.unit, unit)}</dd>
          </>
        )}
      </dl>
    </section>
  );
}
