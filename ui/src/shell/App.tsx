import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense } from 'react';
import { Navigate, Route, Routes, useLocation } from 'react-router';
import { sessionQuery } from '../shared/api/queries';
import { SignInScreen } from '../features/signin';
import { Waiting } from '../shared/kit/Waiting';

// Who signs in waits for the sign-in alone.
const Shell = lazy(async () => ({ default: (await import('./Shell')).Shell }));
const JobFrame = lazy(async () => ({ default: (await import('./JobFrame')).JobFrame }));
const JobsScreen = lazy(async () => ({ default: (await import('../features/jobs')).JobsScreen }));
const BriefScreen = lazy(async () => ({ default: (await import('../features/brief')).BriefScreen }));
const BenchScreen = lazy(async () => ({ default: (await import('../features/bench')).BenchScreen }));
const DispatchScreen = lazy(async () => ({ default: (await import('../features/dispatch')).DispatchScreen }));
const PowerScreen = lazy(async () => ({ default: (await import('../features/power')).PowerScreen }));
const SignalScreen = lazy(async () => ({ default: (await import('../features/signal')).SignalScreen }));
const PapersScreen = lazy(async () => ({ default: (await import('../features/papers')).PapersScreen }));
const MediaScreen = lazy(async () => ({ default: (await import('../features/media')).MediaScreen }));
const LensesScreen = lazy(async () => ({ default: (await import('../features/lenses')).LensesScreen }));
const AssemblyScreen = lazy(async () => ({ default: (await import('../features/assembly')).AssemblyScreen }));
const TestsScreen = lazy(async () => ({ default: (await import('../features/tests')).TestsScreen }));
const PackingScreen = lazy(async () => ({ default: (await import('../features/packing')).PackingScreen }));
const NotesScreen = lazy(async () => ({ default: (await import('../features/notes')).NotesScreen }));
const CalendarScreen = lazy(async () => ({
  default: (await import('../features/calendar')).CalendarScreen,
}));
const StockScreen = lazy(async () => ({ default: (await import('../features/stock')).StockScreen }));
const ChangeoverScreen = lazy(async () => ({ default: (await import('../features/changeover')).ChangeoverScreen }));
const CatalogueScreen = lazy(async () => ({ default: (await import('../features/catalogue')).CatalogueScreen }));
const PartScreen = lazy(async () => ({ default: (await import('../features/catalogue')).PartScreen }));
const CompareScreen = lazy(async () => ({ default: (await import('../features/catalogue')).CompareScreen }));
const EditScreen = lazy(async () => ({ default: (await import('../features/catalogue')).EditScreen }));
const MakeScreen = lazy(async () => ({ default: (await import('../features/catalogue')).MakeScreen }));
const ImportScreen = lazy(async () => ({ default: (await import('../features/catalogue')).ImportScreen }));
const HouseScreen = lazy(async () => ({ default: (await import('../features/house')).HouseScreen }));
const PeopleScreen = lazy(async () => ({ default: (await import('../features/people')).PeopleScreen }));
const MeScreen = lazy(async () => ({ default: (await import('../features/people')).MeScreen }));
const JoinScreen = lazy(async () => ({ default: (await import('../features/people')).JoinScreen }));
const CalculatorsScreen = lazy(async () => ({ default: (await import('../features/calculators')).CalculatorsScreen }));

/** Where someone was going when they were asked to sign in. */
function cameFrom(state: unknown): string {
  const from = typeof state === 'object' && state !== null && 'from' in state ? String(state.from) : '';
  return from.startsWith('/') && !from.startsWith('//') ? from : '/jobs';
}

export function App() {
  const session = useQuery(sessionQuery);
  const location = useLocation();
  if (session.isPending) return <Waiting />;
  if (session.isError) return <p className="page error">The server cannot be reached. Reload in a moment.</p>;
  if (!session.data.signedIn) {
    return (
      <Routes>
        <Route path="/sign-in" element={<SignInScreen />} />
        <Route
          path="/join"
          element={
            <Suspense fallback={<Waiting />}>
              <JoinScreen />
            </Suspense>
          }
        />
        <Route
          path="*"
          element={<Navigate to="/sign-in" replace state={{ from: location.pathname + location.search }} />}
        />
      </Routes>
    );
  }
  return (
    <Suspense fallback={<Waiting />}>
      <Routes>
        <Route element={<Shell session={session.data} />}>
          <Route path="/jobs" element={<JobsScreen session={session.data} />} />
          <Route path="/catalogue" element={<CatalogueScreen session={session.data} />} />
          <Route path="/catalogue/compare" element={<CompareScreen />} />
          <Route path="/catalogue/import" element={<ImportScreen session={session.data} />} />
          <Route path="/catalogue/make" element={<MakeScreen session={session.data} />} />
          <Route path="/catalogue/edit" element={<EditScreen session={session.data} />} />
          <Route path="/catalogue/parts/:ref" element={<PartScreen session={session.data} />} />
          <Route path="/calendar" element={<CalendarScreen today={session.data.today} />} />
          <Route path="/stock" element={<StockScreen session={session.data} />} />
          <Route path="/notes" element={<NotesScreen session={session.data} />} />
          <Route path="/house" element={<HouseScreen session={session.data} />} />
          <Route path="/people" element={<PeopleScreen session={session.data} />} />
          <Route path="/me" element={<MeScreen session={session.data} />} />
          <Route path="/calculators" element={<CalculatorsScreen />} />
          <Route path="/jobs/:job" element={<JobFrame />}>
            <Route path="brief" element={<BriefScreen session={session.data} />} />
            <Route path="bench" element={<BenchScreen session={session.data} />} />
            <Route path="lenses" element={<LensesScreen />} />
            <Route path="power" element={<PowerScreen session={session.data} />} />
            <Route path="signal" element={<SignalScreen session={session.data} />} />
            <Route path="papers" element={<PapersScreen />} />
            <Route path="media" element={<MediaScreen session={session.data} />} />
            <Route path="assembly" element={<AssemblyScreen session={session.data} />} />
            <Route path="changeover" element={<ChangeoverScreen />} />
            <Route path="tests" element={<TestsScreen session={session.data} />} />
            <Route path="packing" element={<PackingScreen session={session.data} />} />
            <Route path="dispatch" element={<DispatchScreen session={session.data} />} />
            <Route index element={<Navigate to="brief" replace />} />
          </Route>
        </Route>
        <Route path="/sign-in" element={<Navigate to={cameFrom(location.state)} replace />} />
        <Route path="*" element={<Navigate to="/jobs" replace />} />
      </Routes>
    </Suspense>
  );
}
