import type { Step } from '../api/client';
import { useUnit } from '../tape/unit';

type Token = Step['working'][number];

/** A working with its amounts filled in: (hip 40¼ + hip ease 1) ÷ 4 − hip allocation ¼. */
export function WorkingLine({ working, bold }: { working: Token[]; bold?: boolean }) {
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
                ? unit.write(value)
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

/** A step's value as it is called out. */
export function useStepValue(): (step: { value: number; kind: string }) => string {
  const unit = useUnit();
  return (step) =>
    step.kind === 'length'
      ? unit.write(step.value)
      : step.kind === 'angle'
        ? `${unit.number(step.value)}°`
        : unit.number(step.value);
}
