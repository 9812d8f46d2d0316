import { type Cut, Problem } from '../api/client';
import { Button } from '../kit/Button';
import { Waiting } from '../kit/Waiting';
import { asTheRecipe } from '../tickets/otherCut';
import type { TicketWork } from '../tickets/TicketDesk';
import { SettingRow } from './Settings';

const SETTING = 'settings.';

/** A ticket that cannot be drafted as it stands, and never could be here: what is wrong, and the amounts that would put it right. */
export function Refused(props: { problem: unknown; cut: Cut | undefined; work: TicketWork }) {
  const { problem, cut, work } = props;
  const faults = problem instanceof Problem ? problem.faults : [];
  const asked = faults.filter((f) => f.field.startsWith(SETTING)).map((f) => f.field.slice(SETTING.length));
  const settings = cut?.settings.filter((s) => asked.includes(s.key)) ?? [];
  const recipe = work.fault?.at('with') && work.ticket ? asTheRecipe(work.ticket) : [];
  return (
    <>
      <Waiting error={problem} />
      {settings.length > 0 && (
        <fieldset className="mx-6 flex max-w-sm flex-col gap-1 border-line border-t pt-3" data-form="">
          <legend className="pr-2 font-semibold text-soft">What would put it right</legend>
          {settings.map((s) => (
            <SettingRow key={s.key} setting={s} draft={null} work={work} />
          ))}
        </fieldset>
      )}
      {recipe.length > 0 && (
        <div className="mx-6">
          <Button look="main" onClick={() => work.change(recipe)}>
            Make it as its recipe has it
          </Button>
        </div>
      )}
    </>
  );
}
