import { queryOptions } from '@tanstack/react-query';
import { api, unwrap } from './client';

export interface Spot {
  job: string;
  build: string;
  configuration: string;
  lens: string;
}

export type ViewName = 'LEFT' | 'RIGHT' | 'FRONT' | 'ABOVE';

/** One factory for every key, so that what changes together is found together. */
export const keys = {
  session: ['session'] as const,
  jobs: ['jobs'] as const,
  job: (job: string) => ['job', job] as const,
  bench: (s: Spot) => ['job', s.job, 'bench', s.build, s.configuration, s.lens] as const,
  drawing: (s: Spot, view: ViewName, revision: number) =>
    ['job', s.job, 'drawing', s.build, s.configuration, s.lens, view, revision] as const,
  dispatch: (job: string) => ['job', job, 'dispatch'] as const,
};

const place = (s: Spot) => ({ path: { job: s.job, build: s.build } });
const look = (s: Spot) => ({ configuration: s.configuration, lens: s.lens });

export const sessionQuery = queryOptions({
  queryKey: keys.session,
  queryFn: async () => unwrap(await api.GET('/api/session')),
  staleTime: 60_000,
});

export const jobsQuery = queryOptions({
  queryKey: keys.jobs,
  queryFn: async () => unwrap(await api.GET('/api/jobs')),
  refetchInterval: 15_000,
});

export const jobQuery = (job: string) =>
  queryOptions({
    queryKey: keys.job(job),
    queryFn: async () => unwrap(await api.GET('/api/jobs/{job}', { params: { path: { job } } })),
  });

export const benchQuery = (s: Spot) =>
  queryOptions({
    queryKey: keys.bench(s),
    queryFn: async () =>
      unwrap(await api.GET('/api/jobs/{job}/builds/{build}/bench', { params: { ...place(s), query: look(s) } })),
    refetchInterval: 10_000,
  });

export const drawingQuery = (s: Spot, view: ViewName, revision: number) =>
  queryOptions({
    queryKey: keys.drawing(s, view, revision),
    queryFn: async () =>
      unwrap(
        await api.GET('/api/jobs/{job}/builds/{build}/drawing', {
          params: { ...place(s), query: { ...look(s), view } },
        }),
      ),
    staleTime: 300_000,
  });

export const portsQuery = (s: Spot, revision: number) =>
  queryOptions({
    queryKey: ['job', s.job, 'ports', s.build, s.configuration, s.lens, revision] as const,
    queryFn: async () =>
      unwrap(await api.GET('/api/jobs/{job}/builds/{build}/ports', { params: { ...place(s), query: look(s) } })),
  });

export const fitQuery = (s: Spot, port: string, revision: number) =>
  queryOptions({
    queryKey: ['job', s.job, 'fit', s.build, s.configuration, s.lens, port, revision] as const,
    queryFn: async () =>
      unwrap(
        await api.GET('/api/jobs/{job}/builds/{build}/fit', { params: { ...place(s), query: { ...look(s), port } } }),
      ),
    enabled: port !== '',
  });

export const journalQuery = (s: Spot, revision: number) =>
  queryOptions({
    queryKey: ['job', s.job, 'journal', s.build, revision] as const,
    queryFn: async () => unwrap(await api.GET('/api/jobs/{job}/builds/{build}/journal', { params: place(s) })),
  });

export const dispatchQuery = (job: string) =>
  queryOptions({
    queryKey: keys.dispatch(job),
    queryFn: async () => unwrap(await api.GET('/api/jobs/{job}/dispatch', { params: { path: { job } } })),
  });
