import { lazy, memo, type ReactNode, Suspense, useCallback, useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useConnectionLost } from '../api/connection';
import { useSession } from '../api/queries';
import { Find } from '../find/Find';
import { useUnit } from '../tape/unit';
import { Button } from './Button';
import { KeptHere } from './KeptHere';
import { useKeys } from './keys';
import { Segmented } from './Segmented';
import { type Station, TapeBar } from './TapeBar';
import { WhoFace } from './WhoFace';

// What is laid over the table is fetched when it is first asked for.
const WhoMenu = lazy(async () => ({ default: (await import('./WhoMenu')).WhoMenu }));
const SignOut = lazy(async () => ({ default: (await import('../account/SignOut')).SignOut }));
const KeyList = lazy(async () => ({ default: (await import('./KeyList')).KeyList }));

/** The stations with their keys. */
const STATIONS: [string, Station][] = [
  ['1', 'measure'],
  ['2', 'draft'],
  ['3', 'true'],
  ['4', 'cut'],
  ['5', 'make'],
  ['6', 'fit'],
];

const nowhere = () => null;

const TICKET_BAR = `relative z-20 flex min-h-14 flex-wrap items-center gap-x-5 gap-y-1 border-line border-b bg-wash
  px-5 py-1 md:flex-nowrap`;

/** The head of every page: the mark, the tape, the unit, find, and who is signed in. */
export function Shell(props: {
  at?: Station;
  to?: (station: Station) => string | null;
  bar?: ReactNode;
  children: ReactNode;
  fixed?: boolean;
}) {
  const to = props.to ?? nowhere;
  const unit = useUnit();
  const navigate = useNavigate();
  const [finding, setFinding] = useState(false);
  const [listing, setListing] = useState(false);
  const lost = useConnectionLost();
  const find = useCallback(() => setFinding(true), []);
  const list = useCallback(() => setListing(true), []);
  const pressed = useMemo(() => {
    const map: Record<string, () => void> = {
      u: unit.toggle,
      '/': find,
      '?': list,
      n: () => navigate('/new'),
    };
    for (const [key, station] of STATIONS) {
      const path = to(station);
      if (path) map[key] = () => navigate(path);
    }
    return map;
  }, [unit.toggle, to, navigate, find, list]);
  useKeys('page', pressed);
  return (
    <div className={props.fixed ? 'flex min-h-dvh flex-col md:h-dvh md:overflow-hidden' : 'flex min-h-dvh flex-col'}>
      <Head at={props.at} to={to} onFind={find} onKeys={list} />
      {lost && (
        <p role="alert" className="border-crimson/40 border-b bg-crimson-wash px-5 py-2 font-medium text-crimson">
          No connection to the workroom. What you typed is kept on this machine and will be saved when it answers again.
        </p>
      )}
      <KeptHere />
      {props.bar && <div className={`no-print painted-apart ${TICKET_BAR}`}>{props.bar}</div>}
      <main className={props.fixed ? 'flex min-h-0 flex-1 flex-col md:overflow-y-auto lg:overflow-hidden' : 'flex-1'}>
        {props.children}
      </main>
      {finding && <Find open onClose={() => setFinding(false)} />}
      <Suspense>{listing && <KeyList open onClose={() => setListing(false)} />}</Suspense>
    </div>
  );
}

/** The mark, the tape, the unit, find and who is signed in: the same for as long as one stands at one station. */
const Head = memo(function Head(props: {
  at?: Station;
  to: (station: Station) => string | null;
  onFind: () => void;
  onKeys: () => void;
}) {
  const { at, to, onFind, onKeys } = props;
  const unit = useUnit();
  return (
    <header
      className={`no-print painted-apart flex min-h-17 flex-wrap items-center gap-x-4 gap-y-2 border-line
      border-b px-5 py-2 md:flex-nowrap`}
    >
      <Link to="/" className="flex min-h-11 items-center gap-3 font-head font-semibold text-[1.25rem]">
        <Mark />
        <span className="md:sr-only xl:not-sr-only">Bright Plumb</span>
      </Link>
      <TapeBar at={at} to={to} />
      <div className="ml-auto flex shrink-0 items-center gap-3">
        <div className="w-24">
          <Segmented
            label="Unit"
            value={unit.shown}
            options={[
              { id: 'in', title: 'in' },
              { id: 'cm', title: 'cm' },
            ]}
            onChange={unit.setShown}
          />
        </div>
        <Button onClick={onFind}>
          Find <kbd className="hidden font-sans text-soft lg:inline">/</kbd>
        </Button>
        <Who onKeys={onKeys} />
      </div>
      <StationLinks at={at} to={to} />
    </header>
  );
});

function Mark() {
  return (
    <svg width="22" height="40" viewBox="0 0 22 40" aria-hidden="true">
      <path d="M2 3h18M11 3v18" stroke="var(--color-ink)" strokeWidth="2.5" strokeLinecap="round" />
      <path d="M11 19l6.5 9L11 38l-6.5-10z" fill="var(--color-brass)" />
    </svg>
  );
}

/** On a narrow screen the tape becomes plain links. */
function StationLinks(props: { at?: Station; to: (station: Station) => string | null }) {
  const links = STATIONS.map(([, s]) => [s, props.to(s)] as const).filter(([, to]) => to);
  if (links.length === 0) return null;
  return (
    <nav aria-label="Stations, small" className="flex w-full gap-1 md:hidden">
      {links.map(([station, to]) => (
        <Link
          key={station}
          to={to as string}
          aria-current={station === props.at ? 'page' : undefined}
          className={`flex min-h-11 flex-1 items-center justify-center rounded-field capitalize
            ${station === props.at ? 'bg-ink text-card' : 'bg-tape'}`}
        >
          {station}
        </Link>
      ))}
    </nav>
  );
}

/** Who is signed in; what can be done about it is fetched when the name is pressed. */
function Who({ onKeys }: { onKeys: () => void }) {
  const session = useSession();
  const [pressed, setPressed] = useState(false);
  const [leaving, setLeaving] = useState(false);
  const account = session.data?.account;
  if (!account) return null;
  const face = <WhoFace account={account} onClick={() => setPressed(true)} />;
  return pressed ? (
    <Suspense fallback={face}>
      <WhoMenu account={account} onKeys={onKeys} onSignOut={() => setLeaving(true)} />
      {leaving && <SignOut onStay={() => setLeaving(false)} />}
    </Suspense>
  ) : (
    face
  );
}
