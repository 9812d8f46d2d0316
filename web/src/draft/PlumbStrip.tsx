import { Link } from 'react-router';
import type { Check } from '../api/client';
import { leanOf, Plumb, VERDICT_WORDS, verdictColour } from '../kit/Plumb';
import { useSize } from '../paper/useSize';
import { useUnit } from '../tape/unit';
import type { Notation } from '../tape/writer';
import { writeApart } from '../words/amounts';

const NUMBERS = [
  'None',
  'One',
  'Two',
  'Three',
  'Four',
  'Five',
  'Six',
  'Seven',
  'Eight',
  'Nine',
  'Ten',
  'Eleven',
  'Twelve',
  'Thirteen',
  'Fourteen',
  'Fifteen',
  'Sixteen',
  'Seventeen',
  'Eighteen',
  'Nineteen',
  'Twenty',
  'Twenty-one',
  'Twenty-two',
  'Twenty-three',
  'Twenty-four',
  'Twenty-five',
];

/** What all plumb lines say together: Five true, one off. */
export function together(checks: Check[]): string {
  const count = (verdict: string) => checks.filter((c) => c.verdict === verdict).length;
  const said = ['true', 'watch', 'off', 'not-taken']
    .map((v) => [count(v), v === 'watch' ? 'to watch' : (VERDICT_WORDS[v] ?? v)] as const)
    .filter(([n]) => n > 0)
    .map(([n, word]) => `${NUMBERS[n] ?? n} ${word}`);
  return said.map((s, i) => (i === 0 ? s : s.toLowerCase())).join(', ');
}

/** A finding in two words: meets, ⅛ short, turns 3°. */
export function finding(check: Check, notation: Notation): string {
  if (check.verdict === 'not-taken') return 'not taken';
  if (check.verdict === 'true') return check.whenTrue;
  const turned = check.unit === 'degrees' && !check.whenOff.includes(MEASURED);
  const words = turned ? `turns ${MEASURED}` : check.whenOff;
  if (words !== '') return words.replace(MEASURED, `${Math.round(check.measured)}°`);
  const off = writeApart(Math.abs(check.difference), 'mm', notation);
  return `${off} ${check.difference < 0 ? 'short' : 'over'}`;
}

/** Where the figure stands in the words of a check, an angle. */
const MEASURED = '{measured}';

/** How wide a plumb line is with its name alone, in small letters, and with what was found beneath, px. */
const NAME = 50;
const WHOLE_FINDING = 88;

/** All plumb lines in a row along the foot of the table. */
export function PlumbStrip(props: { checks: Check[]; ticket: string }) {
  const unit = useUnit();
  const [list, size] = useSize<HTMLUListElement>();
  const count = props.checks.length;
  const crowded = count > 11;
  // Rows of one length: where one is too narrow for the names, none of them stands alone beneath.
  const rows = Math.max(1, Math.ceil((count * (crowded ? NAME : WHOLE_FINDING)) / Math.max(1, size.width)));
  const columns = size.width > 0 ? Math.ceil(count / rows) : count;
  return (
    <aside
      aria-label="Plumb lines"
      className="flex shrink-0 items-stretch gap-2 border-line border-t bg-wash px-5 py-1 lg:min-h-28"
    >
      <div className={`flex shrink-0 flex-col justify-center ${crowded ? 'w-32' : 'w-48'}`}>
        <p className={`font-head font-semibold ${crowded ? 'leading-tight' : 'text-lead'}`}>{together(props.checks)}</p>
        <p className="hidden text-small text-soft lg:block">press 3 for the evidence</p>
      </div>
      <ul
        ref={list}
        className="grid flex-1 items-start"
        style={{ gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))` }}
      >
        {props.checks.map((c) => (
          <li key={c.id}>
            <Link
              to={`/tickets/${props.ticket}/true?check=${c.id}`}
              className="flex min-h-11 flex-col items-center pt-1 text-center hover:bg-card"
            >
              <Plumb verdict={c.verdict} lean={leanOf(c)} height={crowded ? 40 : 54} />
              <span className={`mt-1 font-semibold ${crowded ? 'text-small leading-tight' : 'whitespace-nowrap'}`}>
                {c.title}
              </span>
              {(!crowded || c.verdict !== 'true') && (
                <span className={`text-small ${crowded ? 'leading-tight' : ''} ${verdictColour(c.verdict)}`}>
                  {finding(c, unit)}
                </span>
              )}
            </Link>
          </li>
        ))}
      </ul>
    </aside>
  );
}
