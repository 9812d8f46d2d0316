import { useState } from 'react';
import type { Setting, SettingValue } from '../api/client';
import { LengthInput } from '../kit/LengthInput';
import { Pick } from '../kit/Pick';

const PLACES = [
  { id: 'waist', title: 'below the waist', from: 'waist', sign: 1 },
  { id: 'above knee', title: 'above the knee', from: 'knee', sign: -1 },
  { id: 'below knee', title: 'below the knee', from: 'knee', sign: 1 },
  { id: 'above ankle', title: 'above the ankle', from: 'ankle', sign: -1 },
  { id: 'below ankle', title: 'below the ankle', from: 'ankle', sign: 1 },
  { id: 'above floor', title: 'above the floor', from: 'floor', sign: -1 },
] as const;

type Place = (typeof PLACES)[number];

const WAIST: Place = PLACES[0];
const FURTHEST = 1600;

/** A length, and the level it is said against: so it stays when the ticket goes to another person. */
export function LevelLength(props: {
  id: string;
  setting: Setting;
  own: SettingValue | undefined;
  /** What it comes to from the waist, mm. */
  comesTo: number | null;
  fault?: string;
  onFault: (why: string | null) => void;
  onChange: (to: SettingValue) => void;
}) {
  const { own, setting } = props;
  const told = typeof own === 'object' ? own : null;
  // A level that was picked counts from the first amount on; until then nothing has changed.
  const [picked, setPicked] = useState<Place | null>(null);
  const place = picked ?? (told ? placeOf(told) : WAIST);
  const value = told ? Math.abs(told.add) : picked && picked !== WAIST ? null : props.comesTo;
  const say = (mm: number, at: Place) => props.onChange(at === WAIST ? mm : { from: at.from, add: at.sign * mm });
  return (
    <>
      <LengthInput
        id={props.id}
        value={value}
        least={place === WAIST ? setting.least : 0}
        most={place === WAIST ? setting.most : FURTHEST}
        byHand={own !== undefined}
        fault={props.fault}
        describedBy={props.fault ? `${props.id}-says` : undefined}
        onFault={props.onFault}
        onChange={(mm) => {
          setPicked(null);
          say(mm, place);
        }}
      />
      <div className="col-start-1 col-end-3 row-start-2">
        <Pick
          id={`${props.id}-level`}
          label={`${setting.title}, from where`}
          value={place.id}
          options={PLACES.map((p) => ({ id: p.id, title: p.title }))}
          onChange={(id) => {
            const at = PLACES.find((p) => p.id === id) ?? WAIST;
            if (at === WAIST && props.comesTo !== null) say(props.comesTo, at);
            else if (told) say(Math.abs(told.add), at);
            setPicked(told || at === WAIST ? null : at);
          }}
        />
      </div>
    </>
  );
}

function placeOf(told: { from: string; add: number }): Place {
  const sign = told.add < 0 ? -1 : 1;
  return (
    PLACES.find((p) => p.from === told.from && (p.sign === sign || told.add === 0)) ??
    PLACES.find((p) => p.from === told.from) ??
    WAIST
  );
}
