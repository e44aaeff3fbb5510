import { infiniteQueryOptions, keepPreviousData, queryOptions } from '@tanstack/react-query';
import { api, unwrap } from './client';
import type { Schemas } from './client';

export const peopleQuery = queryOptions({
  queryKey: ['people'] as const,
  queryFn: async () => unwrap(await api.GET('/api/people')),
});

export type AuditKind = Schemas['AuditLine']['kind'] | '';

/** What was done here, the latest first, a hundred lines at a time. */
export const auditQuery = (search: string, kind: AuditKind) =>
  infiniteQueryOptions({
    queryKey: ['audit', search, kind] as const,
    queryFn: async ({ pageParam }) =>
      unwrap(
        await api.GET('/api/audit', { params: { query: { before: pageParam, search, kind: kind || undefined } } }),
      ),
    initialPageParam: 0,
    getNextPageParam: (last) => (last.length === 100 ? last.at(-1)?.seq : undefined),
    placeholderData: keepPreviousData,
  });

export const ownSessionsQuery = queryOptions({
  queryKey: ['own-sessions'] as const,
  queryFn: async () => unwrap(await api.GET('/api/me/sessions')),
});

/** Whether somebody is of a crew from outside and nothing else here. */
export const isCrew = (session: Schemas['Session']) => session.roles.every((r) => r === 'CREW');

export const crewQuery = (job: string) =>
  queryOptions({
    queryKey: ['job', job, 'crew'] as const,
    queryFn: async () => unwrap(await api.GET('/api/jobs/{job}/crew', { params: { path: { job } } })),
  });

export const remarksQuery = (job: string) =>
  queryOptions({
    queryKey: ['job', job, 'remarks'] as const,
    queryFn: async () => unwrap(await api.GET('/api/jobs/{job}/remarks', { params: { path: { job } } })),
  });
