import { memo } from 'react';
import type { Draft, Remedy } from '../api/client';
import { useUnit } from '../tape/unit';

/** What is to be known of a draft, folded up until it is asked for; what would mend it is pressed there. */
export const Notices = memo(function Notices(props: { notices: Draft['notices']; onApply: (remedy: Remedy) => void }) {
  const unit = useUnit();
  return (
    <details className="group rounded-card border border-amber/60 bg-amber-wash">
      <summary
        className={`flex min-h-11 cursor-pointer list-none items-center justify-between px-3.5 font-semibold
        text-amber`}
      >
        {props.notices.length === 1 ? 'One thing to know' : `${props.notices.length} things to know`}
        <span aria-hidden="true" className="group-open:rotate-180">
          ▾
        </span>
      </summary>
      <ul className="flex max-h-64 flex-col gap-2 overflow-y-auto px-3.5 pb-3">
        {props.notices.map((n) => (
          <li key={n.id}>
            {unit.words(n.text)}
            {n.remedy && (
              <button
                type="button"
                className="block min-h-11 font-semibold text-brass-deep underline"
                onClick={() => n.remedy && props.onApply(n.remedy)}
              >
                {n.remedy.text}
              </button>
            )}
          </li>
        ))}
      </ul>
    </details>
  );
});
