import type { Step } from '../api/client';
import { useUnit } from '../tape/unit';
import { type Notation, writeLength, writeSixteenths } from '../tape/writer';

type Token = Step['working'][number];

/** A working with its amounts filled in: (hip 40¼ + hip ease 1) ÷ 4 − hip allocation ¼. */
export function WorkingLine({ step, bold }: { step: Pick<Step, 'working' | 'printed'>; bold?: boolean }) {
  const working: Token[] = step.working;
  const unit = useUnit();
  return (
    <span>
      {working.map((token, i) => {
        const before = working[i - 1];
        const gap = before && before.op !== '(' && token.op !== ')' && token.op !== ',' ? ' ' : '';
        if (token.op !== undefined) {
          return <span key={i}>{gap + token.op}</span>;
        }
        if (token.number !== undefined) {
          return (
            <span key={i} className={bold ? 'font-semibold' : ''}>
              {gap + unit.number(token.number)}
            </span>
          );
        }
        const value = token.value ?? 0;
        return (
          <span key={i}>
            {gap}
            {token.name}{' '}
            <span className={bold ? 'font-semibold text-ink' : ''}>
              {token.kind === 'length'
                ? printedLength(value, step.printed.sixteenths, unit)
                : token.kind === 'angle'
                  ? `${unit.number(value)}°`
                  : unit.number(value)}
            </span>
          </span>
        );
      })}
    </span>
  );
}

const printedLength = (mm: number, sixteenths: boolean, notation: Notation): string =>
  sixteenths ? writeSixteenths(mm, notation) : writeLength(mm, notation);

/**
 * A step's value as it is called out, as fine as its working needs it; scant or full where the tape has no such place.
 */
export function useStepValue(): (step: Pick<Step, 'value' | 'kind' | 'printed'>) => string {
  const unit = useUnit();
  const marked = (step: Pick<Step, 'printed'>) => step.printed[unit.shown === 'in' ? 'inches' : 'centimetres'];
  return (step) =>
    step.kind === 'length'
      ? [printedLength(step.value, step.printed.sixteenths, unit), marked(step)].filter(Boolean).join(' ')
      : step.kind === 'angle'
        ? `${unit.number(step.value)}°`
        : unit.number(step.value);
}
