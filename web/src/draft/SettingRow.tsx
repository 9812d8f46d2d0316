import { useState } from 'react';
import type { Draft, Setting } from '../api/client';
import { LengthInput } from '../kit/LengthInput';
import { PercentInput } from '../kit/PercentInput';
import { Pick } from '../kit/Pick';
import { useUnit } from '../tape/unit';
import { useTicketAtHand, useTicketChanges, useTicketDraft } from '../tickets/TicketDesk';
import { LevelLength } from './LevelLength';

/** One amount. Where nothing could be drafted, no draft says what it comes to. */
export function SettingRow({ setting, draft }: { setting: Setting; draft: Draft | null }) {
  const open = useTicketAtHand();
  const drawn = useTicketDraft();
  const changes = useTicketChanges();
  const unit = useUnit();
  const [fault, setFault] = useState<string | null>(null);
  const inForce = draft?.settings[setting.key];
  const id = `set-${setting.key}`;
  const own = open.ticket?.settings[setting.key];
  const byHand = own !== undefined;
  const says = fault ?? drawn.fault?.at(`settings.${setting.key}`);
  const value = typeof own === 'number' ? own : (inForce?.value ?? null);
  const why = inForce && unit.words(inForce.why);
  return (
    <div className="group/row">
      <div
        className={`grid grid-cols-[1fr_5.5rem_1.75rem] items-center gap-1
        pointer-coarse:grid-cols-[1fr_5.5rem_2.75rem]`}
      >
        <label htmlFor={id} className="wrap-anywhere leading-tight" title={why}>
          {setting.label}
        </label>
        {setting.kind === 'choice' ? (
          <div className="col-start-1 col-end-3 row-start-2">
            <Pick
              id={id}
              label={setting.title}
              value={String(byHand ? own : (inForce?.choice ?? ''))}
              options={setting.choices}
              onChange={(choice) => changes.set(setting.key, choice)}
            />
          </div>
        ) : setting.kind === 'ratio' ? (
          <PercentInput
            id={id}
            value={value}
            onChange={(v) => changes.set(setting.key, v)}
            most={setting.most}
            onFault={setFault}
          />
        ) : setting.levelled ? (
          <LevelLength
            id={id}
            setting={setting}
            own={own}
            comesTo={value}
            fault={says}
            onFault={setFault}
            onChange={(to) => changes.set(setting.key, to)}
          />
        ) : (
          <LengthInput
            id={id}
            value={value}
            least={setting.least}
            most={setting.most}
            byHand={byHand}
            fault={says}
            describedBy={says ? `${id}-says` : undefined}
            onFault={setFault}
            onChange={(mm) => changes.set(setting.key, mm)}
          />
        )}
        <Dot
          byHand={byHand}
          className={setting.kind === 'choice' ? 'col-start-3 row-start-2' : 'col-start-3'}
          title={setting.title}
          onReset={() => {
            setFault(null);
            changes.set(setting.key, null);
          }}
        />
      </div>
      {/* Where nothing can be hovered over, what is in hand says why. */}
      {why && (
        <p
          data-testid={`why-${setting.key}`}
          className="hidden pr-12 pb-1 text-small text-soft pointer-coarse:group-focus-within/row:block"
        >
          {why}
        </p>
      )}
      {says && (
        <p id={`${id}-says`} role="alert" className="pr-7 text-crimson text-small">
          {says}
        </p>
      )}
    </div>
  );
}

/** Hollow where the way decides, filled where a hand did; pressing a filled one gives it back to the way. */
function Dot(props: { byHand: boolean; title: string; className: string; onReset: () => void }) {
  const dot = (
    <svg width="16" height="16" viewBox="0 0 16 16" aria-hidden="true">
      <circle
        cx="8"
        cy="8"
        r="6"
        fill={props.byHand ? 'var(--color-brass)' : 'none'}
        stroke={props.byHand ? 'var(--color-brass)' : 'var(--color-pencil)'}
        strokeWidth="1.3"
      />
    </svg>
  );
  if (!props.byHand) {
    return (
      <span className={`grid h-9 place-items-center ${props.className}`} title="by the way">
        {dot}
      </span>
    );
  }
  return (
    <button
      type="button"
      className={`grid h-9 place-items-center rounded-field hover:bg-linen ${props.className}`}
      aria-label={`${props.title} was set by hand; give it back to the way`}
      title="Set by hand. Press to give it back to the way."
      onClick={props.onReset}
    >
      {dot}
    </button>
  );
}
