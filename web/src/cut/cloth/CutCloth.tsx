import { useState } from 'react';
import { api, problemOf, unwrap, type Views } from '../../api/client';
import { useSavings, useTickets } from '../../api/queries';
import { useAction } from '../../api/useAction';
import { Button, ButtonLink } from '../../kit/Button';
import { LengthInput } from '../../kit/LengthInput';
import { Segmented } from '../../kit/Segmented';
import { Waiting } from '../../kit/Waiting';
import { INCH } from '../../tape/reader';
import { useUnit } from '../../tape/unit';
import { useTicketAtHand, useTicketChanges, useTicketDraft } from '../../tickets/TicketDesk';
import { PrintRoom } from '../PrintRoom';
import type { Paper } from '../papers';
import { ClothTable } from './ClothTable';
import { Remnant } from './Remnant';
import { type ClothLay, nameOf, useClothLay } from './useClothLay';

const LAYERS: Record<string, string> = { shell: 'Shell', lining: 'Lining', fusing: 'Fusing', pocketing: 'Pocketing' };
const WIDTHS = { in: [60, 54, 45, 36].map((w) => w * INCH), cm: [1500, 1400, 1150, 900] };

/** The cloth: what to buy, how the pieces lie on it, and what would save. */
export function CutCloth(props: { paper: Paper; onPaper: (paper: Paper) => void }) {
  const open = useTicketAtHand();
  const drawn = useTicketDraft();
  const changes = useTicketChanges();
  const unit = useUnit();
  const [layer, setLayer] = useState('shell');
  const [picked, pick] = useState<string | null>(null);
  const lay = useClothLay(layer, open.measured && open.ticket !== null);
  const cloth = open.ticket?.cloth;
  const draft = drawn.draft;
  if (!draft || !cloth) return <Waiting error={open.error ?? drawn.fault} again={() => changes.refetch()} />;
  const shell = layer === 'shell';
  const width = shell ? cloth.width : (lay.lay?.width ?? 0);
  const folded = shell ? cloth.folded : (lay.lay?.folded ?? true);
  const said = (w: number) => ({ id: String(w), title: unit.write(w) });
  const widen = (mm: number) =>
    shell ? changes.change([{ set: 'cloth.width', to: mm }]) : lay.set({ width: mm, folded: lay.lay?.folded });
  const fold = (to: boolean) =>
    shell ? changes.change([{ set: 'cloth.folded', to }]) : lay.set({ folded: to, width: lay.lay?.width });
  const inHand = lay.now.find((p) => nameOf(p) === picked);
  // The cloth's own width stands among the usual ones.
  const widths = [...new Set([...WIDTHS[unit.shown].filter((w) => Math.abs(w - width) > 0.5), width])].sort(
    (a, b) => b - a,
  );
  const turned = inHand && !cloth.oneWay ? lay.turned(inHand) : null;
  return (
    <div className="grid flex-1 max-lg:auto-rows-max lg:min-h-0 gap-4 lg:grid-cols-[minmax(0,1fr)_18rem]">
      <div className="flex min-h-0 flex-col gap-3">
        <div className="flex flex-wrap items-center gap-3">
          {(lay.view?.layers.length ?? 0) > 1 && (
            <div className="min-w-max [&_button]:flex-auto">
              <Segmented
                label="Which cloth"
                value={layer}
                options={(lay.view?.layers ?? []).map((l) => ({ id: l, title: LAYERS[l] ?? l }))}
                onChange={(l) => {
                  pick(null);
                  setLayer(l);
                }}
              />
            </div>
          )}
          {!lay.lay?.sheet && (
            <div className="ml-auto flex items-center gap-2">
              <Segmented
                label="Width of the cloth"
                value={String(width)}
                options={
                  widths.slice(0, 4).includes(width)
                    ? widths.slice(0, 4).map(said)
                    : [...widths.slice(0, 3), width].map(said)
                }
                onChange={(w) => widen(Number(w))}
              />
              <Segmented
                label="How it is laid"
                value={folded ? 'folded' : 'open'}
                options={[
                  { id: 'folded', title: 'Folded' },
                  { id: 'open', title: 'Open' },
                ]}
                onChange={(f) => fold(f === 'folded')}
              />
            </div>
          )}
        </div>
        {lay.error && !lay.lay ? (
          <p role="alert" className="rounded-card border border-line bg-card p-4 text-lead">
            {unit.words(problemOf(lay.error).message)}
          </p>
        ) : !lay.lay ? (
          <Waiting error={null} again={lay.again} />
        ) : (
          <ClothTable lay={lay} draft={draft} picked={picked} pick={pick} />
        )}
        <div className="flex min-h-14 flex-wrap items-center gap-3 rounded-card border border-line bg-card px-4 py-2">
          <p className="min-w-0 flex-1">
            {inHand ? (
              <>
                <span className="font-semibold">
                  In hand: {draft.pieces.find((p) => p.id === inHand.piece)?.name ?? inHand.piece}
                </span>{' '}
                <span className="text-soft">Drag it, or use the arrows; it stops at its neighbours.</span>
              </>
            ) : lay.looking ? (
              <span className="text-soft">
                Looking for a shorter lay: {lay.lay?.tried ?? 0} tried, the best {unit.write(lay.length)}
              </span>
            ) : (
              <span className="text-soft">
                {lay.view?.kept
                  ? 'Laid by hand, and kept.'
                  : lay.view?.outgrown
                    ? 'The pieces have changed since it was laid by hand: laid anew.'
                    : `${lay.lay?.tried ?? 0} lays tried. Take a piece in hand to lay it otherwise.`}
              </span>
            )}
          </p>
          {lay.looking && !inHand && <Button onClick={lay.stop}>Good enough</Button>}
          {inHand && (
            <Button onClick={() => turned && lay.put(turned)} disabled={!turned}>
              Half turn
            </Button>
          )}
          {lay.byHand && (
            <>
              <Button onClick={lay.undo}>Undo</Button>
              <Button onClick={lay.putBack}>Put back</Button>
              <Button look="main" onClick={lay.keep}>
                Keep this lay
              </Button>
            </>
          )}
          {!lay.byHand && lay.view?.kept && <Button onClick={lay.forget}>Lay it anew</Button>}
        </div>
        {lay.problem && (
          <p role="alert" className="text-crimson">
            Not kept: {lay.problem.message}
          </p>
        )}
      </div>
      <ToBuy {...props} lay={lay} layer={layer} width={width} folded={folded} />
    </div>
  );
}

function ToBuy(props: {
  paper: Paper;
  onPaper: (paper: Paper) => void;
  lay: ClothLay;
  layer: string;
  width: number;
  folded: boolean;
}) {
  const { lay, layer } = props;
  const open = useTicketAtHand();
  const changes = useTicketChanges();
  const unit = useUnit();
  const cloth = open.ticket?.cloth;
  const view = lay.lay;
  const savings = useSavings(open.id, layer, open.version, !!view && !lay.looking && open.saving === 'saved');
  if (!view || !cloth) return <div />;
  const shrinks = layer === 'shell' ? cloth.shrinkage : 0;
  const repeat = layer === 'shell' ? cloth.repeat : 0;
  const needs = lay.length / (1 - shrinks) + repeat;
  const take = (s: Views['SavingView']) => {
    if (s.id === 'copy') return lay.set({ copies: (lay.view?.copies ?? 1) + 1 });
    if (s.id === 'pieced') return lay.set({ pieced: true });
    if (s.id === 'together' && s.beside)
      return lay.set({ beside: [...(lay.view?.beside ?? []).map((b) => b.id), s.beside] });
    if (layer === 'shell')
      return changes.change([
        { set: s.id === 'width' ? 'cloth.width' : 'cloth.folded', to: s.id === 'width' ? s.width : s.folded },
      ]);
    return lay.set({ width: s.width, folded: s.folded });
  };
  return (
    <div className="flex min-h-0 flex-col gap-4 overflow-y-auto">
      <section className="flex flex-col gap-1">
        {view.sheet ? (
          <h2 className="font-semibold text-title">All of it is there</h2>
        ) : (
          <h2 className="font-semibold text-title">{bought(needs, unit)} to buy</h2>
        )}
        <p className="text-soft">
          {unit.writeUnit(lay.length)} of {unit.writeUnit(props.width)} cloth,{' '}
          {view.sheet ? 'as it is' : props.folded ? 'folded' : 'open'};{' '}
          {Math.round((view.use * view.length * 100) / Math.max(1, view.sheet ? view.length : lay.length))} % used.
          {view.baseline > view.length + 5 && !view.sheet && (
            <> Plain rows of boxes would take {unit.writeUnit(view.baseline)}.</>
          )}
        </p>
        {(shrinks > 0 || repeat > 0) && (
          <p className="text-soft">
            {shrinks > 0 && <>What it loses in the wash is counted. </>}
            {repeat > 0 && <>Prints match at the waist line; one repeat more is bought to begin with.</>}
          </p>
        )}
      </section>
      <div className="grid grid-cols-2 gap-2">
        <PrintRoom id={open.id} paper={props.paper} onPaper={props.onPaper} first="lay" layer={layer} />
        <ButtonLink to={`/tickets/${open.id}/full-size`}>On the table</ButtonLink>
      </div>
      <Copies lay={lay} />
      <section className="flex flex-col gap-2">
        <h3 className="font-semibold text-lead">What would save</h3>
        {lay.looking || savings.isPending ? (
          <p className="text-soft">Laying it otherwise, to compare…</p>
        ) : (savings.data ?? []).length === 0 ? (
          <p className="text-soft">Nothing that was tried saves half an inch.</p>
        ) : (
          <ul className="flex flex-col gap-2">
            {savings.data?.map((s) => (
              <li key={`${s.id}${s.width}${s.beside ?? ''}`} className="rounded-card border border-line bg-card p-3">
                <p className="flex flex-wrap justify-between gap-x-2 font-semibold">
                  <span>{s.id === 'width' ? `Cloth ${unit.writeUnit(s.width)} wide` : s.text}</span>
                  <span className="text-pine">
                    {unit.writeUnit(s.saved)} less{s.id === 'copy' ? ' each' : ''}
                  </span>
                </p>
                <p className="text-small text-soft">{s.why}</p>
                <button
                  type="button"
                  className="min-h-11 font-medium underline decoration-line underline-offset-4 hover:decoration-brass"
                  onClick={() => take(s)}
                >
                  Lay it so
                </button>
              </li>
            ))}
          </ul>
        )}
      </section>
      <Beside lay={lay} />
      <Longest layer={layer} remnant={!!view.sheet} />
      <Remnant lay={lay} />
    </div>
  );
}

/** What to ask for at the shop: yards by the eighth, or metres by five centimetres. */
function bought(mm: number, unit: ReturnType<typeof useUnit>): string {
  if (unit.shown === 'cm') return `${unit.number(Math.ceil(mm / 50 - 1e-6) * 0.05)} m`;
  const eighths = Math.ceil((mm / (36 * INCH)) * 8 - 1e-6);
  return `${unit.write((eighths / 8) * INCH)} yd`;
}

function Copies({ lay }: { lay: ClothLay }) {
  const copies = lay.view?.copies ?? 1;
  return (
    <div className="flex flex-wrap items-center gap-2">
      <span className="flex-1">
        {copies === 1 ? 'One garment' : `${copies} of it`}
        {(lay.view?.beside.length ?? 0) > 0 && <>, and {lay.view?.beside.map((b) => b.title).join(', ')}</>}
      </span>
      <Button onClick={() => lay.set({ copies: copies - 1 })} disabled={copies <= 1} aria-label="One fewer">
        −
      </Button>
      <Button onClick={() => lay.set({ copies: copies + 1 })} disabled={copies >= 20} aria-label="One more">
        +
      </Button>
      {lay.view?.pieced && (
        <>
          <span className="flex-1">Bands cut in two, with a seam</span>
          <Button onClick={() => lay.set({ pieced: false })}>Whole again</Button>
        </>
      )}
    </div>
  );
}

/** Another ticket that is cut from the same cloth. */
function Beside({ lay }: { lay: ClothLay }) {
  const open = useTicketAtHand();
  const tickets = useTickets('', undefined, 50);
  const beside = lay.view?.beside ?? [];
  const others = (tickets.items ?? []).filter((t) => t.id !== open.id && !beside.some((b) => b.id === t.id));
  const ids = beside.map((b) => b.id);
  return (
    <section className="flex flex-col gap-1.5">
      <label className="flex flex-col gap-1">
        <span className="font-semibold text-lead">Cut beside it</span>
        <select
          className="min-h-11 rounded-field border border-line bg-card px-2"
          value=""
          onChange={(e) => e.target.value && lay.set({ beside: [...ids, e.target.value] })}
        >
          <option value="">Another ticket, from the same cloth</option>
          {others.map((t) => (
            <option key={t.id} value={t.id}>
              {t.personName}: {t.name}
            </option>
          ))}
        </select>
      </label>
      {beside.map((b) => (
        <p key={b.id} className="flex items-center justify-between gap-2">
          <span>
            {b.personName}: {b.title}
          </span>
          <Button onClick={() => lay.set({ beside: ids.filter((id) => id !== b.id) })}>Take off</Button>
        </p>
      ))}
    </section>
  );
}

/** The other way round: a cloth that is there, and how long a garment it gives. */
function Longest({ layer, remnant }: { layer: string; remnant: boolean }) {
  const open = useTicketAtHand();
  const changes = useTicketChanges();
  const unit = useUnit();
  const [along, setAlong] = useState(unit.shown === 'in' ? 36 * INCH : 1000);
  const [fault, setFault] = useState<string | null>(null);
  const { run, busy, problem, answer } = useAction(() =>
    unwrap(
      api.GET('/api/tickets/{id}/lay/longest', {
        params: { path: { id: open.id }, query: { layer, along: remnant ? undefined : along } },
      }),
    ),
  );
  const found = answer ?? null;
  return (
    <section className="flex flex-col gap-1.5" data-form="">
      <h3 className="font-semibold text-lead">The longest it can be</h3>
      {!remnant && (
        <label id="cloth-there-said" htmlFor="cloth-there" className="text-small text-soft">
          from cloth that is there, along the selvedge
        </label>
      )}
      <div className="flex items-center gap-2">
        {!remnant && (
          <LengthInput
            id="cloth-there"
            describedBy="cloth-there-said"
            value={along}
            least={100}
            most={50000}
            byHand={false}
            fault={fault ?? undefined}
            onFault={setFault}
            onChange={setAlong}
          />
        )}
        <Button onClick={() => run()} disabled={busy}>
          {remnant ? 'From this piece of cloth' : 'From so much cloth'}
        </Button>
      </div>
      {fault && <p className="text-crimson text-small">{fault}</p>}
      {busy && <p className="text-soft">Drafting it longer and shorter…</p>}
      {found && (
        <p>
          <span className="font-semibold">{unit.writeUnit(found.length)}</span>
          <span className="text-soft">. What stops it: {unit.words(found.stops)}.</span>{' '}
          <button
            type="button"
            className="font-medium underline decoration-line underline-offset-4 hover:decoration-brass"
            onClick={() => changes.set('length', found.length)}
          >
            Make it so long
          </button>
        </p>
      )}
      {problem && (
        <p role="alert" className="text-crimson">
          {unit.words(problem.message)}
        </p>
      )}
    </section>
  );
}
