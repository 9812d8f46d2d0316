import { useState } from 'react';
import { Button } from '../../kit/Button';
import { readTape } from '../../tape/reader';
import { useUnit } from '../../tape/unit';
import type { ClothLay } from './useClothLay';

/** A piece of cloth in place of cloth off the bolt: its corners, each how far along the grain and how far across, and seams in it. */
export function Remnant({ lay }: { lay: ClothLay }) {
  const unit = useUnit();
  const there = lay.lay?.sheet;
  const [typed, setTyped] = useState<string | null>(null);
  const [seams, setSeams] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const text = typed ?? (there ?? []).map((p) => p.map((v) => unit.write(v)).join('; ')).join('\n');
  const layOn = () => {
    const corners = places(text, 2);
    const avoided = seams.trim() === '' ? [] : places(seams, 4);
    if (typeof corners === 'string' || typeof avoided === 'string') {
      setFault(typeof corners === 'string' ? corners : (avoided as string));
      return;
    }
    setFault(null);
    setTyped(null);
    lay.set({
      sheet: corners,
      avoided: avoided.map(
        ([a, b, c, d]) =>
          [
            [a, b],
            [c, d],
          ] as number[][],
      ),
    });
  };
  /** Lines of so many lengths each, or what is wrong with one. */
  const places = (all: string, n: number): number[][] | string => {
    const lines = all.split('\n').filter((l) => l.trim() !== '');
    const read: number[][] = [];
    for (const line of lines) {
      const parts = line.split(';').map((part) => readTape(part.trim(), unit.shown));
      if (parts.length !== n || parts.some((p) => !p.ok)) {
        return n === 2
          ? `“${line.trim()}” is no corner: how far along; how far across`
          : `“${line.trim()}” is no seam: along; across; along; across`;
      }
      read.push(parts.map((p) => (p.ok ? p.mm : 0)));
    }
    return n === 2 && read.length < 3 ? 'A piece of cloth has three corners at least' : read;
  };
  return (
    <details className="rounded-card border border-line bg-card p-3" open={!!there}>
      <summary className="min-h-8 cursor-pointer font-semibold text-lead">From a piece of cloth</summary>
      <label className="mt-2 flex flex-col gap-1">
        <span className="text-small text-soft">
          Its corners in order, one a line: how far along the grain; how far across ({unit.shown})
        </span>
        <textarea
          rows={5}
          value={text}
          placeholder={'0; 0\n60; 0\n60; 28\n0; 36'}
          onChange={(e) => setTyped(e.target.value)}
          className="rounded-field border border-line bg-card p-2 font-medium"
        />
      </label>
      <label className="mt-2 flex flex-col gap-1">
        <span className="text-small text-soft">
          Seams no piece may cross, one a line: from; to (along; across; along; across)
        </span>
        <textarea
          rows={2}
          value={seams}
          onChange={(e) => setSeams(e.target.value)}
          className="rounded-field border border-line bg-card p-2 font-medium"
        />
      </label>
      {fault && (
        <p role="alert" className="text-crimson text-small">
          {fault}
        </p>
      )}
      <div className="mt-2 flex gap-2">
        <Button onClick={layOn}>Lay on it</Button>
        {there && <Button onClick={lay.forget}>Back to the bolt</Button>}
      </div>
    </details>
  );
}
