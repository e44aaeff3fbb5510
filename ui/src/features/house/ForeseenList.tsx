import { Link } from 'react-router';
import type { Schemas } from '../../shared/api/client';
import { counted } from '../../shared/format/units';
import { ForeseenJob } from '../../shared/job/ForeseenJob';

/** What another figure would come to in the open jobs. */
export function ForeseenList({ foreseen: f }: { foreseen: Schemas['Foreseen'] }) {
  const looked = f.judged < f.open ? `the ${f.judged} of ${f.open} open jobs that load out first` : 'the open jobs';
  if (f.changed.length === 0) {
    return (
      <p className="mark met" role="status">
        Of {looked} none would change.
      </p>
    );
  }
  return (
    <div className="foreseen" role="status">
      <p>
        Of {looked}, {counted(f.changed.length, 'would change', 'would change')}. Nothing is stored yet.
      </p>
      <ul>
        {f.changed.map((job) => (
          <li key={job.id}>
            <Link to={`/jobs/${job.id}/bench`}>{job.title}</Link> <ForeseenJob of={job} />
          </li>
        ))}
      </ul>
    </div>
  );
}
