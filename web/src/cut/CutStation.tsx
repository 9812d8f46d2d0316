import { useQueryClient } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { answered, api, type Draft, type Problem } from '../api/client';
import { keys, usePages, useRevisions } from '../api/queries';
import { Button, ButtonLink } from '../kit/Button';
import { Card } from '../kit/Card';
import { Field } from '../kit/Field';
import { Segmented } from '../kit/Segmented';
import { Waiting } from '../kit/Waiting';
import { useUnit } from '../tape/unit';
import { TicketShell } from '../tickets/TicketShell';
import { useTicketWork } from '../tickets/useTicketWork';
import { shortDay } from '../words/dates';
import { PatternPaper } from './PatternPaper';

const PAPERS = [
  { id: 'a4', title: 'A4' },
  { id: 'letter', title: 'Letter' },
  { id: 'a0', title: 'A0' },
] as const;

type Paper = (typeof PAPERS)[number]['id'];

/** The print room: the pieces with their cut and sewn lines, how they fall on printed pages, and the files. */
export function CutStation() {
  const { ticket: id = '' } = useParams();
  const work = useTicketWork(id);
  const [paper, setPaper] = useState<Paper>(() => (localStorage.getItem('plumb.paper') as Paper) ?? 'a4');
  const kept = work.saving === 'saved';
  const pages = usePages(id, paper, work.ticket?.version ?? 0, work.measured && work.ticket !== null);
  const draft = work.draft;
  const choose = (p: Paper) => {
    localStorage.setItem('plumb.paper', p);
    setPaper(p);
  };
  return (
    <TicketShell id={id} at="cut" ticket={work.ticket} work={work}>
      {work.sheetsKnown && !work.measured ? (
        <div className="mx-auto mt-16 flex max-w-lg flex-col items-start gap-4 px-5">
          <h2 className="font-semibold text-title">Nothing to cut yet</h2>
          <p>
            Once {work.ticket?.personName ?? 'she'} is measured, the pattern is laid out here and printed full size.
          </p>
          <ButtonLink to={`/tickets/${id}/measure`} look="main">
            Measure
          </ButtonLink>
        </div>
      ) : !draft || !pages.data ? (
        <Waiting error={work.error ?? work.fault ?? pages.error} again={() => pages.refetch()} />
      ) : (
        <div className="grid min-h-0 flex-1 gap-5 px-5 py-3 lg:grid-cols-[16rem_minmax(0,1fr)_18rem]">
          <Pieces draft={draft} />
          <PatternPaper draft={draft} pages={pages.data} tiled={paper !== 'a0'} />
          <div className="flex min-h-0 flex-col gap-4 overflow-y-auto">
            <section className="flex flex-col gap-2.5">
              <h2 className="font-semibold text-title">Print room</h2>
              <Segmented label="Paper" value={paper} options={[...PAPERS]} onChange={choose} />
              <p className="text-soft">
                {pages.data.pages.length === 1
                  ? 'One page, and one with the test squares.'
                  : `${pages.data.pages.length} pages to tape together, and one with the page map and the test squares.`}
              </p>
              <a
                href={`/api/tickets/${id}/print.pdf?paper=${paper}`}
                target="_blank"
                rel="noreferrer"
                aria-disabled={!kept}
                className="inline-flex min-h-11 items-center justify-center rounded-field border border-ink bg-ink px-4 font-medium text-card hover:bg-soft"
              >
                Print full size
              </a>
              <a
                href={`/api/tickets/${id}/pattern.svg`}
                target="_blank"
                rel="noreferrer"
                className="inline-flex min-h-11 items-center justify-center rounded-field border border-line bg-card px-4 font-medium hover:border-brass"
              >
                Drawing in real units (SVG)
              </a>
            </section>
            <Card title="Before you cut">
              Print at full size, not “fit to page”, and lay a tape on the test squares: 5 cm and 2 in. Shears and
              rotary cutters are sharp: mind your fingers, and close the blade.
            </Card>
            <Revisions id={id} />
          </div>
        </div>
      )}
    </TicketShell>
  );
}

function Pieces({ draft }: { draft: Draft }) {
  const unit = useUnit();
  const names: Record<string, string> = {
    waist: 'waist',
    side: 'side',
    hem: 'hem',
    'centre.front': 'centre front',
    'centre.back': 'centre back, below the zip',
    'centre.back.zip': 'centre back, beside the zip',
  };
  return (
    <section aria-label="Pieces" className="flex min-h-0 flex-col gap-4 overflow-y-auto">
      <h2 className="font-semibold text-title">Pieces</h2>
      {draft.pieces.map((p) => (
        <div key={p.id} className="rounded-card border border-line bg-card p-3.5">
          <h3 className={`font-semibold text-lead ${p.panel === 'front' ? 'text-front' : 'text-back'}`}>{p.name}</h3>
          <p className="font-medium">{p.label[1]}</p>
          <p className="mt-2 text-small text-soft">Added outside the sewn line</p>
          <ul>
            {p.seams.map((s) => (
              <li key={s.id} className="flex justify-between gap-2">
                <span>
                  {edgeName(
                    names,
                    s.id,
                    p.seams.some((o) => o.id === 'centre.back.zip'),
                  )}
                </span>
                <span className="font-medium">{s.id === 'centre.front' ? 'fold' : unit.write(s.allowance)}</span>
              </li>
            ))}
          </ul>
        </div>
      ))}
    </section>
  );
}

function edgeName(names: Record<string, string>, id: string, zip: boolean): string {
  return id === 'centre.back' && !zip ? 'centre back' : (names[id] ?? id);
}

function Revisions({ id }: { id: string }) {
  const queries = useQueryClient();
  const revisions = useRevisions(id);
  const [reason, setReason] = useState('');
  const [problem, setProblem] = useState<Problem | null>(null);
  const freeze = async () => {
    setProblem(null);
    try {
      await answered(api.POST('/api/tickets/{id}/revisions', { params: { path: { id } }, body: { reason } }));
      setReason('');
      await queries.invalidateQueries({ queryKey: keys.revisions(id) });
      await queries.invalidateQueries({ queryKey: keys.ticket(id) });
    } catch (e) {
      setProblem(e as Problem);
    }
  };
  const list = useMemo(() => revisions.data ?? [], [revisions.data]);
  return (
    <section className="flex flex-col gap-2.5">
      <h2 className="font-semibold text-lead">Revisions</h2>
      <p className="text-soft">Freeze what you cut: a revision never changes afterwards.</p>
      <Field
        label="Reason"
        value={reason}
        placeholder="first toile"
        fault={problem?.message}
        onChange={(e) => setReason(e.target.value)}
      />
      <Button onClick={freeze}>Freeze revision {(list[0]?.number ?? 0) + 1}</Button>
      <ul>
        {list.map((r) => (
          <li key={r.number} className="border-line border-t py-2">
            <a
              className="font-semibold underline decoration-line underline-offset-4 hover:decoration-brass"
              href={`/api/tickets/${id}/print.pdf?revision=${r.number}`}
              target="_blank"
              rel="noreferrer"
            >
              Revision {r.number}
            </a>
            <span className="text-soft">
              {' '}
              {shortDay(r.madeAt)}, {r.madeBy}
            </span>
            {r.reason && <span className="block text-soft">{r.reason}</span>}
            {r.moved && <span className="block text-amber">Drafted anew today it would differ.</span>}
          </li>
        ))}
      </ul>
    </section>
  );
}
