import { api, unwrap } from '../api/client';
import type { Schemas } from '../api/client';
import type { Spot } from '../api/queries';

/** What somebody wants done; `only`: in the configuration looked at alone. */
export interface Edit {
  request: Schemas['EditRequest'];
  only: boolean;
}

/** Everything that changes a build or what is said of its findings. */
export type Act =
  | ({ kind: 'edit' } & Edit)
  | { kind: 'undo'; anyway: boolean }
  | { kind: 'redo' }
  | { kind: 'back'; seq: number }
  | { kind: 'read'; finding: string }
  | { kind: 'waive'; finding: string; reason: string }
  | { kind: 'withdraw'; finding: string };

/** Sends an act; what changes a build names the revision it was meant for and answers with the build as it then stands. */
export async function send(spot: Spot, revision: number, act: Act): Promise<Schemas['Bench'] | undefined> {
  const params = { path: { job: spot.job, build: spot.build } };
  const at = { revision, configuration: spot.configuration, lens: spot.lens };
  const job = { params: { path: { job: spot.job } } };
  switch (act.kind) {
    case 'edit':
      return unwrap(
        await api.POST('/api/jobs/{job}/builds/{build}/edits', {
          params,
          body: { ...at, only: act.only, request: act.request },
        }),
      );
    case 'undo':
      return unwrap(
        await api.POST('/api/jobs/{job}/builds/{build}/undo', { params, body: { ...at, anyway: act.anyway } }),
      );
    case 'back':
      return unwrap(await api.POST('/api/jobs/{job}/builds/{build}/back', { params, body: { ...at, seq: act.seq } }));
    case 'redo':
      return unwrap(await api.POST('/api/jobs/{job}/builds/{build}/redo', { params, body: { ...at, anyway: false } }));
    case 'read':
      unwrap(await api.POST('/api/jobs/{job}/reads', { ...job, body: { finding: act.finding } }));
      return undefined;
    case 'waive':
      unwrap(await api.POST('/api/jobs/{job}/waivers', { ...job, body: { finding: act.finding, reason: act.reason } }));
      return undefined;
    case 'withdraw':
      unwrap(await api.POST('/api/jobs/{job}/waivers/withdraw', { ...job, body: { finding: act.finding } }));
      return undefined;
  }
}
