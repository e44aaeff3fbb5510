import { Link } from 'react-router';
import type { Schemas } from '../../shared/api/client';
import { counted } from '../../shared/format/units';

const rest = (titles: readonly string[], count: number) =>
  titles.join('; ') + (count > titles.length ? `; and ${count - titles.length} more` : '');

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
            <Link to={`/jobs/${job.id}/bench`}>{job.title}</Link>{' '}
            {job.before === job.after ? (
              <span className="soft">{job.before}, as before</span>
            ) : (
              <>
                <span className="soft">{job.before}, then</span> <b>{job.after}</b>
              </>
            )}
            {job.raisedCount > 0 && <div className="mark caution">found: {rest(job.raised, job.raisedCount)}</div>}
            {job.clearedCount > 0 && <div className="mark met">gone: {rest(job.cleared, job.clearedCount)}</div>}
          </li>
        ))}
      </ul>
    </div>
  );
}
