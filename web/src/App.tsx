import { Navigate, Route, Routes } from 'react-router';
import { useSession } from './api/queries';
import { BenchSheet } from './bench/BenchSheet';
import { Book } from './book/Book';
import { PersonPage } from './book/PersonPage';
import { Compare } from './compare/Compare';
import { CutStation } from './cut/CutStation';
import { DraftStation } from './draft/DraftStation';
import { FitStation } from './fit/FitStation';
import { Waiting } from './kit/Waiting';
import { TicketMeasures } from './measure/TicketMeasures';
import { Rack } from './rack/Rack';
import { SignIn } from './signin/SignIn';
import { TrueStation } from './true/TrueStation';

export function App() {
  const session = useSession();
  if (session.isPending || session.isError) {
    return <Waiting error={session.error} again={() => session.refetch()} />;
  }
  if (session.data === null) return <SignIn />;
  return (
    <Routes>
      <Route path="/" element={<Rack />} />
      <Route path="/book" element={<Book />} />
      <Route path="/book/:person" element={<PersonPage />} />
      <Route path="/tickets/:ticket/measure" element={<TicketMeasures />} />
      <Route path="/tickets/:ticket/draft" element={<DraftStation />} />
      <Route path="/tickets/:ticket/true" element={<TrueStation />} />
      <Route path="/tickets/:ticket/compare" element={<Compare />} />
      <Route path="/tickets/:ticket/bench" element={<BenchSheet />} />
      <Route path="/tickets/:ticket/fit" element={<FitStation />} />
      <Route path="/tickets/:ticket/cut" element={<CutStation />} />
      <Route path="*" element={<Navigate to="/" replace />} />
    </Routes>
  );
}
