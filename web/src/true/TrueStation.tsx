import { useParams, useSearchParams } from 'react-router';
import type { Check } from '../api/client';
import { finding, together } from '../draft/PlumbStrip';
import { Button, ButtonLink } from '../kit/Button';
import { Card } from '../kit/Card';
import { lean, Plumb, VERDICT_WORDS, verdictColour } from '../kit/Plumb';
import { Waiting } from '../kit/Waiting';
import { useUnit } from '../tape/unit';
import { writeFine, writeNumber } from '../tape/writer';
import { TicketShell } from '../tickets/TicketShell';
import { type TicketWork, useTicketWork } from '../tickets/useTicketWork';

/** The True station: one plumb line for each inspection, and what it found. */
export function TrueStation() {
  const { ticket: id = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const work = useTicketWork(id);
  const unit = useUnit();
  const checks = work.draft?.checks ?? [];
  const picked = checks.find((c) => c.id === search.get('check')) ?? worst(checks);
  return (
    <TicketShell
      id={id}
      at="true"
      ticket={work.ticket}
      work={work}
      actions={
        <ButtonLink to={`/tickets/${id}/cut`} look="main">
          To the cloth
        </ButtonLink>
      }
    >
      {!work.draft || !picked ? (
        <NothingYet id={id} work={work} />
      ) : (
        <div className="grid min-h-0 flex-1 gap-5 px-5 py-3 lg:grid-cols-[15rem_minmax(0,1fr)_19rem]">
          <nav aria-label="Plumb lines" className="min-h-0 overflow-y-auto">
            <p className="pb-2 font-head font-semibold text-lead">{together(checks)}</p>
            <ul>
              {checks.map((c) => (
                <li key={c.id}>
                  <button
                    type="button"
                    aria-current={c.id === picked.id}
                    onClick={() => setSearch({ check: c.id }, { replace: true })}
                    className={`flex w-full items-center gap-1 border-line border-b border-l-4 py-1.5 text-left ${
                      c.id === picked.id ? 'border-l-brass bg-card' : 'border-l-transparent hover:bg-wash'
                    }`}
                  >
                    <Plumb verdict={c.verdict} lean={lean(c.difference, c.tolerance, c.verdict)} height={48} />
                    <span>
                      <span className="block font-semibold">{c.title}</span>
                      <span className={`text-small ${verdictColour(c.verdict)}`}>
                        {finding(c, unit.shown)}, {VERDICT_WORDS[c.verdict]}
                      </span>
                    </span>
                  </button>
                </li>
              ))}
            </ul>
          </nav>
          <Hanging check={picked} />
          <div className="flex min-h-0 flex-col gap-3 overflow-y-auto">
            <Finding check={picked} onApply={work.setMany} />
            <Doubts work={work} />
          </div>
        </div>
      )}
    </TicketShell>
  );
}

function worst(checks: Check[]): Check | undefined {
  const order = ['off', 'watch', 'not-taken', 'true'];
  return [...checks].sort((a, b) => order.indexOf(a.verdict) - order.indexOf(b.verdict))[0];
}

/** The chosen line hung large, over a scale that shows how much is still true. */
function Hanging({ check }: { check: Check }) {
  const unit = useUnit();
  const fine = (v: number) =>
    check.unit === 'degrees' ? `${writeNumber(Math.round(v * 10) / 10)}°` : writeFine(v, unit.shown);
  const angle = lean(check.difference, check.tolerance, check.verdict);
  const radians = (-angle * Math.PI) / 180;
  const bob = { x: 300 - Math.sin(radians) * 330, y: 60 + Math.cos(radians) * 330 };
  const taken = check.verdict !== 'not-taken';
  return (
    <figure className="flex min-h-96 flex-col rounded-[4px] border border-line bg-card shadow-card">
      <svg
        viewBox="0 0 600 500"
        className="min-h-0 w-full flex-1"
        role="img"
        aria-label={`${check.title}: ${check.text}`}
      >
        <path d="M200 60h200" stroke="var(--color-ink)" strokeWidth="7" strokeLinecap="round" />
        <path d="M300 60v370" stroke="var(--color-pencil)" strokeDasharray="3 7" />
        <path d={arc(-26, 26)} fill="none" stroke="var(--color-line)" strokeWidth="10" />
        <path d={arc(-4, 4)} fill="none" stroke="var(--color-pine)" strokeWidth="10" />
        <text x="300" y="478" textAnchor="middle" fontSize="17" fill="var(--color-pine)">
          true within {fine(check.tolerance)}
        </text>
        {taken && Math.abs(angle) > 4.5 && (
          <text x={bob.x} y="478" textAnchor="middle" fontSize="19" fontWeight="600" fill="var(--color-crimson)">
            {check.unit === 'degrees'
              ? fine(check.measured)
              : `${fine(Math.abs(check.difference))} ${check.difference < 0 ? 'short' : 'over'}`}
          </text>
        )}
        <g
          key={check.id + angle}
          className={`plumb-settle ${verdictColour(check.verdict)}`}
          style={{ '--lean': `${-angle}deg`, transformOrigin: '300px 60px' } as never}
        >
          <path d="M300 60v300" stroke="currentColor" strokeWidth="3" />
          {check.verdict === 'off' ? (
            <path d="M276 360h48v60h-48z" fill="currentColor" />
          ) : check.verdict === 'watch' ? (
            <path d="M300 358l30 66h-60z" fill="currentColor" />
          ) : (
            <path
              d="M300 350l24 32-24 52-24-52z"
              fill={taken ? 'currentColor' : 'var(--color-card)'}
              stroke="currentColor"
              strokeWidth="3"
            />
          )}
        </g>
      </svg>
    </figure>
  );
}

function arc(from: number, to: number): string {
  const at = (deg: number) => {
    const r = (deg * Math.PI) / 180;
    return `${300 + Math.sin(r) * 385} ${60 + Math.cos(r) * 385}`;
  };
  return `M${at(from)}A385 385 0 0 0 ${at(to)}`;
}

function Finding({ check, onApply }: { check: Check; onApply: (settings: Record<string, unknown>) => void }) {
  const unit = useUnit();
  const write = (v: number) =>
    check.unit === 'degrees' ? `${writeNumber(Math.round(v * 10) / 10)}°` : writeFine(v, unit.shown);
  const remedy = check.remedy;
  return (
    <section>
      <h2 className={`font-semibold text-title ${check.verdict === 'true' ? '' : verdictColour(check.verdict)}`}>
        {check.title}: {finding(check, unit.shown)}
      </h2>
      <p className="mt-1">{check.text}</p>
      {check.cause && <p className="mt-1 text-soft">{check.cause}</p>}
      <dl className="mt-3 grid grid-cols-[1fr_auto] gap-y-1 border-line border-t pt-3">
        <dt>measured along the line</dt>
        <dd className="text-right">{write(check.measured)}</dd>
        <dt>wanted</dt>
        <dd className="text-right">{write(check.wanted)}</dd>
        <dt className="border-line border-t pt-1 font-semibold">difference</dt>
        <dd className="border-line border-t pt-1 text-right font-semibold">{write(check.difference)}</dd>
        <dt className="text-soft">still true within</dt>
        <dd className="text-right text-soft">{write(check.tolerance)}</dd>
      </dl>
      {remedy && (
        <div className="mt-3 rounded-card border border-line bg-card p-3.5">
          <p className="font-semibold">{remedy.text}</p>
          <Button look="main" className="mt-2" onClick={() => onApply(remedy.settings)}>
            Do it
          </Button>
        </div>
      )}
    </section>
  );
}

function Doubts({ work }: { work: TicketWork }) {
  const unit = useUnit();
  const draft = work.draft;
  if (!draft) return null;
  return (
    <>
      {draft.notices.map((n) => (
        <Card key={n.id} title="To know before you cut" tone="amber">
          {n.text}
          {n.remedy && (
            <Button className="mt-2 block" onClick={() => n.remedy && work.setMany(n.remedy.settings)}>
              {n.remedy.text}
            </Button>
          )}
        </Card>
      ))}
      {draft.estimates.length > 0 && (
        <Card title="Rests on guesses">
          <ul>
            {draft.estimates.map((e) => (
              <li key={e.measure} className="flex justify-between gap-3">
                <span>{e.rule}</span>
                <span className="font-medium text-ink">{unit.write(e.value)}</span>
              </li>
            ))}
          </ul>
        </Card>
      )}
    </>
  );
}

function NothingYet({ id, work }: { id: string; work: TicketWork }) {
  if (work.sheetsKnown && !work.measured) {
    return (
      <div className="mx-auto mt-16 flex max-w-lg flex-col items-start gap-4 px-5">
        <h2 className="font-semibold text-title">Nothing to true yet</h2>
        <p>The plumb lines hang once there is a draft, and a draft needs waist and hip.</p>
        <ButtonLink to={`/tickets/${id}/measure`} look="main">
          Measure
        </ButtonLink>
      </div>
    );
  }
  return <Waiting error={work.error ?? work.fault} />;
}
