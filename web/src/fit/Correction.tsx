import { type ReactNode, useState } from 'react';
import type { Draft, Problem, Remark, Setting } from '../api/client';
import { Button } from '../kit/Button';
import { Field } from '../kit/Field';
import { LengthInput } from '../kit/LengthInput';
import { useUnit } from '../tape/unit';
import { changesOf } from '../words/changes';

/**
 * The cause of what is seen, and the correction: a starting point whose lengths can be changed before it is applied.
 */
export function Correction(props: {
  remark: Remark;
  draft: Draft;
  settings: Setting[];
  own: Record<string, number>;
  onOwn: (key: string, mm: number) => void;
  problem: Problem | null;
  busy: boolean;
  onApply: (note: string) => void;
  children?: ReactNode;
}) {
  const { remark, draft, own } = props;
  const unit = useUnit();
  const [note, setNote] = useState('');
  const [faults, setFaults] = useState<Record<string, string>>({});
  const changes = changesOf({ settings: { ...remark.settings, ...own } }, props.settings, draft, unit.write);
  const faulty = Object.values(faults).some((f) => f !== '');
  return (
    <section aria-live="polite">
      <h2 className="font-semibold text-title">{remark.seen}</h2>
      <p className="mt-1 text-soft">{remark.cause}</p>
      {changes.length === 0 ? (
        <p className="mt-3 rounded-card border border-line bg-card p-3.5">
          This draft has nothing to give for it: what would be changed is already as far as it goes, or not part of this
          garment.
        </p>
      ) : (
        <div className="mt-3 rounded-card border border-line bg-card p-3.5" data-form="">
          <h3 className="font-semibold">{remark.correction}</h3>
          <div className="mt-2 flex flex-col gap-1.5">
            {changes.map((c) => {
              const setting = props.settings.find((s) => s.key === c.key);
              const fault = faults[c.key] || props.problem?.at(`settings.${c.key}`);
              const id = `correct-${c.key}`;
              return setting?.kind === 'length' ? (
                <div key={c.key}>
                  <div className="grid grid-cols-[1fr_auto_5.5rem] items-center gap-2">
                    <label htmlFor={id}>{c.title}</label>
                    <span className="text-soft">{c.from} →</span>
                    <LengthInput
                      id={id}
                      value={own[c.key] ?? Number(remark.settings[c.key])}
                      least={setting.least}
                      most={setting.most}
                      byHand={c.key in own}
                      fault={fault}
                      describedBy={fault ? `${id}-says` : undefined}
                      onFault={(why) => setFaults((f) => ({ ...f, [c.key]: why ?? '' }))}
                      onChange={(mm) => props.onOwn(c.key, mm)}
                    />
                  </div>
                  {fault && (
                    <p id={`${id}-says`} role="alert" className="text-crimson text-small">
                      {fault}
                    </p>
                  )}
                </div>
              ) : (
                <p key={c.key} className="flex justify-between gap-2">
                  <span>{c.title}</span>
                  <span>
                    <span className="text-soft">{c.from} →</span> <span className="font-semibold">{c.to}</span>
                  </span>
                </p>
              );
            })}
          </div>
          {props.children}
          <Field
            label="What else was said"
            className="mt-3"
            value={note}
            maxLength={1000}
            fault={props.problem?.at('note')}
            onChange={(e) => setNote(e.target.value)}
          />
          {props.problem && (
            <p role="alert" className="mt-2 text-crimson">
              {props.problem.message}
            </p>
          )}
          <Button
            look="main"
            className="mt-3 w-full"
            disabled={props.busy || faulty}
            onClick={() => props.onApply(note)}
          >
            Apply as a new revision
          </Button>
        </div>
      )}
    </section>
  );
}
