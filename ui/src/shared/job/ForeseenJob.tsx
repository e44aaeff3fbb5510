import type { Schemas } from '../api/client';

const all = (titles: readonly string[], count: number) =>
  titles.join('; ') + (count > titles.length ? `; and ${count - titles.length} more` : '');

/** What a change would come to in a job: its verdict before and after, what would be found and what would go. */
export function ForeseenJob({ of: job }: { of: Schemas['JobForeseen'] }) {
  return (
    <>
      {job.before === job.after ? (
        <span className="soft">{job.before}, as before</span>
      ) : (
        <span>
          <span className="soft">{job.before}, then</span> <b>{job.after}</b>
        </span>
      )}
      {job.raisedCount > 0 && <div className="mark caution">found: {all(job.raised, job.raisedCount)}</div>}
      {job.clearedCount > 0 && <div className="mark met">gone: {all(job.cleared, job.clearedCount)}</div>}
    </>
  );
}
