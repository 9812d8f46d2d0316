import { Select } from 'radix-ui';

/** One of several, from a list that opens. */
export function Pick(props: {
  id?: string;
  label: string;
  value: string;
  options: { id: string; title: string }[];
  onChange: (value: string) => void;
  className?: string;
}) {
  return (
    <Select.Root value={props.value} onValueChange={props.onChange}>
      <Select.Trigger
        id={props.id}
        aria-label={props.label}
        className={`flex min-h-9 w-full items-center justify-between gap-2 rounded-field border border-line bg-card
          px-2.5 text-left text-body hover:border-brass ${props.className ?? ''}`}
      >
        <span className="wrap-anywhere text-left leading-tight">
          <Select.Value placeholder="Choose…" />
        </span>
        <Select.Icon className="text-soft">▾</Select.Icon>
      </Select.Trigger>
      <Select.Portal>
        <Select.Content
          position="popper"
          sideOffset={4}
          className={`z-50 max-h-80 min-w-(--radix-select-trigger-width) overflow-hidden rounded-field border
            border-line bg-card shadow-card`}
        >
          <Select.Viewport className="p-1">
            {props.options.map((o) => (
              <Select.Item
                key={o.id}
                value={o.id}
                className={`flex min-h-10 cursor-pointer items-center gap-2 rounded-field px-3 outline-none
                  data-[highlighted]:bg-linen data-[state=checked]:font-semibold`}
              >
                <Select.ItemText>{o.title}</Select.ItemText>
              </Select.Item>
            ))}
          </Select.Viewport>
        </Select.Content>
      </Select.Portal>
    </Select.Root>
  );
}
