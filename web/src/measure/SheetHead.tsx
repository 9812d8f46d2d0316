import type { Sheet } from '../api/client';
import { Field } from '../kit/Field';
import type { SheetWork } from './useSheetWork';

/** When the tape was taken, by whom, and what else was said. */
export function SheetHead({ work, last }: { work: SheetWork; last: Sheet | null }) {
  const { head } = work;
  return (
    <section aria-label="This sheet" className="mt-auto flex flex-col gap-2 border-line border-t pt-3">
      <h2 className="font-semibold text-soft">
        {work.waits
          ? 'This sheet waits for the workroom, and is kept when it answers'
          : work.dirty
            ? `Sheet ${(last?.number ?? 0) + 1}, not kept yet`
            : last
              ? `Sheet ${last.number}`
              : 'First sheet'}
      </h2>
      <div className="flex flex-col gap-2">
        <Field
          label="Taken on"
          type="date"
          value={head.takenOn}
          fault={work.problem?.at('takenOn')}
          onChange={(e) => work.setHead({ takenOn: e.target.value })}
        />
        <Field
          label="By"
          value={head.takenBy}
          maxLength={120}
          fault={work.problem?.at('takenBy')}
          onChange={(e) => work.setHead({ takenBy: e.target.value })}
        />
      </div>
      <Field
        label="Note"
        value={head.note}
        maxLength={4000}
        placeholder="over a slip, in heels"
        fault={work.problem?.at('note')}
        onChange={(e) => work.setHead({ note: e.target.value })}
      />
    </section>
  );
}
