import { useState } from 'react';
import { Button } from '../kit/Button';
import { Field } from '../kit/Field';
import { Overlay } from '../kit/Sheet';
import { spent } from './time';

/** A clock that ran for longer than anybody works at one thing: how long it really took is asked before it is kept. */
export function LongClock(props: {
  title: string;
  /** What it took with the clock, s. */
  seconds: number;
  /** What it took before the clock was started, s. */
  before: number;
  onClose: () => void;
  onTook: (seconds: number) => void;
}) {
  const [minutes, setMinutes] = useState('');
  const typed = Number(minutes);
  const readable = minutes.trim() !== '' && Number.isFinite(typed) && typed >= 0 && typed <= 6000;
  return (
    <Overlay
      open
      onClose={props.onClose}
      title="The clock ran on"
      about={`For “${props.title}” it says ${spent(props.seconds)}. Was all of that work?`}
    >
      <Field
        label="It took, in minutes"
        inputMode="numeric"
        value={minutes}
        fault={minutes.trim() !== '' && !readable ? 'Minutes, as a number up to 6000' : undefined}
        onChange={(e) => setMinutes(e.target.value)}
      />
      <div className="flex flex-wrap justify-end gap-3">
        <Button className="mr-auto" onClick={() => props.onTook(props.before)}>
          Not counted: {spent(props.before)} as before
        </Button>
        <Button onClick={() => props.onTook(Math.round(props.seconds))}>All of it</Button>
        <Button look="main" disabled={!readable} onClick={() => props.onTook(Math.round(typed * 60))}>
          Keep this time
        </Button>
      </div>
    </Overlay>
  );
}
