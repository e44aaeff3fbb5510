import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, Problem, unwrap } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { jobQuery, keys } from '../../shared/api/queries';

type Job = Schemas['JobView'];

/** What may be done with the bodies of a job; each names the revision that it was meant for. */
export type BodyAct =
  | { kind: 'add'; title: string; item: string; like: string }
  | { kind: 'title'; build: string; title: string }
  | { kind: 'take-off' | 'put-back'; build: string };

async function send(job: string, revision: number, act: BodyAct): Promise<Job> {
  if (act.kind === 'add') {
    const { title, item, like } = act;
    return unwrap(
      await api.POST('/api/jobs/{job}/bodies', { params: { path: { job } }, body: { revision, title, item, like } }),
    );
  }
  const params = { path: { job, build: act.build } };
  if (act.kind === 'title') {
    return unwrap(
      await api.PUT('/api/jobs/{job}/bodies/{build}/title', { params, body: { revision, title: act.title } }),
    );
  }
  return act.kind === 'take-off'
    ? unwrap(await api.POST('/api/jobs/{job}/bodies/{build}/take-off', { params, body: { revision } }))
    : unwrap(await api.POST('/api/jobs/{job}/bodies/{build}/put-back', { params, body: { revision } }));
}

export function useBodies(job: Job) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (act: BodyAct) => send(job.id, job.revision, act),
    onSuccess: (next) => {
      client.setQueryData(jobQuery(job.id).queryKey, next);
      void client.invalidateQueries({ queryKey: keys.job(job.id) });
      void client.invalidateQueries({ queryKey: keys.jobs });
    },
    onError: (e) => {
      // Somebody was first: what stands now is shown, and the next press goes over that.
      if (e instanceof Problem && e.newer) client.setQueryData(jobQuery(job.id).queryKey, e.newer as Job);
    },
  });
}
