import { useState } from 'react';
import { useUnit } from '../tape/unit';

/** A share typed as a percentage: 20, 20 %, 12,5. */
export function PercentInput(props: {
  id: string;
  /** What it is called where no label stands beside it. */
  label?: string;
  value: number | null;
  most: number;
  onChange: (ratio: number) => void;
  onFault: (why: string | null) => void;
}) {
  const unit = useUnit();
  const [typed, setTyped] = useState<string | null>(null);
  const shown = typed ?? `${unit.number(Math.round((props.value ?? 0) * 1000) / 10)} %`;
  return (
    <input
      id={props.id}
      aria-label={props.label}
      data-amount=""
      autoComplete="off"
      value={shown}
      onFocus={(e) => e.currentTarget.select()}
      onBlur={() => setTyped(null)}
      onChange={(e) => {
        setTyped(e.target.value);
        const percent = Number(e.target.value.replace('%', '').replace(',', '.').trim());
        const fine = e.target.value.trim() !== '' && percent >= 0 && percent <= props.most * 100;
        props.onFault(fine ? null : `From 0 to ${props.most * 100} %`);
        if (fine) props.onChange(percent / 100);
      }}
      className="h-9 w-full rounded-field border border-line bg-card px-2.5 text-right font-medium hover:border-brass"
    />
  );
}
