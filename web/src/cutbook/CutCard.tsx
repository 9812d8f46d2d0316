import type { Measure } from '../api/client';
import { Plumb, verdictColour } from '../kit/Plumb';
import { Picture } from './Picture';
import { type Page, standing } from './standing';

/** A cut of the book: its picture on her, and whether it would hang straight. */
export function CutCard(props: {
  page: Page;
  title: string;
  measures: readonly Measure[];
  chosen: boolean;
  onChoose: () => void;
}) {
  const { page, title, chosen } = props;
  const stands = standing(page, props.measures);
  return (
    <label
      className={`relative flex cursor-pointer flex-col gap-1 rounded-card border-2 bg-card p-3 hover:border-brass ${
        chosen ? 'border-brass shadow-card' : 'border-line'
      } has-[:focus-visible]:outline-2 has-[:focus-visible]:outline-brass has-[:focus-visible]:outline-offset-2`}
    >
      <input
        type="radio"
        name="cut"
        aria-label={title}
        aria-describedby={`stands-${page.cut}`}
        checked={chosen}
        onChange={props.onChoose}
        className="absolute inset-0 size-full cursor-pointer opacity-0"
      />
      {page.outline ? <Picture of={page.outline} height={132} /> : <span className="h-[132px]" />}
      <span className="flex items-end justify-between gap-2">
        <span className="min-w-0">
          <span className="block font-head font-semibold text-lead">{title}</span>
          <span id={`stands-${page.cut}`} className={`block text-small leading-tight ${verdictColour(stands.verdict)}`}>
            {stands.says}
          </span>
        </span>
        <span className="-mr-4 shrink-0">
          <Plumb
            verdict={stands.verdict}
            lean={stands.verdict === 'off' ? 22 : stands.verdict === 'watch' ? 12 : 0}
            height={38}
          />
        </span>
      </span>
    </label>
  );
}
