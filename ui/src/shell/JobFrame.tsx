import { useQuery } from '@tanstack/react-query';
import { Link, NavLink, Outlet, useLocation, useParams } from 'react-router';
import { jobQuery } from '../shared/api/queries';
import { dayAndTime } from '../shared/format/units';
import { VerdictBadge } from '../shared/kit/VerdictBadge';
import { Waiting } from '../shared/kit/Waiting';

/** The line under the top bar that all screens of a job share. */
export function JobFrame() {
  const { job = '' } = useParams();
  const location = useLocation();
  const query = useQuery(jobQuery(job));
  if (query.isPending) return <Waiting />;
  if (query.isError) {
    return (
      <main className="page">
        <p className="error">{query.error.message}</p>
        <Link to="/jobs">Back to the jobs</Link>
      </main>
    );
  }
  const data = query.data;
  const keep = location.pathname.endsWith('/bench') ? location.search : '';
  return (
    <div className="jobframe">
      <div className="jobbar">
        <h1>{data.title}</h1>
        <span className="soft">loads out {dayAndTime(data.brief.load)}</span>
        <nav aria-label="Job">
          <NavLink to={`/jobs/${job}/brief`}>Brief</NavLink>
          <NavLink to={`/jobs/${job}/bench${keep}`}>Bench</NavLink>
          <NavLink to={`/jobs/${job}/power`}>Power</NavLink>
          <NavLink to={`/jobs/${job}/signal`}>Signal</NavLink>
          <NavLink to={`/jobs/${job}/changeover`}>Changeover</NavLink>
          <NavLink to={`/jobs/${job}/dispatch`}>Dispatch</NavLink>
        </nav>
        <span className="stage soft">{data.stage.toLowerCase()}</span>
        <VerdictBadge clear={data.clear} text={data.verdict} />
      </div>
      <Outlet />
    </div>
  );
}
