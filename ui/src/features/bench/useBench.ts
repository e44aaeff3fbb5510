import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo, useRef } from 'react';
import { api, unwrap } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { benchQuery, keys } from '../../shared/api/queries';
import type { Spot } from '../../shared/api/queries';
import type { Act, Edit } from '../../shared/job/acts';
import { useActs, usePending } from '../../shared/job/useActs';
import { withPending } from './pending';

type Bench = Schemas['Bench'];

const trial = async (spot: Spot, revision: number, edit: Edit): Promise<Bench> =>
  unwrap(
    await api.POST('/api/jobs/{job}/builds/{build}/trials', {
      params: { path: { job: spot.job, build: spot.build } },
      body: {
        revision,
        configuration: spot.configuration,
        lens: spot.lens,
        only: edit.only,
        request: edit.request,
      },
    }),
  );

/** What an edit would come to, asked for before anyone let go. */
interface Foresight {
  edit: Edit;
  revision: number;
  asking: boolean;
  bench?: Bench;
}

const same = (a: Edit, b: Edit) => a.only === b.only && JSON.stringify(a.request) === JSON.stringify(b.request);

/** The Bench's state and everything that changes it; a stale edit shows what stands now and changes nothing. */
export function useBench(spot: Spot, me: string, onShow: (configuration: string) => void) {
  const client = useQueryClient();
  // With another lens or configuration the old picture stands until the new one is there: keys go on working.
  const query = useQuery({ ...benchQuery(spot), placeholderData: keepPreviousData });
  const pending = usePending(spot);
  const foresight = useRef<Foresight>(undefined);
  const stands = () => client.getQueryData<Bench>(keys.bench(spot))?.revision ?? 0;
  const foreseen = (edit: Edit) => {
    const tried = foresight.current;
    return tried?.bench && tried.revision === stands() && same(tried.edit, edit) ? tried.bench : undefined;
  };
  const act = useActs(spot, {
    revision: query.data?.revision ?? 0,
    onAct: (asked) => {
      const bench = asked.kind === 'edit' && foreseen(asked);
      if (bench) client.setQueryData(keys.bench(spot), bench);
    },
    onMade: onShow,
  });
  const ask = (edit: Edit) => {
    const mine: Foresight = { edit, revision: stands(), asking: true };
    foresight.current = mine;
    return trial(spot, mine.revision, edit)
      .then((bench) => (mine.bench = bench))
      .catch(() => undefined)
      .finally(() => (mine.asking = false));
  };
  /** Asks ahead what an edit would come to; while one question is on its way, no other is asked. */
  const foresee = (edit: Edit) => {
    if (!foresight.current?.asking) void ask(edit);
  };
  /** Something was let go: what it comes to here is shown first, then the whole job is judged and the edit stored. */
  const drop = async (edit: Edit) => {
    if (!foreseen(edit)) await ask(edit);
    return act({ kind: 'edit', ...edit });
  };
  const bench = useMemo(() => query.data && withPending(query.data, pending, me), [query.data, pending, me]);
  return { query, bench, pending, act, foresee, drop };
}

/** What a component of the Bench asks for; whether it goes for this configuration alone, the Bench adds. */
export type Wanted = Exclude<Act, { kind: 'edit' }> | { kind: 'edit'; request: Edit['request'] };

export type DoAct = (act: Wanted) => void;
