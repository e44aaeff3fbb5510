import { QueryClient, useQueryClient } from '@tanstack/react-query';
import { useCallback, useSyncExternalStore } from 'react';
import { Problem } from './client';

/** Whether asking again later will do: the server or its database cannot be reached, or too many ask. */
export const isAway = (error: Error): boolean =>
  error instanceof Problem
    ? error.status === 503 || error.status === 502 || error.status === 504
    : error instanceof TypeError;

const inWords = (error: Error) =>
  error instanceof Problem && error.status === 503 ? error.message : 'The server cannot be reached just now.';

/**
 * Why something is not answered just now; empty when all is. What is asked or sent again and again says so for as long
 * as it is on its way, whatever else is answered meanwhile; what was given up, until something else is answered.
 */
export function whyAway(client: QueryClient): string {
  const queries = client.getQueryCache().getAll();
  const mutations = client.getMutationCache().getAll();
  const going = [
    ...queries.filter((q) => q.state.fetchStatus !== 'idle').map((q) => q.state.fetchFailureReason),
    ...mutations.filter((m) => m.state.status === 'pending').map((m) => m.state.failureReason),
  ];
  const answered = Math.max(
    0,
    ...queries.map((q) => q.state.dataUpdatedAt),
    ...mutations.filter((m) => m.state.status === 'success').map((m) => m.state.submittedAt),
  );
  const givenUp = mutations
    .filter((m) => m.state.status === 'error' && m.state.submittedAt >= answered)
    .map((m) => m.state.error);
  const away = [...going, ...givenUp].find((e) => e !== null && isAway(e));
  return away ? inWords(away) : '';
}

export function useAway(): string {
  const client = useQueryClient();
  const subscribe = useCallback(
    (listener: () => void) => {
      const ends = [client.getQueryCache().subscribe(listener), client.getMutationCache().subscribe(listener)];
      return () => ends.forEach((end) => end());
    },
    [client],
  );
  return useSyncExternalStore(subscribe, () => whyAway(client));
}

export const AGAIN_MS = 2_000;

/** Asks again while the server is away, as long as that takes. */
export const untilBack = (_: number, error: Error): boolean => isAway(error);

/** What has come is shown while it is asked for again; no question is given up because the server was away. */
export function houseClient(): QueryClient {
  return new QueryClient({
    defaultOptions: {
      // A house's own net may well be there while the browser thinks that it is off line.
      queries: { retry: untilBack, retryDelay: AGAIN_MS, staleTime: 2_000, networkMode: 'always' },
      mutations: { networkMode: 'always' },
    },
  });
}
