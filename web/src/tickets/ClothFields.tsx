import { useId, useState } from 'react';
import type { Cloth } from '../api/client';
import { LengthInput } from '../kit/LengthInput';
import { PercentInput } from '../kit/PercentInput';
import { Segmented } from '../kit/Segmented';
import { INCH } from '../tape/reader';
import { useUnit } from '../tape/unit';
import type { Step } from './changes';
import { fromHandTest, pulledTo } from './handTest';

/** Widths cloth comes in, in inches and in centimetres. */
const WIDTHS = { in: [36, 45, 54, 58, 60].map((w) => w * INCH), cm: [900, 1150, 1400, 1500] };

/** The cloth: how far it stretches by the hand test, how wide it is, how it is laid and how it falls. */
export function ClothFields({ cloth, change }: { cloth: Cloth; change: (steps: Step[]) => void }) {
  const unit = useUnit();
  const ids = useId();
  const [fault, setFault] = useState<Record<string, string | null>>({});
  const put = (part: keyof Cloth, to: Step['to']) => change([{ set: `cloth.${part}`, to }]);
  // Alike both ways until the other way was pulled too.
  const stretched = (s: number) =>
    change([
      { set: 'cloth.stretch', to: s },
      ...(cloth.stretchAlong === cloth.stretch ? [{ set: 'cloth.stretchAlong', to: s }] : []),
    ]);
  const says = (part: string) => (why: string | null) => setFault((f) => ({ ...f, [part]: why }));
  const widths = WIDTHS[unit.shown];
  return (
    <fieldset className="flex flex-col gap-4 border-line border-t pt-3">
      <legend className="pr-3 font-head font-semibold text-lead">Cloth</legend>
      <div className="grid gap-4 sm:grid-cols-2" data-form="">
        <div>
          <label htmlFor={`${ids}-pulled`} className="mb-1 block font-medium">
            10 cm, pulled, go to
          </label>
          <div className="flex items-center gap-2">
            <HandTest id={`${ids}-pulled`} stretch={cloth.stretch} onChange={stretched} onFault={says('pulled')} />
            <span className="text-soft">cm</span>
          </div>
        </div>
        <div>
          <label htmlFor={`${ids}-stretch`} className="mb-1 block font-medium">
            a stretch along the girth of
          </label>
          <PercentInput
            id={`${ids}-stretch`}
            value={cloth.stretch}
            most={2}
            onChange={stretched}
            onFault={says('stretch')}
          />
        </div>
      </div>
      <Says text={fault.pulled ?? fault.stretch} />
      <div className="grid items-end gap-4 sm:grid-cols-2" data-form="">
        <div>
          <label htmlFor={`${ids}-along`} className="mb-1 block font-medium">
            along the selvedge, they go to
          </label>
          <div className="flex items-center gap-2">
            <HandTest
              id={`${ids}-along`}
              stretch={cloth.stretchAlong}
              onChange={(s) => put('stretchAlong', s)}
              onFault={says('along')}
            />
            <span className="text-soft">cm</span>
          </div>
        </div>
        <Segmented
          label="What lies beneath"
          value={cloth.sheer ? 'sheer' : 'dense'}
          options={[
            { id: 'dense', title: 'Dense' },
            { id: 'sheer', title: 'Shows through' },
          ]}
          onChange={(sheer) => put('sheer', sheer === 'sheer')}
        />
      </div>
      <Says text={fault.along} />
      <div>
        <label htmlFor={`${ids}-width`} className="mb-1 block font-medium">
          Selvedge to selvedge
        </label>
        <div className="grid grid-cols-[1fr_6rem] items-center gap-2" data-form="">
          <Segmented
            label="Usual widths"
            value={String(widths.find((w) => Math.abs(w - cloth.width) < 0.5) ?? '')}
            options={widths.map((w) => ({ id: String(w), title: unit.write(w) }))}
            onChange={(w) => put('width', Number(w))}
          />
          <LengthInput
            id={`${ids}-width`}
            value={cloth.width}
            least={100}
            most={5000}
            byHand={false}
            fault={fault.width ?? undefined}
            onFault={says('width')}
            onChange={(mm) => put('width', mm)}
          />
        </div>
        <Says text={fault.width} />
      </div>
      <div className="grid gap-3 sm:grid-cols-2">
        <Segmented
          label="How it is laid"
          value={cloth.folded ? 'folded' : 'open'}
          options={[
            { id: 'folded', title: 'Folded' },
            { id: 'open', title: 'Laid open' },
          ]}
          onChange={(laid) => put('folded', laid === 'folded')}
        />
        <Segmented
          label="Nap or print"
          value={cloth.oneWay ? 'one' : 'either'}
          options={[
            { id: 'either', title: 'Either way up' },
            { id: 'one', title: 'One way' },
          ]}
          onChange={(way) => put('oneWay', way === 'one')}
        />
      </div>
      <div className="grid gap-4 sm:grid-cols-2" data-form="">
        <div>
          <label htmlFor={`${ids}-repeat`} className="mb-1 block font-medium">
            Its print begins again after
          </label>
          <LengthInput
            id={`${ids}-repeat`}
            value={cloth.repeat}
            least={0}
            most={3000}
            byHand={false}
            fault={fault.repeat ?? undefined}
            onFault={says('repeat')}
            onChange={(mm) => put('repeat', mm)}
          />
        </div>
        <div>
          <label htmlFor={`${ids}-shrinkage`} className="mb-1 block font-medium">
            Washed, it loses of its length
          </label>
          <PercentInput
            id={`${ids}-shrinkage`}
            value={cloth.shrinkage}
            most={0.3}
            onChange={(s) => put('shrinkage', s)}
            onFault={says('shrinkage')}
          />
        </div>
      </div>
      <Says text={fault.repeat ?? fault.shrinkage} />
      <Segmented
        label="How it falls"
        value={cloth.drape}
        options={[
          { id: 'soft', title: 'Falls soft' },
          { id: 'medium', title: 'Medium' },
          { id: 'firm', title: 'Stands firm' },
        ]}
        onChange={(falls) => put('drape', falls)}
      />
    </fieldset>
  );
}

function Says({ text }: { text: string | null | undefined }) {
  return text ? (
    <p role="alert" className="text-crimson text-small">
      {text}
    </p>
  ) : null;
}

function HandTest(props: {
  id: string;
  stretch: number;
  onChange: (stretch: number) => void;
  onFault: (why: string | null) => void;
}) {
  const unit = useUnit();
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <input
      id={props.id}
      data-amount=""
      inputMode="decimal"
      autoComplete="off"
      value={typed ?? unit.number(pulledTo(props.stretch))}
      onFocus={(e) => e.currentTarget.select()}
      onBlur={() => setTyped(null)}
      onChange={(e) => {
        setTyped(e.target.value);
        const stretch = fromHandTest(e.target.value);
        props.onFault(stretch === null ? 'From 10 cm, where it does not give, to 30 cm' : null);
        if (stretch !== null) props.onChange(stretch);
      }}
      className="h-9 w-24 rounded-field border border-line bg-card px-2.5 text-right font-medium hover:border-brass"
    />
  );
}
