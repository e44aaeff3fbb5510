import { hashKey, useMutation, useMutationState, useQueryClient } from '@tanstack/react-query';
import type { QueryKey } from '@tanstack/react-query';
import { App } from 'antd';
import { Problem } from '../api/client';
import type { Schemas } from '../api/client';
import { keys } from '../api/queries';
import type { Spot } from '../api/queries';
import { send } from './acts';
import type { Act } from './acts';

type Bench = Schemas['Bench'];

/** Answers whose question names the revision: another revision is another question. */
const ASKED_BY_REVISION = ['drawing', 'fit', 'ports', 'remedies'];

/** Runs when the picture that is being made now has been shown. */
const afterPaint = (then: () => void) => requestAnimationFrame(() => setTimeout(then, 0));

/** All writes of a job stand in one queue, whichever screen they come from: each is meant for what the one before made. */
export const queueOf = (job: string) => ({ mutationKey: ['acts', job], scope: { id: `acts ${job}` } });

interface Options {
  /** The revision of the build that is on the screen. */
  revision: number;
  /** What the screen shows of the build; an act counts as on its way until this has been read anew. */
  shown?: QueryKey;
  /** Before an act is sent. */
  onAct?: (act: Act) => void;
  onDone?: (next: Bench) => void;
}

/** The queue through which Bench and Signal change a build. A refusal says why, and what stands now is shown. */
export function useActs(spot: Spot, { revision, shown, onAct, onDone }: Options) {
  const client = useQueryClient();
  const { message } = App.useApp();
  const made = ['made', spot.job, spot.build];
  return useMutation({
    ...queueOf(spot.job),
    onMutate: (act: Act) => {
      // An answer still on its way from before the act must not overwrite what the act brings.
      void client.cancelQueries({ queryKey: keys.bench(spot) });
      onAct?.(act);
    },
    mutationFn: (act: Act) => send(spot, Math.max(revision, client.getQueryData<number>(made) ?? 0), act),
    onSuccess: (next) => {
      if (!next) return;
      client.setQueryData(made, next.revision);
      client.setQueryData(keys.bench({ ...spot, configuration: next.configuration }), next);
      onDone?.(next);
    },
    onError: (e) => {
      if (e instanceof Problem && e.newer) client.setQueryData(keys.bench(spot), e.newer as Bench);
      void message.error(e.message, 6);
    },
    onSettled: async () => {
      if (shown) await client.invalidateQueries({ queryKey: shown });
      // What follows elsewhere is asked for once what the act did here is on the screen.
      afterPaint(() => {
        void client.invalidateQueries({
          queryKey: keys.job(spot.job),
          predicate: (q) =>
            !ASKED_BY_REVISION.includes(String(q.queryKey[2])) && (!shown || q.queryHash !== hashKey(shown)),
        });
        void client.invalidateQueries({ queryKey: keys.jobs });
      });
    },
  });
}

/** What is on its way to the server, in the order it was asked for: a screen shows it as if it stood. */
export function usePending<T = Act>(job: string): T[] {
  return useMutationState({
    filters: { mutationKey: queueOf(job).mutationKey, status: 'pending' },
    select: (m) => m.state.variables as T,
  });
}
