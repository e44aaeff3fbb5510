import { Link, NavLink, Outlet, useParams, useSearchParams } from 'react-router';
import { useQuery } from '@tanstack/react-query';
import { jobQuery } from '../shared/api/queries';
import { dayAndTime } from '../shared/format/units';
import { stageText } from '../shared/job/stages';
import { addressOf } from '../shared/job/standpoint';
import { VerdictBadge } from '../shared/kit/VerdictBadge';
import { AlsoHere } from './AlsoHere';
import { Waiting } from '../shared/kit/Waiting';

/** The screens of a job, in the order of work; one stands in the same place on each. */
const SCREENS = [
  ['brief', 'Brief'],
  ['bench', 'Bench'],
  ['lenses', 'Lenses'],
  ['power', 'Power'],
  ['signal', 'Signal'],
  ['media', 'Media'],
  ['assembly', 'Assembly'],
  ['changeover', 'Changeover'],
  ['tests', 'Tests'],
  ['packing', 'Packing'],
  ['papers', 'Papers'],
  ['dispatch', 'Dispatch'],
] as const;

/** The line under the top bar that all screens of a job share. */
export function JobFrame() {
  const { job = '' } = useParams();
  const [asked] = useSearchParams();
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
  return (
    <div className="jobframe">
      <div className="jobbar">
        <h1>{data.title}</h1>
        <span className="soft loads-out">loads out {dayAndTime(data.brief.load)}</span>
        <nav aria-label="Job">
          {SCREENS.map(([screen, title]) => (
            <NavLink key={screen} to={addressOf(job, screen, asked)}>
              {title}
            </NavLink>
          ))}
        </nav>
        <AlsoHere job={job} bodies={data.builds} />
        <span className="stage soft">{stageText(data.stage)}</span>
        <VerdictBadge clear={data.clear} text={data.verdict} />
      </div>
      <Outlet />
    </div>
  );
}
