import { type KeyboardEvent, useState } from 'react';
import { useSearchParams } from 'react-router';
import type { Check } from '../api/client';
import { useCuts, useDraft, useEvidence } from '../api/queries';
import { finding, together } from '../draft/PlumbStrip';
import { ButtonLink } from '../kit/Button';
import { leanOf, Plumb, VERDICT_WORDS, verdictColour } from '../kit/Plumb';
import { Scroll } from '../kit/Scroll';
import { Segmented } from '../kit/Segmented';
import { useUndoable } from '../kit/Undo';
import { Waiting } from '../kit/Waiting';
import { ExhibitPaper } from '../paper/ExhibitPaper';
import { useUnit } from '../tape/unit';
import { remedied } from '../tickets/changes';
import { NotMeasured } from '../tickets/NotMeasured';
import { useTicketAtHand, useTicketChanges, useTicketDraft } from '../tickets/TicketDesk';
import { TicketShell } from '../tickets/TicketShell';
import { Finding } from './Finding';
import { Notices } from './Notices';
import { OnHerFigure, RoomOverBody } from './OnHerFigure';

const VIEWS = [
  { id: 'evidence', title: 'Evidence' },
  { id: 'figure', title: 'On her figure' },
] as const;

/** The True station: one plumb line for each inspection, what it found, and the lines it measured. */
export function TrueStation() {
  const [search, setSearch] = useSearchParams();
  const open = useTicketAtHand();
  const drawn = useTicketDraft();
  const changes = useTicketChanges();
  const { id } = open;
  const cuts = useCuts();
  const undoable = useUndoable();
  const looked = useDraft(open.asked);
  const checks = (looked.data ?? drawn.draft)?.checks ?? [];
  const picked = checks.find((c) => c.id === search.get('check')) ?? worst(checks);
  // A remedy can be looked at before it is applied: the same plumb line, hung as it would then be.
  const [tried, setTried] = useState<{ check: string; at: number } | null>(null);
  const trying = tried && tried.check === picked?.id ? picked.remedies[tried.at] : undefined;
  const asked = trying && open.asked ? remedied(open.asked, trying) : open.asked;
  const evidence = useEvidence(asked);
  const would = useDraft(trying ? asked : null);
  const shown = evidence.data?.find((e) => e.check === picked?.id) ?? null;
  const thenFinds = trying ? would.data?.checks.find((c) => c.id === picked?.id) : undefined;
  const view = VIEWS.find((v) => v.id === search.get('view'))?.id ?? 'evidence';
  const put = (name: string, value: string) =>
    setSearch(
      (s) => {
        const next = new URLSearchParams(s);
        next.set(name, value);
        return next;
      },
      { replace: true },
    );
  const show = (to: string) => put('view', to);
  const pick = (check: string) => {
    setTried(null);
    put('check', check);
  };
  return (
    <TicketShell
      at="true"
      actions={
        <>
          <ButtonLink to={`/tickets/${id}/bench`}>Bench sheet</ButtonLink>
          <ButtonLink to={`/tickets/${id}/cut`} look="main">
            To the cloth
          </ButtonLink>
        </>
      }
    >
      {!drawn.draft || !picked ? (
        <NothingYet />
      ) : (
        <div
          className={`grid min-h-0 flex-1 gap-4 px-5 py-3 md:grid-cols-[13rem_minmax(0,1fr)]
          md:grid-rows-[minmax(0,1.5fr)_minmax(0,1fr)] xl:grid-cols-[14.5rem_minmax(0,1fr)_20rem] xl:grid-rows-1`}
        >
          <div className="flex min-h-0 flex-col gap-2 md:row-span-2 xl:row-span-1">
            <div className="shrink-0">
              <Segmented label="What is shown" value={view} options={[...VIEWS]} onChange={show} />
            </div>
            <PlumbList checks={checks} picked={picked} onPick={pick} />
          </div>
          {view === 'figure' && open.sheet ? (
            <OnHerFigure
              sheet={open.sheet}
              draft={would.data && trying ? would.data : drawn.draft}
              evidence={evidence.data ?? []}
              picked={picked.id}
              onPick={pick}
            />
          ) : (
            <ExhibitPaper
              evidence={shown}
              label={`${picked.title}: ${picked.text}`}
              note={thenFinds ? `as it would be: ${VERDICT_WORDS[thenFinds.verdict]}` : undefined}
            />
          )}
          <Scroll label="What it found" className="flex flex-col gap-3 pr-1">
            <Finding
              check={picked}
              figures={shown?.figures ?? []}
              settings={cuts.data?.find((c) => c.id === open.ticket?.cut)?.settings ?? []}
              draft={drawn.draft}
              tried={trying ? (tried?.at ?? null) : null}
              onTry={(at) => setTried(at === null ? null : { check: picked.id, at })}
              onApply={(remedy) => {
                setTried(null);
                undoable({ text: remedy.text, undo: changes.apply(remedy) });
              }}
            />
            {view === 'figure' && open.sheet && (
              <RoomOverBody sheet={open.sheet} draft={drawn.draft} evidence={evidence.data ?? []} onPick={pick} />
            )}
            <Notices />
          </Scroll>
        </div>
      )}
    </TicketShell>
  );
}

function worst(checks: Check[]): Check | undefined {
  const order = ['off', 'watch', 'not-taken', 'true'];
  return [...checks].sort((a, b) => order.indexOf(a.verdict) - order.indexOf(b.verdict))[0];
}

/** The plumb lines in a list; up and down go from one to the next. */
function PlumbList(props: { checks: Check[]; picked: Check; onPick: (check: string) => void }) {
  const unit = useUnit();
  const crowded = props.checks.length > 12;
  const press = (e: KeyboardEvent<HTMLButtonElement>, at: number) => {
    const next = e.key === 'ArrowDown' ? at + 1 : e.key === 'ArrowUp' ? at - 1 : -1;
    const check = props.checks[next];
    if (!check) return;
    e.preventDefault();
    props.onPick(check.id);
    e.currentTarget.closest('ul')?.querySelectorAll('button')[next]?.focus();
  };
  return (
    <nav aria-label="Plumb lines" className="min-h-0 overflow-y-auto">
      <p className="pb-2 font-head font-semibold text-lead">{together(props.checks)}</p>
      <ul>
        {props.checks.map((c, at) => (
          <li key={c.id}>
            <button
              type="button"
              aria-current={c.id === props.picked.id}
              onClick={() => props.onPick(c.id)}
              onKeyDown={(e) => press(e, at)}
              className={`flex w-full items-center gap-1 border-line border-b border-l-4 text-left
                ${crowded ? 'py-0' : 'py-1'} ${
                  c.id === props.picked.id ? 'border-l-brass bg-card' : 'border-l-transparent hover:bg-wash'
                }`}
            >
              <Plumb verdict={c.verdict} lean={leanOf(c)} height={crowded ? 38 : 44} />
              <span>
                <span className="block font-semibold leading-tight">{c.title}</span>
                <span className={`text-small ${verdictColour(c.verdict)}`}>
                  {finding(c, unit)}, {VERDICT_WORDS[c.verdict]}
                </span>
              </span>
            </button>
          </li>
        ))}
      </ul>
    </nav>
  );
}

function NothingYet() {
  const open = useTicketAtHand();
  const drawn = useTicketDraft();
  if (open.sheetsKnown && !open.measured) {
    return (
      <NotMeasured ticket={open.id} title="Nothing to true yet">
        The plumb lines hang once there is a draft, and a draft needs waist and hip.
      </NotMeasured>
    );
  }
  return <Waiting error={open.error ?? drawn.fault} />;
}
