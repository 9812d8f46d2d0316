import { Link } from 'react-router';
import type { Fitting } from '../api/client';
import { useUnit } from '../tape/unit';

/** What earlier fittings said, the newest first. */
export function FittingLog({ fittings, ticket }: { fittings: Fitting[]; ticket: string }) {
  const unit = useUnit();
  if (fittings.length === 0) return null;
  return (
    <section>
      <h2 className="font-semibold text-lead">Earlier fittings</h2>
      <ul className="mt-1 flex flex-col gap-2">
        {fittings.map((f) => (
          <li key={f.id} className="rounded-card border border-line bg-card p-3">
            <p className="font-medium">{f.seen}</p>
            <p className="text-soft">{f.correction}</p>
            {f.note && <p className="text-soft">“{f.note}”</p>}
            <p className="mt-1 flex flex-wrap justify-between gap-x-3 text-small text-soft">
              <span>
                {unit.shortDay(f.madeAt)}, {f.madeBy}
              </span>
              <Link
                to={`/tickets/${ticket}/compare?ink=rev:${f.before}&over=rev:${f.after}`}
                className="font-semibold text-brass-deep underline"
              >
                revision {f.before} and {f.after}
              </Link>
            </p>
          </li>
        ))}
      </ul>
    </section>
  );
}
