import { Link } from 'react-router';
import type { Schemas } from '../../shared/api/client';

const WORDS = { MET: ['met', 'Met'], NOT_MET: ['stop', 'Not met'], UNDECIDED: ['caution', 'Undecided'] } as const;

/** The brief as demands that can be tested, each with what decides it. */
export function RequirementList({ job }: { job: Schemas['JobView'] }) {
  const met = job.requirements.filter((r) => r.status === 'MET').length;
  return (
    <section className="requirements" aria-labelledby="requirements-title">
      <div className="head">
        <h2 id="requirements-title">What it asks of the gear</h2>
        <span className="num soft">
          {met} of {job.requirements.length} met
        </span>
      </div>
      <ul>
        {job.requirements.map((r) => {
          const [mark, word] = WORDS[r.status];
          return (
            <li key={r.id}>
              <span className={`mark ${mark}`}>{word}</span>
              <div>
                <strong>{r.text}</strong>
                <div className="soft">from {r.from}</div>
                {r.decidedBy.map((d) => (
                  <div key={d}>{d}</div>
                ))}
              </div>
            </li>
          );
        })}
      </ul>
      {job.idle.length > 0 && (
        <div className="idle">
          <h3>On the rig, and nothing relies on it</h3>
          <ul>
            {job.idle.map((i) => (
              <li key={`${i.build}/${i.placement}`}>
                <Link to={`/jobs/${job.id}/bench?build=${i.build}&part=${i.placement}`}>{i.title}</Link>
              </li>
            ))}
          </ul>
          <p className="soft">
            It serves no demand of the brief and carries, feeds or ties nothing. Leave it at home, or know why it goes.
          </p>
        </div>
      )}
      <Link className="noprint" to={`/jobs/${job.id}/bench`}>
        Go to the Bench to mend what is not met
      </Link>
    </section>
  );
}
