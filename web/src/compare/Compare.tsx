import { useSearchParams } from 'react-router';
import type { Draft } from '../api/client';
import { useCuts, useDraft, usePeople, useRevisions, useSheets, useWays } from '../api/queries';
import { Button, ButtonLink } from '../kit/Button';
import { Pick } from '../kit/Pick';
import { Scroll } from '../kit/Scroll';
import { Segmented } from '../kit/Segmented';
import { Waiting } from '../kit/Waiting';
import { OverlayPaper } from '../paper/OverlayPaper';
import { useUnit } from '../tape/unit';
import { useTicketAtHand, useTicketChanges, useTicketDraft } from '../tickets/TicketDesk';
import { TicketShell } from '../tickets/TicketShell';
import { writeApart } from '../words/amounts';
import { waysOf } from '../words/ways';
import { SetOtherwise } from './SetOtherwise';
import { askedFor, clothOf, type Difference, differences, otherCloths, sidesOf } from './sides';

const LEVELS = [
  { id: 'waist', title: 'Waist' },
  { id: 'hip', title: 'Hip' },
  { id: 'hem', title: 'Hem' },
] as const;

/**
 * Two drafts over each other, and the facts in which they differ: two ways, two cloths, two revisions or two people.
 */
export function Compare() {
  const [search, setSearch] = useSearchParams();
  const open = useTicketAtHand();
  const drawn = useTicketDraft();
  const changes = useTicketChanges();
  const { id } = open;
  const cuts = useCuts();
  const ways = useWays();
  const revisions = useRevisions(id);
  const people = usePeople('', 200);
  const cut = cuts.data?.find((c) => c.id === open.ticket?.cut);
  const own = waysOf(cut, ways.data);
  const now = own.find((w) => w.id === open.ticket?.way)?.title ?? '';
  const others = people.items?.filter((p) => p.id !== open.ticket?.personId) ?? [];
  const sides = open.ticket ? sidesOf(now, own, open.ticket.cloth, revisions.items ?? [], others) : [];
  const rival = own.find((w) => w.id !== open.ticket?.way);
  const ink = search.get('ink') ?? 'now';
  const over = search.get('over') ?? (rival ? `way:${rival.id}` : 'now');
  const level = LEVELS.find((l) => l.id === search.get('level'))?.id ?? 'waist';
  const a = useSide(ink, open.asked, revisions.items ?? []);
  const b = useSide(over, open.asked, revisions.items ?? []);
  const put = (name: string, value: string) =>
    setSearch(
      (s) => {
        const next = new URLSearchParams(s);
        next.set(name, value);
        return next;
      },
      { replace: true },
    );
  const title = (side: string) => sides.find((s) => s.id === side)?.title ?? '';
  const gives = clothOf(over);
  return (
    <TicketShell at="draft" actions={<ButtonLink to={`/tickets/${id}/draft`}>Back to the draft</ButtonLink>}>
      {!a.draft ? (
        <Waiting error={open.error ?? drawn.fault ?? a.error} />
      ) : (
        <div className="grid flex-1 max-lg:auto-rows-max lg:min-h-0 gap-4 px-5 py-3 lg:grid-cols-[minmax(0,1fr)_27rem]">
          <OverlayPaper
            ink={a.draft}
            over={b.draft}
            level={level}
            names={{ ink: `in ink: ${title(ink)}`, over: `in brass: ${title(over)}` }}
          />
          <div className="flex min-h-0 flex-col gap-3">
            <h2 className="font-semibold text-title">Over each other</h2>
            <div className="grid grid-cols-[4rem_1fr] items-center gap-x-3 gap-y-2">
              <span className="text-soft">In ink</span>
              <Pick
                label="The draft in ink"
                value={ink}
                options={sides}
                onChange={(s) => put('ink', s)}
                className="min-h-11"
              />
              <span className="text-soft">In brass</span>
              <Pick
                label="The draft over it"
                value={over}
                options={sides}
                onChange={(s) => put('over', s)}
                className="min-h-11"
              />
              <span className="text-soft">Laid on</span>
              <Segmented
                label="Level both lie on"
                value={level}
                options={[...LEVELS]}
                onChange={(l) => put('level', l)}
              />
            </div>
            {b.draft && cut ? (
              <Scroll label="What differs">
                {gives && (
                  <Button
                    className="mb-3"
                    onClick={() => {
                      changes.change(Object.entries(gives).map(([part, to]) => ({ set: `cloth.${part}`, to })));
                      put('over', `cloth:${otherCloths(gives)[0]}`);
                    }}
                  >
                    Cut it in this cloth
                  </Button>
                )}
                <SetOtherwise cut={cut} ink={a.draft} over={b.draft} />
                <Facts ink={a.draft} over={b.draft} />
              </Scroll>
            ) : b.error ? (
              <p role="alert" className="text-crimson">
                {b.error.message}
              </p>
            ) : b.unmeasured ? (
              <p className="text-soft">{title(over)} has not been measured yet.</p>
            ) : (
              <Waiting />
            )}
          </div>
        </div>
      )}
    </TicketShell>
  );
}

function useSide(
  side: string,
  now: Parameters<typeof askedFor>[1],
  revisions: Parameters<typeof askedFor>[2],
): { draft: Draft | null; error: Error | null; unmeasured: boolean } {
  const person = side.startsWith('who:') ? side.slice(4) : '';
  const sheets = useSheets(person);
  const asked = askedFor(side, now, revisions, sheets.data?.[0] ?? null);
  const draft = useDraft(asked);
  return {
    draft: asked && !draft.isPlaceholderData ? (draft.data ?? null) : null,
    error: draft.error,
    unmeasured: person !== '' && sheets.data !== undefined && sheets.data.length === 0,
  };
}

function Facts(props: { ink: Draft; over: Draft }) {
  const unit = useUnit();
  const found = differences(props.ink, props.over);
  if (found.length === 0) return <p className="text-soft">Every amount is the same.</p>;
  const write = (v: number | null, kind: string) =>
    v === null ? '–' : kind === 'length' ? unit.write(v) : unit.number(v);
  return (
    <table className="w-full">
      <thead className="sticky top-0 bg-calico">
        <tr className="border-line border-b text-right text-soft">
          <th className="py-1 text-left font-medium">differs in</th>
          <th className="font-medium">ink</th>
          <th className="font-medium">brass</th>
          <th className="font-medium">by</th>
        </tr>
      </thead>
      <tbody>
        {found.map((d) => (
          <tr key={d.fact} className="border-line border-b text-right">
            <th scope="row" className="py-1.5 pr-2 text-left font-normal">
              {d.title}
            </th>
            <td className="whitespace-nowrap px-1.5">{write(d.ink, d.kind)}</td>
            <td className="whitespace-nowrap px-1.5">{write(d.over, d.kind)}</td>
            <td className="whitespace-nowrap pl-1.5 font-semibold">
              <Apart of={d} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Apart({ of: { ink, over, kind } }: { of: Difference }) {
  const unit = useUnit();
  if (ink === null || over === null) return null;
  const by = over - ink;
  return `${by > 0 ? '+' : ''}${kind === 'length' ? writeApart(by, 'mm', unit) : unit.number(by)}`;
}
