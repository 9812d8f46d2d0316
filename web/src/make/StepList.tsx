import type { KeyboardEvent } from 'react';
import type { MakingStep } from '../api/client';
import { useUnit } from '../tape/unit';
import { soFar, spent } from './time';

/** The steps in order, each with its tick; up and down go from one to the next. */
export function StepList(props: {
  steps: MakingStep[];
  picked: MakingStep;
  now: number;
  onPick: (id: string) => void;
  onTick: (step: MakingStep) => void;
}) {
  const unit = useUnit();
  const press = (e: KeyboardEvent<HTMLButtonElement>, at: number) => {
    const next = e.key === 'ArrowDown' ? at + 1 : e.key === 'ArrowUp' ? at - 1 : -1;
    const step = props.steps[next];
    if (!step) return;
    e.preventDefault();
    props.onPick(step.id);
    e.currentTarget.closest('ol')?.querySelectorAll<HTMLButtonElement>('button[data-step]')[next]?.focus();
  };
  return (
    <ol aria-label="Order of making" className="min-h-0 flex-1 overflow-y-auto">
      {props.steps.map((s, at) => (
        <li
          key={s.id}
          className={`flex items-center border-line border-b border-l-4 ${
            s.id === props.picked.id ? 'border-l-brass bg-card' : 'border-l-transparent hover:bg-wash'
          }`}
        >
          <label className="flex size-11 shrink-0 cursor-pointer items-center justify-center">
            <input
              type="checkbox"
              checked={s.done}
              aria-label={`${s.title}: done`}
              onChange={() => props.onTick(s)}
              className="peer sr-only"
            />
            <span
              className={`flex size-6 items-center justify-center rounded-full border-2 peer-focus-visible:outline-3
                peer-focus-visible:outline-brass peer-focus-visible:outline-offset-2 ${
                  s.done
                    ? 'border-pine bg-pine text-card'
                    : s.id === props.picked.id
                      ? 'border-brass bg-card'
                      : 'border-faint bg-card'
                }`}
            >
              {s.done && (
                <svg width="14" height="14" viewBox="0 0 14 14" aria-hidden="true">
                  <path d="M2.5 7.5 6 11l5.5-7.5" fill="none" stroke="currentColor" strokeWidth="2.5" />
                </svg>
              )}
            </span>
          </label>
          <button
            type="button"
            data-step={s.id}
            aria-current={s.id === props.picked.id ? 'step' : undefined}
            onClick={() => props.onPick(s.id)}
            onKeyDown={(e) => press(e, at)}
            className="min-h-11 flex-1 py-1.5 pr-2 text-left"
          >
            <span className={`block font-semibold leading-tight ${s.done ? 'text-soft' : ''}`}>{s.title}</span>
            <span className="text-small text-soft">{underIt(s, props.now, unit.write)}</span>
          </button>
        </li>
      ))}
    </ol>
  );
}

/** What a step of the list says of itself: that it is done and how long it took, or how it is sewn. */
function underIt(step: MakingStep, now: number, write: (mm: number) => string): string {
  const took = soFar(step, now);
  if (step.done) return took > 0 ? `done, ${spent(took)}` : 'done';
  if (step.clockSince) return `at it, ${spent(took)}`;
  const at = sewnAt(step, write);
  return [at, took > 0 ? spent(took) : ''].filter((w) => w !== '').join(', ') || step.stitch;
}

/** How far from the raw edge its seams are sewn, and how much of that is kept to be let out. */
export function sewnAt(step: MakingStep, write: (mm: number) => string): string {
  const widths = [...new Set(step.widths.filter((w) => w > 0).map(write))];
  const kept = step.letOut > 0 ? ` from the raw edge, ${write(step.letOut)} of it let-out` : '';
  return widths.length === 0 ? '' : `sewn at ${widths.join(' and ')}${kept}`;
}
