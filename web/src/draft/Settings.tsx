import type { Cut, Draft, Setting, Sheet, Way } from '../api/client';
import { Segmented } from '../kit/Segmented';
import { lengthOf } from '../measure/readings';
import { useUnit } from '../tape/unit';
import { useTicketAtHand, useTicketChanges } from '../tickets/TicketDesk';
import { firstDone, MadeWith } from './MadeWith';
import { SettingRow } from './SettingRow';

/**
 * The amounts from waist to hem, in the order of the body, and at the foot what the garment is made with. Each tells
 * whether the way or a hand set it.
 */
export function Settings(props: { cut: Cut; ways: Way[]; draft: Draft; sheet: Sheet }) {
  const { cut, ways, draft, sheet } = props;
  const open = useTicketAtHand();
  const changes = useTicketChanges();
  const unit = useUnit();
  // What says something to what is made stands with it; the rest has its place on the body.
  const ofBody = cut.settings.filter((s) => applies(s, cut, draft) && firstDone(s, draft) === undefined);
  const zones = [...new Set(ofBody.map((s) => s.zone))];
  const girth: Record<string, number | undefined> = {
    Waist: girthOf(sheet, 'waistGirth'),
    Hip: girthOf(sheet, 'hipGirth'),
  };
  return (
    <div
      className="flex flex-col gap-4 md:max-lg:grid md:max-lg:grid-cols-2 md:max-lg:items-start md:max-lg:gap-x-8"
      data-form=""
    >
      <div className="md:max-lg:col-span-2">
        <Segmented
          label="Way of drafting"
          tone="brass"
          twoRows={ways.length === 4 && ways.reduce((letters, w) => letters + w.title.length, 0) > 30}
          value={open.ticket?.way ?? ''}
          options={ways.map((w) => ({ id: w.id, title: w.title }))}
          onChange={(way) => changes.change([{ set: 'way', to: way }])}
        />
      </div>
      {zones.map((zone) => (
        <fieldset key={zone} className="painted-apart min-w-0">
          <legend className="flex w-full justify-between pb-1 font-semibold text-soft">
            <span>{zone}</span>
            {girth[zone] !== undefined && <span>{unit.write(girth[zone])}</span>}
          </legend>
          <div className="flex flex-col gap-1">
            {ofBody
              .filter((s) => s.zone === zone)
              .map((s) => (
                <SettingRow key={s.key} setting={s} draft={draft} />
              ))}
          </div>
        </fieldset>
      ))}
      <MadeWith cut={cut} draft={draft} />
    </div>
  );
}

/**
 * Whether it changes anything, as the draft says; of another cut's draft, shown until this one's comes, nothing is
 * known but what the cut has.
 */
function applies(setting: Setting, cut: Cut, draft: Draft): boolean {
  return draft.cut === cut.id
    ? (draft.settings[setting.key]?.applies ?? false)
    : setting.readBy.some((by) => cut.parts.includes(by));
}

function girthOf(sheet: Sheet, measure: string): number | undefined {
  const reading = sheet.readings[measure];
  return reading && lengthOf(reading);
}
