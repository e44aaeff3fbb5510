import { MutationCache, QueryCache, QueryClient } from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';
import { Problem } from './client';

/** Why nothing is answered just now; empty while everything is. */
let told = '';
const listeners = new Set<() => void>();

function tell(words: string) {
  if (words === told) return;
  told = words;
  listeners.forEach((l) => l());
}

/** Whether asking again later will do: the server or its database cannot be reached, or too many ask. */
export const isAway = (error: Error): boolean =>
  error instanceof Problem
    ? error.status === 503 || error.status === 502 || error.status === 504
    : error instanceof TypeError;

const inWords = (error: Error) =>
  error instanceof Problem && error.status === 503 ? error.message : 'The server cannot be reached just now.';

export const useAway = () =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => told,
  );

export const AGAIN_MS = 2_000;

/** Asks again while the server is away, as long as that takes, and says so. */
export function untilBack(_: number, error: Error): boolean {
  if (!isAway(error)) return false;
  tell(inWords(error));
  return true;
}

/** What has come is shown while it is asked for again; no question is given up because the server was away. */
export function houseClient(): QueryClient {
  const back = () => tell('');
  return new QueryClient({
    queryCache: new QueryCache({ onSuccess: back }),
    mutationCache: new MutationCache({
      onSuccess: back,
      onError: (e) => (isAway(e) ? tell(inWords(e)) : back()),
    }),
    defaultOptions: {
      // A house's own net may well be there while the browser thinks that it is off line.
      queries: { retry: untilBack, retryDelay: AGAIN_MS, staleTime: 2_000, networkMode: 'always' },
      mutations: { networkMode: 'always' },
    },
  });
}
