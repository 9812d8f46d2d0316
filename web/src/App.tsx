import { lazy, Suspense, useEffect } from 'react';
import { Navigate, Route, Routes } from 'react-router';
import { useSession } from './api/queries';
import { Waiting } from './kit/Waiting';
import { TicketDesk, useDesk, useOutbox } from './tickets/TicketDesk';

// Stations are fetched when they are entered.
const SignIn = lazy(async () => ({ default: (await import('./signin/SignIn')).SignIn }));
const Rack = lazy(async () => ({ default: (await import('./rack/Rack')).Rack }));
const NewTicketPage = lazy(async () => ({ default: (await import('./cutbook/NewTicketPage')).NewTicketPage }));
const Book = lazy(async () => ({ default: (await import('./book/Book')).Book }));
const PersonPage = lazy(async () => ({ default: (await import('./book/PersonPage')).PersonPage }));
const YourWorkroom = lazy(async () => ({ default: (await import('./account/YourWorkroom')).YourWorkroom }));
const TicketMeasures = lazy(async () => ({ default: (await import('./measure/TicketMeasures')).TicketMeasures }));
const DraftStation = lazy(async () => ({ default: (await import('./draft/DraftStation')).DraftStation }));
const TrueStation = lazy(async () => ({ default: (await import('./true/TrueStation')).TrueStation }));
const Compare = lazy(async () => ({ default: (await import('./compare/Compare')).Compare }));
const BenchSheet = lazy(async () => ({ default: (await import('./bench/BenchSheet')).BenchSheet }));
const FitStation = lazy(async () => ({ default: (await import('./fit/FitStation')).FitStation }));
const CutStation = lazy(async () => ({ default: (await import('./cut/CutStation')).CutStation }));
const FullSize = lazy(async () => ({ default: (await import('./table/FullSize')).FullSize }));
const MakeStation = lazy(async () => ({ default: (await import('./make/MakeStation')).MakeStation }));

export function App() {
  const session = useSession();
  const desk = useDesk();
  const outbox = useOutbox();
  const account = session.data?.account?.id ?? null;
  useEffect(() => {
    if (account === null) return;
    void desk.resume();
    void outbox.resume();
  }, [account, desk, outbox]);
  if (session.isPending || session.isError) {
    return <Waiting error={session.error} again={() => session.refetch()} />;
  }
  if (!session.data.account) {
    return (
      <Suspense>
        <SignIn door={session.data} />
      </Suspense>
    );
  }
  return (
    <Suspense key={account} fallback={<Waiting />}>
      <Routes>
        <Route path="/" element={<Rack />} />
        <Route path="/new" element={<NewTicketPage />} />
        <Route path="/book" element={<Book />} />
        <Route path="/book/:person" element={<PersonPage />} />
        <Route path="/workroom" element={<YourWorkroom />} />
        <Route path="/tickets/:ticket" element={<TicketDesk />}>
          <Route path="measure" element={<TicketMeasures />} />
          <Route path="draft" element={<DraftStation />} />
          <Route path="true" element={<TrueStation />} />
          <Route path="compare" element={<Compare />} />
          <Route path="bench" element={<BenchSheet />} />
          <Route path="fit" element={<FitStation />} />
          <Route path="cut" element={<CutStation />} />
          <Route path="full-size" element={<FullSize />} />
          <Route path="make" element={<MakeStation />} />
          <Route index element={<Navigate to="draft" replace />} />
        </Route>
        <Route path="*" element={<Navigate to="/" replace />} />
      </Routes>
    </Suspense>
  );
}
