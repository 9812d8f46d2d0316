import { memo, useCallback, useMemo, useRef, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import type { Draft, Remedy } from '../api/client';
import { useCuts, useDraft, useWays } from '../api/queries';
import { lengthOnly } from '../compare/sides';
import { ButtonLink } from '../kit/Button';
import { useKeys } from '../kit/keys';
import { Segmented } from '../kit/Segmented';
import { useUndoable } from '../kit/Undo';
import { Waiting } from '../kit/Waiting';
import type { Zoom } from '../paper/DraftPaper';
import { besides } from '../tickets/besides';
import { NotMeasured } from '../tickets/NotMeasured';
import { TicketAsOf, useTicketAtHand, useTicketChanges, useTicketDraft } from '../tickets/TicketDesk';
import { TicketShell } from '../tickets/TicketShell';
import { waysOf } from '../words/ways';
import { Notices } from './Notices';
import { useOnceDrawn } from './onceDrawn';
import { PaperFoot, ZOOMS } from './PaperFoot';
import { PaperInHand } from './PaperInHand';
import { PlumbStrip } from './PlumbStrip';
import { Refused } from './Refused';
import type { Rival } from './Rivals';
import { Settings } from './Settings';
import { Working } from './Working';

/** Where there is no room for both, amounts or the working stand beside the paper. */
type Beside = 'amounts' | 'working';

const BESIDE: { id: Beside; title: string }[] = [
  { id: 'amounts', title: 'Amounts' },
  { id: 'working', title: 'Working' },
];

const Switch = memo(Segmented<Beside>);
const Amounts = memo(Settings);
const TheWorking = memo(Working);
const Strip = memo(PlumbStrip);

/**
 * The Draft station: amounts on the left, the paper in the middle, the working on the right, the plumb lines along the
 * foot.
 */
export function DraftStation() {
  const [search, setSearch] = useSearchParams();
  const open = useTicketAtHand();
  const drawn = useTicketDraft();
  const changes = useTicketChanges();
  const { id } = open;
  const undoable = useUndoable();
  const cuts = useCuts();
  const ways = useWays();
  const navigate = useNavigate();
  const [lit, setLit] = useState<string | null>(null);
  const [beside, setBeside] = useState<Beside>('amounts');
  const [tried, setTried] = useState<Draft | null>(null);
  const { line: draft } = drawn;
  const besidePaper = useOnceDrawn(
    useMemo(
      () => ({ open, of: drawn, said: tried && drawn.said ? besides(tried, drawn.said) : drawn.said }),
      [open, drawn, tried],
    ),
    drawn.drawn,
  );
  const { said } = besidePaper;
  const cut = cuts.data?.find((c) => c.id === open.ticket?.cut);
  const offered = useMemo(() => waysOf(cut, ways.data), [ways.data, cut]);

  const at = stepIn(said, search);
  const zoom = (ZOOMS.find((z) => z.id === search.get('zoom'))?.id ?? 'whole') as Zoom;
  const ghostWay = search.get('ghost');
  const ghost = useDraft(
    ghostWay && open.asked ? { ...open.asked, way: ghostWay, settings: lengthOnly(open.asked.settings) } : null,
  );

  const put = useCallback(
    (name: string, value: string | null) =>
      setSearch(
        () => {
          const next = address();
          if (value === null) next.delete(name);
          else next.set(name, value);
          return next;
        },
        { replace: true },
      ),
    [setSearch],
  );
  const read = useRef(said);
  read.current = said;
  const go = useCallback(
    (index: number | null) => put('step', index === null ? null : (read.current?.steps[index]?.id ?? null)),
    [put],
  );
  const pick = useCallback((step: string) => put('step', step), [put]);
  const { apply } = changes;
  const take = useCallback(
    (rival: Rival) => undoable({ text: rival.title, undo: apply({ settings: rival.settings, clothWidth: null }) }),
    [undoable, apply],
  );
  const mend = useCallback((remedy: Remedy) => undoable({ text: remedy.text, undo: apply(remedy) }), [undoable, apply]);
  const way = open.ticket?.way;
  const others = useMemo(() => offered.filter((w) => w.id !== way), [offered, way]);
  const keys = useMemo<Record<string, () => void>>(
    () => ({
      '[': () => {
        const here = stepIn(said, address());
        if (said && here !== 0) go(here < 0 ? said.steps.length - 1 : here - 1);
      },
      ']': () => {
        const here = stepIn(said, address());
        if (said) go(here + 1 < said.steps.length ? here + 1 : null);
      },
      c: () => navigate(`/tickets/${id}/compare`),
      g: () => put('ghost', ghostWay ? null : (others[0]?.id ?? null)),
    }),
    [said, go, put, ghostWay, others, navigate, id],
  );
  useKeys('ticket', keys);

  const actions = useMemo(
    () => (
      <>
        <ButtonLink to={`/tickets/${id}/bench`}>Bench sheet</ButtonLink>
        <ButtonLink to={`/tickets/${id}/cut`} look="main">
          Print
        </ButtonLink>
      </>
    ),
    [id],
  );

  const shell = (children: React.ReactNode) => (
    <TicketShell at="draft" actions={actions}>
      {children}
    </TicketShell>
  );

  if (open.ticket && open.sheetsKnown && !open.measured) {
    return shell(
      <NotMeasured ticket={id} title="No tape yet">
        {open.ticket.personName} has not been measured. A draft needs waist and hip at least; waist to hip makes it
        hers.
      </NotMeasured>,
    );
  }
  if (!draft || !said || !cut || !open.sheet || !open.ticket) {
    const problem = open.error ?? drawn.fault;
    return shell(problem ? <Refused problem={problem} cut={cut} /> : <Waiting />);
  }
  const general = drawn.fault?.faults.filter((f) => !f.field.startsWith('settings.')) ?? [];
  return shell(
    <>
      <div
        className={`grid min-h-0 flex-1 gap-4 px-5 py-3 md:grid-rows-[minmax(27.5rem,1.25fr)_auto_minmax(0,1fr)]
        lg:grid-cols-[minmax(0,1fr)_20rem] lg:grid-rows-[auto_minmax(0,1fr)] xl:grid-cols-[18rem_minmax(0,1fr)_19rem]
        xl:grid-rows-1`}
      >
        <div className="painted-apart order-2 lg:order-none lg:col-start-2 xl:hidden">
          <Switch label="What stands beside the paper" value={beside} options={BESIDE} onChange={setBeside} />
        </div>
        <div
          className={`painted-apart order-3 min-h-0 md:overflow-y-auto lg:order-none lg:col-start-2 lg:row-start-2
            xl:col-start-1 xl:row-start-1 xl:-mr-2 xl:block xl:pr-2 ${beside === 'amounts' ? '' : 'hidden'}`}
        >
          <TicketAsOf open={besidePaper.open} drawn={besidePaper.of}>
            <Amounts cut={cut} ways={offered} draft={said} sheet={open.sheet} />
          </TicketAsOf>
        </div>
        <div
          className={`painted-apart order-first flex min-h-[26rem] min-w-0 flex-col gap-2 md:min-h-0 lg:order-none
          lg:col-start-1 lg:row-span-2 lg:row-start-1 xl:col-start-2 xl:row-span-1`}
        >
          {general.map((f) => (
            <p key={f.field} role="alert" className="rounded-field bg-crimson-wash px-3 py-2 text-crimson">
              {f.message}
            </p>
          ))}
          <PaperInHand
            asked={open.asked}
            draft={draft}
            cut={cut}
            set={changes.set}
            step={search.get('step')}
            lit={lit}
            onLit={setLit}
            onPick={pick}
            ghost={ghostWay ? (ghost.data ?? null) : null}
            ghostName={offered.find((w) => w.id === ghostWay)?.title ?? ''}
            zoom={zoom}
            onTried={setTried}
          />
          <PaperFoot
            ticket={id}
            zoom={zoom}
            forked={draft.levels.some((l) => l.name === 'crotch')}
            others={others}
            ghost={ghostWay}
            put={put}
          />
        </div>
        <div
          className={`painted-apart order-3 min-h-0 flex-col gap-3 lg:order-none lg:col-start-2 lg:row-start-2
            xl:col-start-3 xl:row-start-1 xl:flex ${beside === 'working' ? 'flex' : 'hidden'}`}
        >
          {said.notices.length > 0 && <Notices notices={said.notices} onApply={mend} />}
          <TheWorking draft={said} at={at < 0 ? null : at} lit={lit} onLit={setLit} onGo={go} onTake={take} />
        </div>
      </div>
      <Strip checks={said.checks} ticket={id} />
    </>,
  );
}

/** What the address says now. The router draws a new address when it finds time; keys may come faster than that. */
function address() {
  return new URLSearchParams(window.location.search);
}

/** The index of the step in hand; −1 while the whole draft is shown. */
function stepIn(draft: Draft | null | undefined, search: URLSearchParams) {
  return draft && search.has('step') ? draft.steps.findIndex((s) => s.id === search.get('step')) : -1;
}
