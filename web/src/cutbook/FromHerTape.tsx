import type { Cut, Measure, Sheet } from '../api/client';
import { verdictColour } from '../kit/Plumb';
import { lengthOf } from '../measure/readings';
import { useUnit } from '../tape/unit';
import type { Page } from './standing';

/** What a cut takes from the tape: what is there, what is guessed, what it cannot do without; and what would lean. */
export function FromHerTape(props: { page: Page; cut: Cut; sheet: Sheet | null; measures: readonly Measure[] }) {
  const { page, cut, sheet } = props;
  const unit = useUnit();
  const title = (key: string) => props.measures.find((m) => m.key === key)?.title ?? key;
  const keys = [...new Set([...page.missing, ...cut.measures])];
  const reading = (key: string) => {
    const taken = sheet?.readings[key];
    if (taken) return <span className="font-semibold">{unit.write(lengthOf(taken))}</span>;
    if (page.missing.includes(key)) return <span className="font-semibold text-crimson">to be taken</span>;
    return <span className="text-amber">{page.hers ? 'guessed' : 'not taken'}</span>;
  };
  return (
    <>
      {page.leans.length > 0 && (
        <div>
          <h3 className="font-semibold text-soft">Would lean</h3>
          <ul className="mt-1">
            {page.leans.map((l) => (
              <li key={l.id} className="py-1">
                <span className={`font-medium ${verdictColour(l.verdict)}`}>
                  {l.title}, {l.verdict}
                </span>
                <span className="block text-small text-soft">{unit.words(l.text)}</span>
              </li>
            ))}
          </ul>
        </div>
      )}
      {page.refused && <p className="text-crimson">{unit.words(page.refused)}</p>}
      <div>
        <h3 className="font-semibold text-soft">From the tape</h3>
        <ul className="mt-1">
          {keys.map((key) => (
            <li key={key} className="flex justify-between gap-3 py-0.5">
              <span>{title(key)}</span>
              {reading(key)}
            </li>
          ))}
        </ul>
      </div>
    </>
  );
}
