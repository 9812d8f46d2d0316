import { Link } from 'react-router';

export type Station = 'measure' | 'draft' | 'true' | 'cut' | 'make' | 'fit';

const MARKS: { id: Station; title: string }[] = [
  { id: 'measure', title: 'Measure' },
  { id: 'draft', title: 'Draft' },
  { id: 'true', title: 'True' },
  { id: 'cut', title: 'Cut' },
  { id: 'make', title: 'Make' },
  { id: 'fit', title: 'Fit' },
];

/** The tape across the top: the six stations are its marks, the current one under the pointer. */
export function TapeBar(props: { at?: Station; to: (station: Station) => string | null }) {
  return (
    <nav aria-label="Stations" className="relative mx-auto hidden h-11 min-w-0 max-w-[640px] flex-1 md:block">
      <div aria-hidden="true" className="absolute inset-y-1 left-0 w-3.5 rounded-l-[3px] bg-brass" />
      <div aria-hidden="true" className="absolute inset-y-1 right-0 w-3.5 rounded-r-[3px] bg-brass" />
      <div aria-hidden="true" className="absolute inset-x-3.5 inset-y-1 border-tape-deep border-y bg-tape">
        <svg width="100%" height="10" className="block text-ink/70" aria-hidden="true">
          <defs>
            <pattern id="tape-ticks" width="100" height="10" patternUnits="userSpaceOnUse">
              {[0, 12.5, 25, 37.5, 50, 62.5, 75, 87.5].map((x) => (
                <path key={x} d={`M${x + 0.5} 0v${x === 0 ? 9 : x === 50 ? 7 : 4.5}`} stroke="currentColor" />
              ))}
            </pattern>
          </defs>
          <rect width="100%" height="10" fill="url(#tape-ticks)" />
        </svg>
      </div>
      <ol className="absolute inset-x-3.5 inset-y-0 flex">
        {MARKS.map((mark, i) => {
          const current = mark.id === props.at;
          const to = props.to(mark.id);
          const face = (
            <>
              <span className="hidden text-small opacity-80 lg:inline">{i + 1}</span> {mark.title}
            </>
          );
          return (
            <li key={mark.id} className="relative flex-1">
              {to ? (
                <Link
                  to={to}
                  aria-current={current ? 'page' : undefined}
                  className={`flex h-11 items-end justify-center gap-1 pb-2 font-head font-medium ${
                    current ? 'bg-ink text-card' : 'text-ink hover:underline'
                  }`}
                >
                  {face}
                </Link>
              ) : (
                <span className="flex h-11 items-end justify-center gap-1 pb-2 font-head text-ink/75">{face}</span>
              )}
              {current && (
                <span
                  aria-hidden="true"
                  className={`absolute top-11 left-1/2 -translate-x-1/2 border-x-8 border-x-transparent border-t-8
                    border-t-ink`}
                />
              )}
            </li>
          );
        })}
      </ol>
    </nav>
  );
}
