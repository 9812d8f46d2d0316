import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { api, type Draft, type Piece, unwrap } from '../api/client';
import { keys, useLooked, usePages, useRevisions } from '../api/queries';
import { useAction } from '../api/useAction';
import { Button, ButtonLink } from '../kit/Button';
import { Card } from '../kit/Card';
import { Field } from '../kit/Field';
import { Scroll } from '../kit/Scroll';
import { Segmented } from '../kit/Segmented';
import { Waiting } from '../kit/Waiting';
import { useUnit } from '../tape/unit';
import { NotMeasured } from '../tickets/NotMeasured';
import { useTicketAtHand, useTicketChanges, useTicketDraft } from '../tickets/TicketDesk';
import { TicketShell } from '../tickets/TicketShell';
import { CutCloth } from './cloth/CutCloth';
import { EdgeRow } from './EdgeRow';
import { Notions } from './Notions';
import { PatternPaper } from './PatternPaper';
import { PrintRoom } from './PrintRoom';
import { PAPERS, usePaper } from './papers';

const VIEWS = [
  { id: 'pieces', title: 'Pieces' },
  { id: 'cloth', title: 'Cloth' },
  { id: 'pages', title: 'Pages' },
] as const;

type View = (typeof VIEWS)[number]['id'];

/** The print room: the pieces with their cut and sewn lines, how they fall on printed pages, and the files. */
export function CutStation() {
  const open = useTicketAtHand();
  const drawn = useTicketDraft();
  const { id } = open;
  const unit = useUnit();
  const [paper, choose] = usePaper();
  const [necklines, setNecklines] = useState<'together' | 'apart'>('together');
  const pages = usePages(id, paper, necklines, open.version, open.measured && open.ticket !== null);
  const draft = drawn.draft;
  const [search, setSearch] = useSearchParams();
  const view: View = VIEWS.find((v) => v.id === search.get('view'))?.id ?? 'pieces';
  return (
    <TicketShell at="cut">
      {open.sheetsKnown && !open.measured ? (
        <NotMeasured ticket={id} title="Nothing to cut yet">
          Once {open.ticket?.personName ?? 'she'} is measured, the pattern is laid out here and printed full size.
        </NotMeasured>
      ) : !draft || !pages.data ? (
        <Waiting error={open.error ?? drawn.fault ?? pages.error} again={() => pages.refetch()} />
      ) : (
        <div className="flex min-h-0 flex-1 flex-col gap-3 px-5 py-3">
          <div className="w-72">
            <Segmented
              label="What is shown"
              value={view}
              options={[...VIEWS]}
              onChange={(v) => setSearch({ view: v }, { replace: true })}
            />
          </div>
          {view === 'cloth' ? (
            <CutCloth paper={paper} onPaper={choose} />
          ) : (
            <div className="grid flex-1 max-lg:auto-rows-max lg:min-h-0 gap-5 lg:grid-cols-[16rem_minmax(0,1fr)_18rem]">
              <Pieces draft={draft} />
              <PatternPaper
                draft={draft}
                pages={pages.data}
                tiled={view === 'pages' && paper !== 'a0' && paper !== 'roll'}
              />
              <div className="flex min-h-0 flex-col gap-4 overflow-y-auto">
                <section className="flex flex-col gap-2.5">
                  <h2 className="font-semibold text-title">Print room</h2>
                  <Segmented label="Paper" value={paper} options={[...PAPERS]} onChange={choose} />
                  <p className="text-soft">
                    {paper === 'roll'
                      ? `One page ${unit.writeUnit(pages.data.height)} long, for a roll a yard wide.`
                      : pages.data.pages.length === 1
                        ? 'One page, and one with the test squares.'
                        : `${pages.data.pages.length} pages to tape together, and one with the page map and the test
                           squares.`}
                  </p>
                  {pages.data.alike.length > 0 && (
                    <>
                      <Segmented
                        label="Pieces that are alike but for the neck"
                        value={necklines}
                        options={[
                          { id: 'together', title: 'Alike: one sheet' },
                          { id: 'apart', title: 'A sheet each' },
                        ]}
                        onChange={setNecklines}
                      />
                      <p className="text-small text-soft">{alikeInWords(draft, pages.data.alike)}</p>
                    </>
                  )}
                  <PrintRoom id={id} paper={paper} onPaper={choose} first="pattern" necklines={necklines} />
                  <ButtonLink to={`/tickets/${id}/full-size`}>Full size on the table</ButtonLink>
                </section>
                <Card title="Before you cut">
                  Print at full size, not “fit to page”, and lay a tape on the test squares: 5 cm and 2 in. Shears and
                  rotary cutters are sharp: mind your fingers, and close the blade.
                </Card>
                <Revisions />
              </div>
            </div>
          )}
        </div>
      )}
    </TicketShell>
  );
}

/** Front and back differ in nothing but the neck: both necklines are on the sheet. */
function alikeInWords(draft: Draft, alike: string[][]): string {
  const name = (id: string) => draft.pieces.find((p) => p.id === id)?.name ?? id;
  const pairs = alike.map((ids) => ids.map(name).join(' and '));
  return `${pairs.join('; ')}: alike but for the neck. On one sheet both necklines are drawn.`;
}

function Pieces({ draft }: { draft: Draft }) {
  const unit = useUnit();
  return (
    <Scroll label="Pieces" className="flex flex-col gap-4 pr-1">
      <h2 className="font-semibold text-title">Pieces</h2>
      <SewnInside draft={draft} />
      {draft.pieces.map((p) => (
        <div key={p.id} data-form="" className="rounded-card border border-line bg-card p-3.5">
          <h3 className={`font-semibold text-lead ${p.behind ? 'text-back' : 'text-front'}`}>{p.name}</h3>
          <p className="font-medium">{p.label[1]}</p>
          <p className="text-small text-soft">
            Takes {unit.write(p.needs.across)} × {unit.write(p.needs.along)}
            {p.needs.centreIn > 0 && <>, its centre line {unit.write(p.needs.centreIn)} in from the edge</>}.
          </p>
          <p className="mt-2 text-small text-soft">Added outside the sewn line</p>
          <ul className="mt-1 flex flex-col gap-1">
            {p.seams.map((s) => (
              <EdgeRow key={s.id} piece={p} seam={s} name={edgeName(s, p.seams)} />
            ))}
          </ul>
        </div>
      ))}
      <section aria-label="To have at hand" className="rounded-card border border-line bg-card p-3.5">
        <h3 className="font-semibold text-lead">To have at hand</h3>
        <Notions of={draft.notions} />
      </section>
    </Scroll>
  );
}

/** What the garment measures as drafted and as sewn, where its sides are sewn inside their lines. */
function SewnInside({ draft }: { draft: Draft }) {
  const unit = useUnit();
  const inside = draft.settings.sideSewnIn?.value ?? 0;
  const hip = 2 * ((draft.facts['hip.quarter.front'] ?? 0) + (draft.facts['hip.quarter.back'] ?? 0));
  if (inside <= 0 || hip <= 0) return null;
  return (
    <p className="rounded-card border border-line bg-wash p-3">
      Sides are sewn {unit.write(inside)} inside their line: the hip is drafted{' '}
      <span className="font-semibold">{unit.write(hip)}</span> and sewn{' '}
      <span className="font-semibold">{unit.write(hip - 4 * inside)}</span>.
    </p>
  );
}

type Seam = Piece['seams'][number];

/** An edge by its name at the bench; of two that are called alike, the one beside the opening says so. */
function edgeName(seam: Seam, all: Seam[]): string {
  const alike = all.filter((s) => s.spoken === seam.spoken);
  return seam.end === 'opening' && alike.length > 1 ? `${seam.spoken}, at the opening` : seam.spoken;
}

function Revisions() {
  const open = useTicketAtHand();
  const changes = useTicketChanges();
  const { id } = open;
  const unit = useUnit();
  const queries = useQueryClient();
  const revisions = useRevisions(id);
  const list = useLooked(id, revisions.items ?? []);
  const [reason, setReason] = useState('');
  const { run, busy, problem } = useAction(async () => {
    const version = await changes.whenKept();
    await unwrap(api.POST('/api/tickets/{id}/revisions', { params: { path: { id } }, body: { reason, version } }));
    setReason('');
    await queries.invalidateQueries({ queryKey: keys.revisions(id) });
    await queries.invalidateQueries({ queryKey: keys.ticket(id) });
  });
  const freeze = async () => {
    if (!busy && (await run())?.stale) changes.refetch();
  };
  return (
    <section className="flex flex-col gap-2.5">
      <h2 className="font-semibold text-lead">Revisions</h2>
      <p className="text-soft">Freeze what you cut: a revision never changes afterwards, and prints as it was.</p>
      <Field
        label="Reason"
        value={reason}
        placeholder="first toile"
        fault={problem?.message}
        onChange={(e) => setReason(e.target.value)}
      />
      <Button disabled={busy} onClick={freeze}>
        Freeze revision {(list[0]?.number ?? 0) + 1}
      </Button>
      <ul>
        {list.map((r) => (
          <li key={r.number} className="border-line border-t py-2">
            <a
              className="font-semibold underline decoration-line underline-offset-4 hover:decoration-brass"
              href={`/api/tickets/${id}/print.pdf?revision=${r.number}&days=${unit.days}`}
              target="_blank"
              rel="noreferrer"
            >
              Revision {r.number}
            </a>
            <span className="text-soft">
              {' '}
              {unit.shortDay(r.madeAt)}, {r.madeBy}
            </span>
            {r.reason && <span className="block text-soft">{r.reason}</span>}
            {r.moved && <span className="block text-amber">Drafted anew today it would differ.</span>}
            {!r.kept && <span className="block text-amber">Drawn anew by a newer engine.</span>}
            {r.kept && !r.comparable && (
              <span className="block text-soft">Cut by an earlier engine, not compared.</span>
            )}
            {(r.moved || !r.kept) && (
              <Link className="underline underline-offset-4" to={`/tickets/${id}/compare?over=rev:${r.number}`}>
                See what differs
              </Link>
            )}
          </li>
        ))}
      </ul>
      {revisions.more && (
        <Button onClick={revisions.more} disabled={revisions.busy}>
          Earlier revisions
        </Button>
      )}
    </section>
  );
}
