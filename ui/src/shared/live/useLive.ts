import { useQueryClient } from '@tanstack/react-query';
import type { QueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { keys, refreshJob } from '../api/queries';
import { TAB } from './tab';

/** Somebody else who has the same job on a screen. */
export interface Here {
  tab: string;
  who: string;
  build: string;
}

interface Happening {
  job: string;
  who: string;
  tab: string;
}

export const hereKey = (job: string) => ['here', job] as const;

function listen(client: QueryClient, job: string, build: string): EventSource {
  const asked = new URLSearchParams({ tab: TAB, ...(job && { job, build }) });
  const source = new EventSource(`/api/events?${asked.toString()}`);
  const on = (name: string, tell: (data: string) => void) =>
    source.addEventListener(name, (e) => tell((e as MessageEvent<string>).data));
  let opened = false;
  on('open', () => {
    // What happened while the line was down was told to nobody.
    if (opened) void client.invalidateQueries();
    opened = true;
  });
  on('jobs', () => void client.invalidateQueries({ queryKey: keys.jobs }));
  on('rules', () => void client.invalidateQueries());
  on('job', (data) => {
    const others = (JSON.parse(data) as Happening[]).filter((h) => h.tab !== TAB);
    if (others.length > 0) refreshJob(client, job);
  });
  on('here', (data) => client.setQueryData(hereKey(job), JSON.parse(data) as Here[]));
  return source;
}

/** What others do is on this screen within a second, while somebody looks at it. A tab in the background hears nothing. */
export function useLive(job: string, build: string) {
  const client = useQueryClient();
  useEffect(() => {
    let source: EventSource | undefined;
    let missed = false;
    const look = () => {
      if (document.visibilityState === 'hidden') {
        source?.close();
        source = undefined;
        missed = true;
      } else if (!source) {
        source = listen(client, job, build);
        if (missed) void client.invalidateQueries();
      }
    };
    look();
    document.addEventListener('visibilitychange', look);
    return () => {
      document.removeEventListener('visibilitychange', look);
      source?.close();
      client.removeQueries({ queryKey: hereKey(job) });
    };
  }, [client, job, build]);
}
