import type { Piece, Settings, Views } from '../api/client';
import type { DraftAsked } from '../api/queries';
import { useCutCloth } from '../api/queries';
import { Button } from '../kit/Button';
import { useUnit } from '../tape/unit';

type Alteration = Views['AlterationView'];
type Edge = Views['EdgeView'];

const DOES: Record<string, string> = {
  'taken-in': 'take in',
  trimmed: 'cut down',
  'let-out': 'let out',
  'cut-anew': 'not enough cloth',
};

/** What the pieces that are cut already still give for a correction; each can be said to be not cut yet. */
export function CutCloth(props: {
  worn: DraftAsked;
  settings: Settings;
  pieces: Piece[];
  uncut: string[];
  onUncut: (pieces: string[]) => void;
  onSpare: (settings: Settings) => void;
}) {
  const { uncut, pieces } = props;
  const cloth = pieces.filter((p) => p.layer !== 'fusing');
  const cut = cloth.map((p) => p.id).filter((id) => !uncut.includes(id));
  const found = useCutCloth({ worn: props.worn, settings: props.settings, cut });
  const unit = useUnit();
  if (!found.data) return null;
  const of = (id: string) => found.data.pieces.find((p) => p.piece === id);
  return (
    <section aria-label="Cloth that is cut" className="mt-3 border-line border-t pt-2">
      <h3 className="font-semibold">On the cloth</h3>
      <ul>
        {cloth.map((p) => {
          const isCut = !uncut.includes(p.id);
          const alteration = of(p.id);
          return (
            <li key={p.id} className="grid grid-cols-[1fr_auto] gap-x-2 border-line border-b py-1">
              <span className="self-center font-medium">
                {p.name} {isCut && alteration?.cutAnew && <span className="font-semibold text-crimson">cut anew</span>}
              </span>
              <label className="flex min-h-11 items-center gap-2 text-small text-soft">
                <input
                  type="checkbox"
                  className="size-5 accent-ink"
                  checked={isCut}
                  aria-label={`${p.name} is cut`}
                  onChange={() => props.onUncut(isCut ? [...uncut, p.id] : uncut.filter((u) => u !== p.id))}
                />
                cut
              </label>
              <div className="col-span-2 -mt-1 pb-1 text-soft">
                {isCut ? <Given of={alteration} write={unit.write} /> : 'Cut it as corrected.'}
              </div>
            </li>
          );
        })}
      </ul>
      {found.data.offers.map((offer) => (
        <div key={offer.text} className="mt-2 flex items-center justify-between gap-3 rounded-card bg-wash p-2.5">
          <p>{unit.words(offer.text)}</p>
          <Button
            className="shrink-0 px-3"
            aria-label={`Do so: ${offer.text}`}
            onClick={() => props.onSpare(offer.settings)}
          >
            Do so
          </Button>
        </div>
      ))}
    </section>
  );
}

function Given({ of, write }: { of: Alteration | undefined; write: (mm: number) => string }) {
  if (!of) return <>As it is.</>;
  return (
    <>
      {of.edges
        .filter((e) => !of.cutAnew || e.does === 'cut-anew')
        .map((e) => (
          <p key={`${e.edge}${e.by}`} className={e.does === 'cut-anew' ? 'text-crimson' : ''}>
            {said(e, write)}
          </p>
        ))}
      {of.darts && !of.cutAnew && <p>Darts marked anew.</p>}
    </>
  );
}

function said(e: Edge, write: (mm: number) => string): string {
  const edge = e.edge[0]?.toUpperCase() + e.edge.slice(1);
  return e.does === 'cut-anew'
    ? e.room > 0
      ? `${edge}: ${write(e.by)} wanted, ${write(e.room)} to let out.`
      : `${edge}: ${write(e.by)} wanted, nothing to let out.`
    : `${edge}: ${DOES[e.does]} ${write(e.by)}.`;
}
