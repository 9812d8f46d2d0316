import type { Notion } from '../api/client';
import { useUnit } from '../tape/unit';

/** What to lay out beside the cloth, each with how much of it. */
export function Notions(props: { of: Notion[] }) {
  const unit = useUnit();
  return (
    <ul>
      {props.of.map((n) => (
        <li key={n.id} className="flex justify-between gap-3 py-0.5">
          <span>
            {n.title}
            {n.kind && <span className="block text-small text-soft">{unit.words(n.kind)}</span>}
          </span>
          <span className="whitespace-nowrap font-medium">
            {n.count > 0
              ? n.count
              : n.width > 0
                ? `${unit.write(n.width)} × ${unit.write(n.length)}`
                : unit.write(n.length)}
          </span>
        </li>
      ))}
    </ul>
  );
}
