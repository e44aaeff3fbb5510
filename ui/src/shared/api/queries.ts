import { hashKey, infiniteQueryOptions, keepPreviousData, queryOptions } from '@tanstack/react-query';
import type { QueryClient, QueryKey } from '@tanstack/react-query';
import { untilBack } from './away';
import { api, unwrap } from './client';
import type { Schemas } from './client';

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

/** Answers whose question names the revision: another revision is another question. */
const ASKED_BY_REVISION = [
  'as-it-was',
  'as-it-was-drawing',
  'by-hand',
  'drawing',
  'journal',
  'fit',
  'lens-offers',
  'ports',
  'remedies',
];

/** Asks anew for everything of a job that may be another now, but for what is being looked after otherwise. */
export function refreshJob(client: QueryClient, job: string, but?: QueryKey) {
  void client.invalidateQueries({
    queryKey: keys.job(job),
    predicate: (q) => !ASKED_BY_REVISION.includes(String(q.queryKey[2])) && (!but || q.queryHash !== hashKey(but)),
  });
  void client.invalidateQueries({ queryKey: keys.jobs });
}

const place = (s: Spot) => ({ path: { job: s.job, build: s.build } });
const look = (s: Spot) => ({ configuration: s.configuration, lens: s.lens });

export const sessionQuery = queryOptions({
  queryKey: keys.session,
  queryFn: async () => unwrap(await api.GET('/api/session')),
  staleTime: 60_000,
});

/** The list of jobs a page at a time, newest load-out first; the search is the server's, so that no job hides on a later page. */
export const jobsQuery = (search: string, archived = false) =>
  infiniteQueryOptions({
    queryKey: [...keys.jobs, search, archived] as const,
    queryFn: async ({ pageParam }) =>
      unwrap(await api.GET('/api/jobs', { params: { query: { search, archived, page: pageParam } } })),
    initialPageParam: 0,
    getNextPageParam: (last) => ((last.page + 1) * last.size < last.total ? last.page + 1 : undefined),
    placeholderData: keepPreviousData,
    refetchInterval: 15_000,
  });

/** How far the judging anew of the open jobs is; asked often while there is something left. */
export const judgingQuery = queryOptions({
  queryKey: ['judging'] as const,
  queryFn: async () => unwrap(await api.GET('/api/judging')),
  refetchInterval: (q) => ((q.state.data?.left ?? 0) > 0 ? 1500 : 60_000),
});

export const jobQuery = (job: string) =>
  queryOptions({
    queryKey: keys.job(job),
    queryFn: async () => unwrap(await api.GET('/api/jobs/{job}', { params: { path: { job } } })),
  });

/** What a file brought to a job and nobody has taken yet. */
export const broughtQuery = (job: string) =>
  queryOptions({
    queryKey: ['job', job, 'brought'] as const,
    queryFn: async () => unwrap(await api.GET('/api/jobs/{job}/brought', { params: { path: { job } } })),
  });

export const benchQuery = (s: Spot) =>
  queryOptions({
    queryKey: keys.bench(s),
    queryFn: async () =>
      unwrap(await api.GET('/api/jobs/{job}/builds/{build}/bench', { params: { ...place(s), query: look(s) } })),
    refetchInterval: 10_000,
  });

/**
 * What mends a finding, tried when asked for; nobody waits for it once the build is another. The first way comes
 * sooner, without the others.
 */
export const remediesQuery = (job: string, finding: string, revision: number, first: boolean) =>
  queryOptions({
    queryKey: ['job', job, 'remedies', finding, revision, first] as const,
    queryFn: async ({ signal }) =>
      unwrap(
        await api.GET('/api/jobs/{job}/remedies', { params: { path: { job }, query: { finding, first } }, signal }),
      ),
    staleTime: Infinity,
    // Refused when the job moves on meanwhile: then the next question is about what stands now.
    retry: (count, error) => count < 2 || untilBack(count, error),
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

export const spaceQuery = (s: Spot, revision: number) =>
  queryOptions({
    queryKey: ['job', s.job, 'space', s.build, s.configuration, s.lens, revision] as const,
    queryFn: async () =>
      unwrap(await api.GET('/api/jobs/{job}/builds/{build}/space', { params: { ...place(s), query: look(s) } })),
    staleTime: 300_000,
  });

export const portsQuery = (s: Spot, revision: number) =>
  queryOptions({
    queryKey: ['job', s.job, 'ports', s.build, s.configuration, s.lens, revision] as const,
    queryFn: async () =>
      unwrap(await api.GET('/api/jobs/{job}/builds/{build}/ports', { params: { ...place(s), query: look(s) } })),
  });

/** What fits a port, forty at a time; each page comes with what its parts would do. */
export const fitQuery = (s: Spot, port: string, search: string, revision: number) =>
  infiniteQueryOptions({
    queryKey: ['job', s.job, 'fit', s.build, s.configuration, s.lens, port, search, revision] as const,
    queryFn: async ({ pageParam }) =>
      unwrap(
        await api.GET('/api/jobs/{job}/builds/{build}/fit', {
          params: { ...place(s), query: { ...look(s), port, search, from: pageParam } },
        }),
      ),
    initialPageParam: 0,
    getNextPageParam: (last) => (last.from + 40 < last.total ? last.from + 40 : undefined),
    enabled: port !== '',
  });

export type Deed = 'EXCHANGE' | 'MOVE' | 'INSERT' | 'CLOSE' | 'OPEN' | 'CARRY' | 'DUPLICATE' | 'OTHER_SIDE';

/** What may be done by hand with a part, and what each way would cost. */
export const handQuery = (s: Spot, part: string, deed: Deed, search: string, revision: number) =>
  queryOptions({
    queryKey: ['job', s.job, 'by-hand', s.build, s.configuration, s.lens, part, deed, search, revision] as const,
    queryFn: async () =>
      unwrap(
        await api.GET('/api/jobs/{job}/builds/{build}/by-hand', {
          params: { ...place(s), query: { ...look(s), part, deed, search } },
        }),
      ),
  });

/** Lenses that go on this body's mount. */
export const lensOffersQuery = (s: Spot, search: string, revision: number) =>
  queryOptions({
    queryKey: ['job', s.job, 'lens-offers', s.build, s.configuration, search, revision] as const,
    queryFn: async () =>
      unwrap(
        await api.GET('/api/jobs/{job}/builds/{build}/lens-offers', {
          params: { ...place(s), query: { ...look(s), search } },
        }),
      ),
    placeholderData: keepPreviousData,
  });

/** Who did what to a build, the latest first. */
export const journalQuery = (s: Spot, revision: number) =>
  queryOptions({
    queryKey: ['job', s.job, 'journal', s.build, revision] as const,
    queryFn: async () => unwrap(await api.GET('/api/jobs/{job}/builds/{build}/journal', { params: place(s) })),
  });

export const budgetQuery = (s: Spot, revision: number) =>
  queryOptions({
    queryKey: ['job', s.job, 'budget', s.build, s.configuration, s.lens, revision] as const,
    queryFn: async () =>
      unwrap(await api.GET('/api/jobs/{job}/builds/{build}/budget', { params: { ...place(s), query: look(s) } })),
  });

export const balanceQuery = (s: Spot, revision: number) =>
  queryOptions({
    queryKey: ['job', s.job, 'balance', s.build, s.configuration, s.lens, revision] as const,
    queryFn: async () =>
      unwrap(await api.GET('/api/jobs/{job}/builds/{build}/balance', { params: { ...place(s), query: look(s) } })),
  });

/** What is tried on a lens set without storing it: openings left out, boxes so much farther forward. */
export interface LensTry {
  without: readonly string[];
  boxMm: number;
  /** Types of the filters that are put in. */
  filters: readonly string[];
}

export const lensesQuery = (s: Spot, tried: LensTry) =>
  queryOptions({
    queryKey: ['job', s.job, 'lenses', s.build, s.configuration, tried] as const,
    queryFn: async () =>
      unwrap(
        await api.GET('/api/jobs/{job}/builds/{build}/lenses', {
          params: {
            ...place(s),
            query: { ...look(s), without: [...tried.without], boxMm: tried.boxMm, filters: [...tried.filters] },
          },
        }),
      ),
  });

export const assemblyQuery = (s: Spot, back = false) =>
  queryOptions({
    queryKey: ['job', s.job, 'assembly', s.build, s.configuration, s.lens, back] as const,
    queryFn: async () =>
      unwrap(
        await api.GET('/api/jobs/{job}/builds/{build}/assembly', {
          params: { ...place(s), query: { ...look(s), back } },
        }),
      ),
  });

/** Ticks of steps, or ticks taken back; the steps as they are then. */
export const tickSteps = async (s: Spot, ticks: Schemas['Tick'][]) =>
  unwrap(
    await api.POST('/api/jobs/{job}/builds/{build}/assembly/ticks', {
      params: { ...place(s), query: look(s) },
      body: { ticks },
    }),
  );

export const changeoversQuery = (job: string, build: string, lens: string) =>
  queryOptions({
    queryKey: ['job', job, 'changeovers', build, lens] as const,
    queryFn: async () =>
      unwrap(
        await api.GET('/api/jobs/{job}/builds/{build}/changeovers', {
          params: { path: { job, build }, query: { lens } },
        }),
      ),
  });

export const compareQuery = (s: Spot, other: string) =>
  queryOptions({
    queryKey: ['job', s.job, 'compare', s.build, s.configuration, s.lens, other] as const,
    queryFn: async () =>
      unwrap(
        await api.GET('/api/jobs/{job}/builds/{build}/compare', {
          params: { ...place(s), query: { ...look(s), with: other } },
        }),
      ),
    enabled: other !== '' && other !== s.configuration,
  });

export const ownPartsQuery = (s: Spot, revision: number) =>
  queryOptions({
    queryKey: ['job', s.job, 'own-parts', s.build, s.configuration, s.lens, revision] as const,
    queryFn: async () =>
      unwrap(await api.GET('/api/jobs/{job}/builds/{build}/own-parts', { params: { ...place(s), query: look(s) } })),
  });

export const handsQuery = (s: Spot, revision: number) =>
  queryOptions({
    queryKey: ['job', s.job, 'hands', s.build, s.configuration, s.lens, revision] as const,
    queryFn: async () =>
      unwrap(await api.GET('/api/jobs/{job}/builds/{build}/hands', { params: { ...place(s), query: look(s) } })),
  });

export const checksQuery = (job: string, revision: number) =>
  queryOptions({
    queryKey: ['job', job, 'checks', revision] as const,
    queryFn: async () => unwrap(await api.GET('/api/jobs/{job}/checks', { params: { path: { job } } })),
  });

export const leftQuery = (s: Spot, revision: number) =>
  queryOptions({
    queryKey: ['job', s.job, 'left', s.build, s.configuration, s.lens, revision] as const,
    queryFn: async () =>
      unwrap(await api.GET('/api/jobs/{job}/builds/{build}/left', { params: { ...place(s), query: look(s) } })),
  });

export const leftDrawingQuery = (s: Spot, id: number) =>
  queryOptions({
    queryKey: ['job', s.job, 'left-drawing', s.build, id] as const,
    queryFn: async () =>
      unwrap(
        await api.GET('/api/jobs/{job}/builds/{build}/left/{id}/drawing', {
          params: { path: { job: s.job, build: s.build, id }, query: look(s) },
        }),
      ),
    staleTime: Infinity,
  });

/** A build as it stood after an entry of its history, compared with another; 0 is before the first, or what stands. */
export const asItWasQuery = (s: Spot, seq: number, against: number, revision: number) =>
  queryOptions({
    queryKey: ['job', s.job, 'as-it-was', s.build, s.configuration, s.lens, seq, against, revision] as const,
    queryFn: async () =>
      unwrap(
        await api.GET('/api/jobs/{job}/builds/{build}/history/{seq}', {
          params: { path: { job: s.job, build: s.build, seq }, query: { ...look(s), against } },
        }),
      ),
  });

export const asItWasDrawingQuery = (s: Spot, seq: number, revision: number) =>
  queryOptions({
    queryKey: ['job', s.job, 'as-it-was-drawing', s.build, s.configuration, s.lens, seq, revision] as const,
    queryFn: async () =>
      unwrap(
        await api.GET('/api/jobs/{job}/builds/{build}/history/{seq}/drawing', {
          params: { path: { job: s.job, build: s.build, seq }, query: look(s) },
        }),
      ),
  });

/** What was decided on a job, the latest first. */
export const decisionsQuery = (job: string) =>
  queryOptions({
    queryKey: ['job', job, 'decisions'] as const,
    queryFn: async () => unwrap(await api.GET('/api/jobs/{job}/decisions', { params: { path: { job } } })),
  });

/** What someone tries on the Power screen. */
export interface PowerTry {
  battery: string;
  moreBatteries: number;
  moreBays: number;
}

export const powerQuery = (s: Spot, tried: PowerTry) =>
  queryOptions({
    queryKey: ['job', s.job, 'power', s.build, s.configuration, s.lens, tried] as const,
    queryFn: async () =>
      unwrap(
        await api.GET('/api/jobs/{job}/builds/{build}/power', {
          params: { ...place(s), query: { configuration: s.configuration, lens: s.lens, ...tried } },
        }),
      ),
  });

/** What may be plugged into an open socket. */
export const plugOffersQuery = (s: Spot, from: string) =>
  queryOptions({
    queryKey: ['job', s.job, 'plug-offers', s.build, s.configuration, s.lens, from] as const,
    queryFn: async () =>
      unwrap(
        await api.GET('/api/jobs/{job}/builds/{build}/signals/offers', {
          params: { ...place(s), query: { ...look(s), from } },
        }),
      ),
  });

export const signalQuery = (s: Spot) =>
  queryOptions({
    queryKey: ['job', s.job, 'signals', s.build, s.configuration, s.lens] as const,
    queryFn: async () =>
      unwrap(
        await api.GET('/api/jobs/{job}/builds/{build}/signals', {
          params: { ...place(s), query: { configuration: s.configuration, lens: s.lens } },
        }),
      ),
  });

export const dispatchQuery = (job: string) =>
  queryOptions({
    queryKey: keys.dispatch(job),
    queryFn: async () => unwrap(await api.GET('/api/jobs/{job}/dispatch', { params: { path: { job } } })),
  });
