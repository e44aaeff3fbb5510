import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense } from 'react';
import { Navigate, Route, Routes, useLocation } from 'react-router';
import { sessionQuery } from '../api/queries';
import { JobsScreen } from '../screens/jobs';
import { SignInScreen } from '../screens/signin';
import { JobFrame } from './JobFrame';
import { Shell } from './Shell';
import { Waiting } from './Waiting';

const BriefScreen = lazy(async () => ({ default: (await import('../screens/brief')).BriefScreen }));
const BenchScreen = lazy(async () => ({ default: (await import('../screens/bench')).BenchScreen }));
const DispatchScreen = lazy(async () => ({ default: (await import('../screens/dispatch')).DispatchScreen }));

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
        <Route path="*" element={<Navigate to="/sign-in" replace state={{ from: location.pathname + location.search }} />} />
      </Routes>
    );
  }
  return (
    <Suspense fallback={<Waiting />}>
      <Routes>
        <Route element={<Shell session={session.data} />}>
          <Route path="/jobs" element={<JobsScreen session={session.data} />} />
          <Route path="/jobs/:job" element={<JobFrame />}>
            <Route path="brief" element={<BriefScreen session={session.data} />} />
            <Route path="bench" element={<BenchScreen session={session.data} />} />
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
