import { useState } from 'react';
import { useSearchParams } from 'react-router';
import type { Remark } from '../api/client';
import { useCuts, useDraft, useFittings, useMeasures, useRemarks } from '../api/queries';
import { useAction } from '../api/useAction';
import type { Level } from '../figure/body';
import { Button, ButtonLink } from '../kit/Button';
import { Waiting } from '../kit/Waiting';
import { Figure } from '../measure/Figure';
import { estimatesOf, tapesOf } from '../measure/readings';
import { OverlayPaper } from '../paper/OverlayPaper';
import { remedied } from '../tickets/changes';
import { NotMeasured } from '../tickets/NotMeasured';
import type { FittingSaid } from '../tickets/sendable';
import { useOutbox, useOutboxState, useTicketAtHand, useTicketDraft } from '../tickets/TicketDesk';
import { TicketShell } from '../tickets/TicketShell';
import { Correction } from './Correction';
import { CutCloth } from './CutCloth';
import { FittingLog } from './FittingLog';

/** The measure whose line on the figure marks a level. */
const MARKED: Partial<Record<Remark['level'], string>> = {
  crotch: 'bodyRise',
  thigh: 'thighGirth',
  waist: 'waistGirth',
  hip: 'hipGirth',
  knee: 'kneeGirth',
};

/** Where on the figure each place lies at which something is seen, from the top down. */
const AT: Record<Remark['level'], Level> = {
  shoulder: 'shoulder',
  bust: 'bust',
  waist: 'waist',
  hip: 'hip',
  crotch: 'crotch',
  thigh: 'thigh',
  knee: 'knee',
  hem: 'ankle',
};

/** The Fit station: what is seen on the body, its cause, and the correction with the draft before and after it. */
export function FitStation() {
  const [search, setSearch] = useSearchParams();
  const open = useTicketAtHand();
  const drawn = useTicketDraft();
  const { id } = open;
  const outbox = useOutbox();
  const waits = useOutboxState().waiting.some((item) => item.kind === 'fitting' && item.of === id);
  const cuts = useCuts();
  const measures = useMeasures();
  const { version } = open;
  const kept = open.saving === 'saved';
  const remarks = useRemarks(id, version, open.measured && open.ticket !== null && kept);
  const fittings = useFittings(id);
  const list = remarks.data ?? [];
  const picked = list.find((r) => r.id === search.get('seen')) ?? null;
  const [own, setOwn] = useState<Record<string, number>>({});
  const [uncut, setUncut] = useState<string[]>([]);
  // A press on the figure leaves the remarks of that place.
  const [place, setPlace] = useState<Remark['level'] | null>(null);
  const settings = picked ? { ...picked.settings, ...own } : {};
  const corrects = picked !== null && Object.keys(picked.settings).length > 0;
  const after = useDraft(corrects && open.asked ? remedied(open.asked, { settings, clothWidth: null }) : null);
  const applying = useAction(async (remark: Remark, note: string) => {
    // It waits behind what was changed on the ticket before, in one queue with it.
    await outbox.send({
      kind: 'fitting',
      of: id,
      title: `Fitting: ${remark.seen}`,
      body: { version, remark: remark.id, settings: own, note } satisfies FittingSaid,
    });
    setOwn({});
    setSearch({}, { replace: true });
  });
  const pick = (remark: string) => {
    setOwn({});
    applying.reset();
    setSearch({ seen: remark }, { replace: true });
  };
  const values = { ...estimatesOf(drawn.draft?.estimates ?? []), ...(open.sheet && tapesOf(open.sheet)) };
  const marked = picked ? measures.data?.find((m) => m.key === MARKED[picked.level]) : undefined;
  return (
    <TicketShell at="fit" actions={<ButtonLink to={`/tickets/${id}/draft`}>To the draft</ButtonLink>}>
      {open.sheetsKnown && !open.measured ? (
        <NotMeasured ticket={id} title="Nothing to fit yet">
          Once {open.ticket?.personName ?? 'she'} is measured and the garment is drafted, say here what the fitting
          shows.
        </NotMeasured>
      ) : !drawn.draft || !remarks.data ? (
        <Waiting error={open.error ?? drawn.fault ?? remarks.error} />
      ) : (
        <div
          className={`grid flex-1 max-lg:auto-rows-max lg:min-h-0 gap-4 px-5 py-3
          lg:grid-cols-[18rem_minmax(0,1fr)_20rem]`}
        >
          <Seen
            remarks={place === null ? list : list.filter((r) => r.level === place)}
            picked={picked}
            onPick={pick}
            place={place}
            onAll={() => setPlace(null)}
          />
          {corrects && picked ? (
            <OverlayPaper
              ink={drawn.draft}
              over={after.data ?? null}
              level="waist"
              names={{ ink: 'in ink: as worn', over: 'in brass: corrected' }}
            />
          ) : (
            <div className="min-h-96 rounded-[4px] border border-line bg-card p-3 shadow-card lg:min-h-0">
              <Figure
                values={values}
                held={marked ?? null}
                places={seen(list).map((level) => AT[level])}
                place={place && AT[place]}
                onPlace={(at) => {
                  const level = seen(list).find((l) => AT[l] === at) ?? null;
                  setPlace(level === place ? null : level);
                }}
              />
            </div>
          )}
          <div className="flex min-h-0 flex-col gap-4 overflow-y-auto pr-1">
            {picked ? (
              <Correction
                key={picked.id}
                remark={picked}
                draft={drawn.draft}
                settings={cuts.data?.find((c) => c.id === open.ticket?.cut)?.settings ?? []}
                own={own}
                onOwn={(key, mm) => setOwn((o) => ({ ...o, [key]: mm }))}
                problem={applying.problem}
                busy={applying.busy || !kept}
                onApply={(note) => applying.run(picked, note)}
              >
                {corrects && open.asked && (
                  <CutCloth
                    worn={open.asked}
                    settings={settings}
                    pieces={drawn.draft.pieces}
                    uncut={uncut}
                    onUncut={setUncut}
                    onSpare={(sparing) => setOwn((o) => ({ ...o, ...(sparing as Record<string, number>) }))}
                  />
                )}
              </Correction>
            ) : (
              <section>
                <h2 className="font-semibold text-title">What do you see?</h2>
                <p className="mt-1">
                  Put it on, let her stand, sit and walk. Pick what you see on the left: the cause and a starting
                  correction stand here, and the draft shows before and after. Applying it makes a new revision; the one
                  she wore is kept.
                </p>
                <p className="mt-2 text-soft">
                  Ask before you pin. What pinches or binds is too tight, whatever the figures say.
                </p>
              </section>
            )}
            {waits && (
              <p role="status" className="rounded-card border border-line bg-wash p-3.5">
                A fitting waits for the workroom: it is applied as a new revision when it answers.
              </p>
            )}
            <FittingLog fittings={fittings.data ?? []} ticket={id} />
          </div>
        </div>
      )}
    </TicketShell>
  );
}

/** The places at which remarks are seen, from the top down. */
const seen = (remarks: Remark[]): Remark['level'][] =>
  Object.keys(AT).flatMap((place) => remarks.find((r) => r.level === place)?.level ?? []);

/** The remarks by where on the body they are seen. */
function Seen(props: {
  remarks: Remark[];
  picked: Remark | null;
  onPick: (id: string) => void;
  /** The place they are narrowed to, or null where all are there. */
  place: Remark['level'] | null;
  onAll: () => void;
}) {
  return (
    <nav aria-label="What is seen" className="min-h-0 overflow-y-auto">
      {props.place !== null && (
        <Button className="mb-3 w-full" onClick={props.onAll}>
          Everything, not the {props.place} alone
        </Button>
      )}
      {seen(props.remarks).map((level) => (
        <section key={level} className="mb-3">
          <h2 className="pb-1 font-semibold text-soft">At the {level}</h2>
          <ul>
            {props.remarks
              .filter((r) => r.level === level)
              .map((r) => (
                <li key={r.id}>
                  <button
                    type="button"
                    aria-current={r.id === props.picked?.id}
                    onClick={() => props.onPick(r.id)}
                    className={`flex min-h-11 w-full items-center border-line border-b border-l-4 px-3 py-1.5
                      text-left ${
                        r.id === props.picked?.id
                          ? 'border-l-brass bg-card font-semibold'
                          : 'border-l-transparent hover:bg-wash'
                      }`}
                  >
                    {r.seen}
                  </button>
                </li>
              ))}
          </ul>
        </section>
      ))}
    </nav>
  );
}
