import { useState } from 'react';
import type { Cut, Draft, Setting } from '../api/client';
import { Tick } from '../kit/Tick';
import { ticked } from '../tickets/changes';
import { useTicketChanges } from '../tickets/TicketDesk';
import { SettingRow } from './SettingRow';

/** The operation a setting stands with: the first of those done that read it. */
export const firstDone = (setting: Setting, draft: Draft): string | undefined =>
  draft.made.find((m) => m.done && setting.readBy.includes(m.id))?.id;

/**
 * What is done to the block besides: each taken on or off, with its own amounts beneath it. Closed until it is wanted.
 */
export function MadeWith(props: { cut: Cut; draft: Draft }) {
  const { cut, draft } = props;
  const changes = useTicketChanges();
  const done = draft.made.filter((m) => m.done);
  const [refused, setRefused] = useState<{ id: string; why: string } | null>(null);
  const tick = async (one: Draft['made'][number], on: boolean) => {
    setRefused(null);
    const problem = await changes.attempt(ticked(draft.made, one, on));
    if (problem) setRefused({ id: one.id, why: problem.faults[0]?.message ?? problem.message });
  };
  return (
    <details id="made-with" tabIndex={-1} className="group border-line border-t pt-1" data-testid="made-with">
      <summary className="flex min-h-11 cursor-pointer list-none items-center justify-between gap-2">
        <span className="font-semibold text-soft">Made with</span>
        <span className="flex items-center gap-2 text-right text-soft">
          <span className="wrap-anywhere group-open:hidden">
            {done.map((m) => m.title).join(', ') || 'nothing more'}
          </span>
          <span aria-hidden="true" className="group-open:rotate-180">
            ▾
          </span>
        </span>
      </summary>
      <ul className="flex flex-col gap-1 pb-2">
        {draft.made.map((m) => (
          <li key={m.id}>
            <Tick
              label={m.title}
              on={m.done}
              fault={refused?.id === m.id ? refused.why : undefined}
              onChange={(on) => tick(m, on)}
            />
            {m.done && (
              <div className="flex flex-col gap-1 pl-8">
                {cut.settings
                  .filter((s) => firstDone(s, draft) === m.id && draft.settings[s.key]?.applies)
                  .map((s) => (
                    <SettingRow key={s.key} setting={s} draft={draft} />
                  ))}
              </div>
            )}
          </li>
        ))}
      </ul>
    </details>
  );
}
