import { App, Button } from 'antd';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, unwrap } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { keys } from '../../shared/api/queries';

const WORDS = { MET: ['met', 'Met'], NOT_MET: ['stop', 'Not met'], UNDECIDED: ['caution', 'Undecided'] } as const;

/** The brief as demands that can be tested, each with what decides it. */
export function RequirementList({ job, edits }: { job: Schemas['JobView']; edits: boolean }) {
  const client = useQueryClient();
  const { message } = App.useApp();
  const tick = useMutation({
    mutationFn: async (findings: readonly string[]) => {
      for (const finding of findings) {
        unwrap(await api.POST('/api/jobs/{job}/ticks', { params: { path: { job: job.id } }, body: { finding } }));
      }
    },
    onError: (e) => message.error(e.message, 6),
    onSettled: () => client.invalidateQueries({ queryKey: keys.job(job.id) }),
  });
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
                {r.tickedBy.length > 0 && <div className="soft">ticked by {r.tickedBy.join(', ')}</div>}
                {edits && r.ticks.length > 0 && (
                  <Button
                    size="small"
                    className="noprint"
                    aria-label={`I have seen to it: ${r.text}`}
                    disabled={tick.isPending}
                    onClick={() => tick.mutate(r.ticks)}
                  >
                    I have seen to it
                  </Button>
                )}
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
