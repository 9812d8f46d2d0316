import type { Measure, Sheet } from '../api/client';
import { BothVersions, useSettling } from '../kit/BothVersions';
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
  const settling = useSettling(fields.filter((f) => work.changed[f]));
  return (
    <Overlay
      open
      onClose={() => {}}
      title="Somebody else took this tape"
      about={`${theirs.takenBy} kept sheet ${theirs.number} on ${unit.shortDay(theirs.takenOn)}, after you had begun.
        Choose for each reading what shall hold.`}
    >
      <BothVersions
        what="Reading"
        rows={fields.map((field) => ({
          id: field,
          title: measures.find((m) => m.key === field)?.title ?? field,
          mine: written(work.entries[field]),
          theirs: written(other[field]),
        }))}
        mine={settling.mine}
        onPut={settling.put}
      />
      <div className="flex flex-wrap justify-end gap-3">
        <Button onClick={work.forget}>Take theirs</Button>
        <Button look="main" onClick={() => work.settle([...settling.mine])}>
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
