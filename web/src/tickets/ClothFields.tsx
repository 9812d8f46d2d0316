import { type ReactNode, useId, useState } from 'react';
import type { Cloth, ClothField } from '../api/client';
import { useClothFields } from '../api/queries';
import { LengthInput } from '../kit/LengthInput';
import { PercentInput } from '../kit/PercentInput';
import { Segmented } from '../kit/Segmented';
import { useUnit } from '../tape/unit';
import type { Step } from './changes';
import { clothSays } from './clothSays';
import { fromHandTest, pulledTo } from './handTest';

/** The cloth: how far it stretches by the hand test, how wide it is, how it is laid and how it falls. */
export function ClothFields({ cloth, change }: { cloth: Cloth; change: (steps: Step[]) => void }) {
  const fields = useClothFields().data ?? [];
  /** What follows another is said with it, until something else was said of it. */
  const say = (field: ClothField, to: Step['to']) =>
    change(
      [field, ...fields.filter((f) => f.follows === field.key && clothSays(cloth, f) === clothSays(cloth, field))].map(
        (f): Step => ({ set: `cloth.${f.key}`, to }),
      ),
    );
  const followed = (field: ClothField) => fields.find((f) => f.key === field.follows);
  return (
    <fieldset className="flex flex-col gap-4 border-line border-t pt-3">
      <legend className="pr-3 font-head font-semibold text-lead">Cloth</legend>
      <div className="grid items-end gap-4 sm:grid-cols-2" data-form="">
        {fields
          .filter((field) => field.follows === null || Number(clothSays(cloth, followed(field))) > 0)
          .map((field) => (
            <ClothEntry key={field.key} field={field} value={clothSays(cloth, field)} onSay={(to) => say(field, to)} />
          ))}
      </div>
    </fieldset>
  );
}

type Entry = { field: ClothField; value: string | number | boolean; onSay: (to: Step['to']) => void };

function ClothEntry(props: Entry) {
  switch (props.field.kind) {
    case 'pulled':
      return <Pulled {...props} />;
    case 'share':
      return <Share {...props} />;
    case 'length':
      return <Long {...props} />;
    default:
      return <Choice {...props} />;
  }
}

/** How far 10 cm go, and the share that this is. */
function Pulled({ field, value, onSay }: Entry) {
  const unit = useUnit();
  const id = useId();
  const [fault, setFault] = useState<string | null>(null);
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <Labelled id={id} title={field.title} fault={fault}>
      <div className="flex items-center gap-2">
        <span className="whitespace-nowrap text-soft">10 cm go to</span>
        <input
          id={id}
          data-amount=""
          inputMode="decimal"
          autoComplete="off"
          value={typed ?? unit.number(pulledTo(Number(value)))}
          onFocus={(e) => e.currentTarget.select()}
          onBlur={() => setTyped(null)}
          onChange={(e) => {
            setTyped(e.target.value);
            const stretch = fromHandTest(e.target.value);
            setFault(stretch === null ? 'From 10 cm, where it does not give, to 30 cm' : null);
            if (stretch !== null) onSay(stretch);
          }}
          className="h-9 w-16 shrink-0 rounded-field border border-line bg-card px-2 text-right font-medium"
        />
        <PercentInput
          id={`${id}-share`}
          label={`${field.title}, a share`}
          value={Number(value)}
          most={field.most}
          onChange={onSay}
          onFault={setFault}
        />
      </div>
    </Labelled>
  );
}

function Share({ field, value, onSay }: Entry) {
  const id = useId();
  const [fault, setFault] = useState<string | null>(null);
  return (
    <Labelled id={id} title={field.title} fault={fault}>
      <PercentInput id={id} value={Number(value)} most={field.most} onChange={onSay} onFault={setFault} />
    </Labelled>
  );
}

function Long({ field, value, onSay }: Entry) {
  const unit = useUnit();
  const id = useId();
  const [fault, setFault] = useState<string | null>(null);
  const usual = field.usual[unit.shown] ?? [];
  const input = (
    <LengthInput
      id={id}
      value={Number(value)}
      least={field.orNone ? 0 : field.least}
      most={field.most}
      byHand={false}
      fault={fault ?? undefined}
      onFault={setFault}
      onChange={onSay}
    />
  );
  if (usual.length === 0) {
    return (
      <Labelled id={id} title={field.title} fault={fault}>
        {input}
      </Labelled>
    );
  }
  return (
    <Labelled id={id} title={field.title} fault={fault} wide>
      <div className="grid items-center gap-2 sm:grid-cols-[1fr_6rem]">
        <Segmented
          oneRow
          label={`${field.title}, as it is sold`}
          value={String(usual.find((w) => Math.abs(w - Number(value)) < 0.5) ?? '')}
          options={usual.map((w) => ({ id: String(w), title: unit.write(w) }))}
          onChange={(w) => onSay(Number(w))}
        />
        {input}
      </div>
    </Labelled>
  );
}

function Choice({ field, value, onSay }: Entry) {
  return (
    <div className={field.choices.length > 2 ? 'sm:col-span-2' : ''}>
      <p aria-hidden className="mb-1 font-medium">
        {field.title}
      </p>
      <Segmented
        label={field.title}
        value={String(value)}
        options={field.choices}
        onChange={(id) => onSay(field.kind === 'flag' ? id === 'true' : id)}
      />
    </div>
  );
}

function Labelled(props: { id: string; title: string; fault: string | null; wide?: boolean; children: ReactNode }) {
  return (
    <div className={props.wide ? 'sm:col-span-2' : ''}>
      <label htmlFor={props.id} className="mb-1 block font-medium">
        {props.title}
      </label>
      {props.children}
      {props.fault ? (
        <p role="alert" className="text-crimson text-small">
          {props.fault}
        </p>
      ) : null}
    </div>
  );
}
