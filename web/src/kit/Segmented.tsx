import { ToggleGroup } from 'radix-ui';

type Option<T extends string> = { id: T; title: string };

/** One of a few, side by side. */
export function Segmented<T extends string>(props: {
  label: string;
  value: T;
  options: Option<T>[];
  onChange: (value: T) => void;
  tone?: 'ink' | 'brass';
  /** Where a row of four would clip what they say. */
  twoRows?: boolean;
  /** Where there is room for five in a row. */
  oneRow?: boolean;
}) {
  const on = props.tone === 'brass' ? 'data-[state=on]:bg-brass' : 'data-[state=on]:bg-ink';
  return (
    <ToggleGroup.Root
      type="single"
      aria-label={props.label}
      value={props.value}
      onValueChange={(value) => value && props.onChange(value as T)}
      className={`min-w-0 overflow-hidden rounded-field border border-line bg-card ${
        props.options.length > 4 && !props.oneRow
          ? 'grid grid-cols-3 gap-px'
          : props.twoRows
            ? 'grid grid-cols-2 gap-px'
            : 'flex'
      }`}
    >
      {props.options.map((o, i) => (
        <ToggleGroup.Item
          key={o.id}
          value={o.id}
          className={`min-h-11 min-w-11 flex-1 border-line border-l whitespace-nowrap text-center px-2 text-small
            first:border-l-0 hover:bg-linen data-[state=on]:font-semibold data-[state=on]:text-card ${on} ${
              i === 4 && props.options.length === 5 && !props.oneRow ? 'col-span-2' : ''
            }`}
        >
          {o.title}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
