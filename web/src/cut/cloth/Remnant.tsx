import { useState } from 'react';
import { Button } from '../../kit/Button';
import { Overlay } from '../../kit/Sheet';
import { readTape } from '../../tape/reader';
import { useUnit } from '../../tape/unit';
import { type Place, RemnantPad } from './RemnantPad';
import type { ClothLay } from './useClothLay';

/** A piece of cloth in place of cloth off the bolt: drawn, or typed by its corners, with the seams in it. */
export function Remnant({ lay }: { lay: ClothLay }) {
  const [open, setOpen] = useState(false);
  const there = lay.lay?.sheet;
  return (
    <section className="flex flex-col gap-2">
      <h3 className="font-semibold text-lead">From a piece of cloth</h3>
      <p className="text-soft">
        {there
          ? `Laid on a piece of ${there.length} corners.`
          : 'A remnant, or a garment unpicked: draw it, and the pieces are laid on it.'}
      </p>
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => setOpen(true)}>{there ? 'Draw it otherwise' : 'Draw the piece'}</Button>
        {there && <Button onClick={lay.forget}>Back to the bolt</Button>}
      </div>
      <Overlay open={open} onClose={() => setOpen(false)} title="A piece of cloth">
        <Drawn lay={lay} done={() => setOpen(false)} />
      </Overlay>
    </section>
  );
}

function Drawn({ lay, done }: { lay: ClothLay; done: () => void }) {
  const unit = useUnit();
  const [corners, setCorners] = useState<Place[]>((lay.lay?.sheet ?? []) as Place[]);
  const [seams, setSeams] = useState<Place[][]>((lay.lay?.avoided ?? []) as Place[][]);
  const [typed, setTyped] = useState<string | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const text = typed ?? corners.map((p) => p.map((v) => unit.write(v)).join('; ')).join('\n');
  const type = (all: string) => {
    setTyped(all);
    const read = placesOf(all, (part) => readTape(part, unit.shown));
    setFault(typeof read === 'string' ? read : null);
    if (typeof read !== 'string') setCorners(read);
  };
  return (
    <>
      <RemnantPad
        corners={corners}
        seams={seams}
        onChange={(c, s) => {
          setCorners(c);
          setSeams(s);
          setTyped(null);
          setFault(null);
        }}
      />
      <details>
        <summary className="min-h-8 cursor-pointer font-medium">By its corners, as the tape says</summary>
        <label className="mt-1 flex flex-col gap-1">
          <span className="text-small text-soft">
            One a line, in order: how far along the grain; how far across ({unit.shown})
          </span>
          <textarea
            rows={5}
            value={text}
            placeholder={'0; 0\n60; 0\n60; 28\n0; 36'}
            onChange={(e) => type(e.target.value)}
            className="rounded-field border border-line bg-card p-2 font-medium"
          />
        </label>
      </details>
      {fault && (
        <p role="alert" className="text-crimson text-small">
          {fault}
        </p>
      )}
      <div className="flex gap-2">
        <Button
          look="main"
          disabled={corners.length < 3}
          onClick={async () => {
            const failed = await lay.set({ sheet: corners, avoided: seams });
            if (failed) setFault(unit.words(failed.message));
            else done();
          }}
        >
          Lay on it
        </Button>
        <Button onClick={done}>Leave it</Button>
      </div>
    </>
  );
}

type Read = { ok: true; mm: number } | { ok: false };

/** Corners, one a line, or what is wrong with one of them. */
export function placesOf(all: string, read: (part: string) => Read): Place[] | string {
  const places: Place[] = [];
  for (const line of all.split('\n').filter((l) => l.trim() !== '')) {
    const parts = line.split(';').map((part) => read(part.trim()));
    if (parts.length !== 2 || parts.some((p) => !p.ok))
      return `“${line.trim()}” is no corner: how far along; how far across`;
    places.push(parts.map((p) => (p.ok ? p.mm : 0)));
  }
  return places;
}
