import { AGAIN_MS, untilBack } from './away';
import { Problem } from './client';
import type { Schemas } from './client';
import type { Mutation, QueryClient, QueryKey } from '@tanstack/react-query';
import { rollsQuery, sendRoll } from './mediaQueries';
import type { RollAct } from './mediaQueries';
import { assemblyQuery, sessionQuery, tickSteps } from './queries';
import type { Spot } from './queries';
import { packingQuery, sayFound, sendScans, testsQuery } from './wayQueries';

/**
 * What hands do at the bench and must not be lost: how each kind is sent, and what its answer is the whole of. One that
 * comes twice is known to the server by the ids in it.
 */
export const ACTS = {
  tick: {
    send: ({ spot, ticks }: { spot: Spot; ticks: Schemas['Tick'][] }) => tickSteps(spot, ticks),
    shownAs: ({ spot }: { spot: Spot }): QueryKey => assemblyQuery(spot).queryKey,
  },
  found: {
    send: ({ job, build, found }: { job: string; build: string; found: Schemas['Found'] }) =>
      sayFound(job, build, [found]),
    shownAs: ({ job, build }: { job: string; build: string }): QueryKey => testsQuery(job, build).queryKey,
  },
  scan: {
    send: ({ job, scan }: { job: string; scan: Schemas['Scan']; what: string }) => sendScans(job, [scan]),
    shownAs: ({ job }: { job: string }): QueryKey => packingQuery(job).queryKey,
  },
  roll: {
    send: ({ job, act }: { job: string; act: RollAct }) => sendRoll(job, act),
    shownAs: ({ job }: { job: string }): QueryKey => rollsQuery(job).queryKey,
  },
};

export type ActKind = keyof typeof ACTS;
export type ActOf<K extends ActKind> = Parameters<(typeof ACTS)[K]['send']>[0];
export type SheetOf<K extends ActKind> = Awaited<ReturnType<(typeof ACTS)[K]['send']>>;

/** An act on its way: who did it, so that it is never sent as anybody else's. */
export interface OnItsWay<Act> {
  id: string;
  who: string;
  act: Act;
}

const IN_ORDER = 'in order';
const STORED = 'harbor.act.';

/** By which acts that show in one place are told, and sent one after the other. */
export const actKey = (kind: ActKind, shownAs: QueryKey): QueryKey => [IN_ORDER, kind, ...shownAs];

export const isKept = (mutation: Mutation): boolean => mutation.options.mutationKey?.[0] === IN_ORDER;

/** How an act is sent, again and again while the server is away. */
export const sending = <Act>(kind: ActKind, shownAs: QueryKey) => ({
  mutationKey: actKey(kind, shownAs),
  scope: { id: actKey(kind, shownAs).join('/') },
  mutationFn: async ({ act }: OnItsWay<Act>) => (ACTS[kind].send as (act: Act) => Promise<unknown>)(act),
  retry: untilBack,
  retryDelay: AGAIN_MS,
});

/** Keeps acts on this device until they have arrived, so that a page that is loaded again sends them. */
export function keepActs(client: QueryClient, store: Storage): () => void {
  return client.getMutationCache().subscribe(({ mutation }) => {
    if (!mutation || !isKept(mutation)) return;
    const { status, variables, error } = mutation.state;
    const going = variables as OnItsWay<unknown> | undefined;
    if (!going) return;
    try {
      if (status === 'pending') {
        const kind = mutation.options.mutationKey?.[1];
        store.setItem(STORED + going.id, JSON.stringify({ ...going, kind, at: mutation.state.submittedAt }));
      } else if (status === 'success' || !(error instanceof Problem && error.status === 401)) {
        // Whoever was signed out meanwhile sends it when signed in again.
        store.removeItem(STORED + going.id);
      }
    } catch {
      // A device that keeps nothing: it is on its way all the same.
    }
  });
}

interface Stored extends OnItsWay<unknown> {
  kind: ActKind;
  at: number;
}

const isStored = (it: unknown): it is Stored =>
  typeof it === 'object' && it !== null && 'kind' in it && String(it.kind) in ACTS && 'who' in it && 'act' in it;

function stored(store: Storage): Stored[] {
  const all: Stored[] = [];
  for (let i = 0; i < store.length; i++) {
    const key = store.key(i);
    if (!key?.startsWith(STORED)) continue;
    try {
      const it: unknown = JSON.parse(store.getItem(key) ?? '');
      if (isStored(it)) all.push(it);
    } catch {
      // Not ours, or cut short: it stays where it is and is not sent.
    }
  }
  return all.sort((a, b) => a.at - b.at);
}

/** Sends what this person did here before the page was loaded, in the order in which it was done. */
export function sendKept(client: QueryClient, store: Storage, who: string, refused: (error: Error) => void) {
  const going = new Set(
    client
      .getMutationCache()
      .getAll()
      .map((m) => (m.state.variables as OnItsWay<unknown> | undefined)?.id),
  );
  for (const { kind, id, act, ...kept } of stored(store)) {
    if (kept.who !== who || going.has(id)) continue;
    const shownAs = (ACTS[kind].shownAs as (act: unknown) => QueryKey)(act);
    void client
      .getMutationCache()
      .build(client, { ...sending<unknown>(kind, shownAs), networkMode: 'always' })
      .execute({ id, who, act })
      .catch(refused)
      .finally(() => client.invalidateQueries({ queryKey: shownAs }));
  }
}

/** Who is signed in, as acts carry it. */
export const whoActs = (client: QueryClient): string => client.getQueryData(sessionQuery.queryKey)?.username ?? '';
