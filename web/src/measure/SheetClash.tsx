import { useState } from 'react';
import type { Measure, Sheet } from '../api/client';
import { Button } from '../kit/Button';
import { Overlay } from '../kit/Sheet';
import { useUnit } from '../tape/unit';
import { differing, type Entry, entriesOf } from './sheetChanges';
import type { SheetWork } from './useSheetWork';

/** Two sheets written at once: every reading in which they differ, to be settled one by one. */
export function SheetClash({ work, measures }: { work: SheetWork; measures: Measure[] }) {
  return work.theirs ? <Both key={work.theirs.number} work={work} theirs={work.theirs} measures={measures} /> : null;
}

function Both({ work, theirs, measures }: { work: SheetWork; theirs: Sheet; measures: Measure[] }) {
  const unit = useUnit();
  const other = entriesOf(theirs);
  const fields = differing(work.entries, other);
  const [mine, setMine] = useState<Set<string>>(() => new Set(fields.filter((f) => work.changed[f])));
  const put = (field: string, own: boolean) =>
    setMine((m) => new Set(own ? [...m, field] : [...m].filter((f) => f !== field)));
  return (
    <Overlay
      open
      onClose={() => {}}
      title="Somebody else took this tape"
      about={`${theirs.takenBy} kept sheet ${theirs.number} on ${unit.shortDay(theirs.takenOn)}, after you had begun. Choose for each reading what shall hold.`}
    >
      <table className="w-full text-left">
        <thead>
          <tr className="border-line border-b">
            <th className="py-1 font-semibold">Reading</th>
            <th className="font-semibold">Yours</th>
            <th className="font-semibold">Theirs</th>
          </tr>
        </thead>
        <tbody>
          {fields.map((field) => (
            <tr key={field} className="border-line border-b">
              <th scope="row" className="py-1 font-normal">
                {measures.find((m) => m.key === field)?.title ?? field}
              </th>
              {([true, false] as const).map((own) => (
                <td key={String(own)}>
                  <label className="flex min-h-11 cursor-pointer items-center gap-2">
                    <input
                      type="radio"
                      name={field}
                      checked={mine.has(field) === own}
                      onChange={() => put(field, own)}
                      className="size-4 accent-brass"
                    />
                    {written(own ? work.entries[field] : other[field])}
                  </label>
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <div className="flex flex-wrap justify-end gap-3">
        <Button onClick={work.forget}>Take theirs</Button>
        <Button look="main" onClick={() => work.settle([...mine])}>
          Go on with what is chosen
        </Button>
      </div>
    </Overlay>
  );
}

function written(entry: Entry | undefined): string {
  if (!entry || entry.typed.trim() === '') return 'not taken';
  return `${entry.second ? `${entry.typed} and ${entry.second}` : entry.typed} ${entry.unit}`;
}
