import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { App } from 'antd';
import { useRef } from 'react';
import { api, Problem, unwrap } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { benchQuery, keys } from '../../shared/api/queries';
import type { Spot } from '../../shared/api/queries';
import type { Edit } from './logic';

type Bench = Schemas['Bench'];

type Act =
  | ({ kind: 'edit' } & Edit)
  | { kind: 'undo'; anyway: boolean }
  | { kind: 'redo' }
  | { kind: 'read'; finding: string }
  | { kind: 'waive'; finding: string; reason: string }
  | { kind: 'withdraw'; finding: string };

async function send(spot: Spot, revision: number, act: Act): Promise<Bench | undefined> {
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

const trial = async (spot: Spot, revision: number, edit: Edit): Promise<Bench> =>
  unwrap(
    await api.POST('/api/jobs/{job}/builds/{build}/trials', {
      params: { path: { job: spot.job, build: spot.build } },
      body: { revision, configuration: spot.configuration, lens: spot.lens, only: edit.only, request: edit.request },
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

/** Answers whose question names the revision: another revision is another question. */
const ASKED_BY_REVISION = ['drawing', 'fit', 'ports', 'remedies'];

/** Runs when the picture that is being made now has been shown. */
const afterPaint = (then: () => void) => requestAnimationFrame(() => setTimeout(then, 0));

/** The Bench's state and everything that changes it; a stale edit shows what stands now and changes nothing. */
export function useBench(spot: Spot, onShow: (configuration: string) => void) {
  const client = useQueryClient();
  const { message } = App.useApp();
  // With another lens or configuration the old picture stands until the new one is there: keys go on working.
  const query = useQuery({ ...benchQuery(spot), placeholderData: keepPreviousData });
  const foresight = useRef<Foresight>(undefined);
  const stands = () => client.getQueryData<Bench>(keys.bench(spot))?.revision ?? 0;
  const mutation = useMutation({
    // One edit after the other: the next names the revision that the last one made.
    scope: { id: `bench ${spot.job} ${spot.build}` },
    onMutate: (act: Act) => {
      // An answer still on its way from before the edit must not overwrite what the edit brings.
      void client.cancelQueries({ queryKey: keys.bench(spot) });
      const tried = foresight.current;
      if (act.kind === 'edit' && tried?.bench && tried.revision === stands() && same(tried.edit, act))
        client.setQueryData(keys.bench(spot), tried.bench);
    },
    mutationFn: (act: Act) => send(spot, stands(), act),
    onSuccess: (next) => {
      if (!next) return;
      client.setQueryData(keys.bench({ ...spot, configuration: next.configuration }), next);
      if (next.configuration !== spot.configuration) onShow(next.configuration);
    },
    onError: (e) => {
      if (e instanceof Problem && e.newer) client.setQueryData(keys.bench(spot), e.newer as Bench);
      void message.error(e.message, 6);
    },
    // What follows from the edit elsewhere is asked for once what it did here is on the screen.
    onSettled: () =>
      afterPaint(() => {
        void client.invalidateQueries({
          queryKey: keys.job(spot.job),
          predicate: (q) => !ASKED_BY_REVISION.includes(String(q.queryKey[2])),
        });
        void client.invalidateQueries({ queryKey: keys.jobs });
      }),
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
    const tried = foresight.current;
    if (!tried?.bench || tried.revision !== stands() || !same(tried.edit, edit)) await ask(edit);
    return mutation.mutateAsync({ kind: 'edit', ...edit });
  };
  return { query, busy: mutation.isPending, act: mutation.mutateAsync, foresee, drop };
}

/** What a component of the Bench asks for; whether it goes for this configuration alone, the Bench adds. */
export type Wanted = Exclude<Act, { kind: 'edit' }> | { kind: 'edit'; request: Edit['request'] };

export type DoAct = (act: Wanted) => void;
