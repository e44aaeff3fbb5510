import { useMutation, useMutationState, useQueryClient } from '@tanstack/react-query';
import type { QueryKey } from '@tanstack/react-query';
import { App } from 'antd';
import { AGAIN_MS, untilBack } from '../api/away';
import { Problem } from '../api/client';
import type { Schemas } from '../api/client';
import { keys, refreshJob } from '../api/queries';
import type { Spot } from '../api/queries';
import { send } from './acts';
import { useOfferAgain } from './useOfferAgain';
import type { Act } from './acts';

type Bench = Schemas['Bench'];

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
  /** The act made another configuration, which is to be shown; nobody is moved who has gone elsewhere meanwhile. */
  onMade?: (configuration: string) => void;
}

/** An act with where its asker stood: by the time it is sent, or answered, they may stand elsewhere. */
interface Asked {
  act: Act;
  spot: Spot;
  /** Of the build as they saw it. */
  revision: number;
  shown?: QueryKey;
}

/** The revision that the last act of this browser made of a build. */
const madeKey = (s: Spot) => ['made', s.job, s.build];

/** The queue through which Bench and Signal change a build. A refusal says why, and what stands now is shown. */
export function useActs(spot: Spot, { revision, shown, onAct, onMade }: Options) {
  const client = useQueryClient();
  const { message } = App.useApp();
  const offerAgain = useOfferAgain();
  const mutation = useMutation({
    ...queueOf(spot.job),
    // Each names the revision it is meant for: what arrived after all is not done twice.
    retry: untilBack,
    retryDelay: AGAIN_MS,
    onMutate: (asked: Asked) => {
      // An answer still on its way from before the act must not overwrite what the act brings.
      void client.cancelQueries({ queryKey: keys.bench(asked.spot) });
      onAct?.(asked.act);
    },
    mutationFn: ({ act, spot: at, revision: seen }: Asked) =>
      send(at, Math.max(seen, client.getQueryData<number>(madeKey(at)) ?? 0), act),
    onSuccess: (next, { spot: at }) => {
      if (!next) return;
      client.setQueryData(madeKey(at), next.revision);
      client.setQueryData(keys.bench({ ...at, configuration: next.configuration }), next);
      // Who came without naming a configuration sees this very one, under the question they asked.
      const seen = client.getQueryData<Bench>(keys.bench(at));
      if (seen?.configuration === next.configuration) client.setQueryData(keys.bench(at), next);
      if (next.configuration !== at.configuration && spot.configuration === at.configuration) {
        onMade?.(next.configuration);
      }
    },
    onError: (e, asked) => {
      const { act, spot: at } = asked;
      const newer = e instanceof Problem ? (e.newer as Bench | undefined) : undefined;
      if (newer) client.setQueryData(keys.bench(at), newer);
      if (newer && act.kind === 'edit')
        offerAgain(newer, () => mutation.mutate({ ...asked, revision: newer.revision }));
      else void message.error(e.message, 6);
    },
    onSettled: async (next, _, asked) => {
      // An act that is not answered with the build counts as on its way until the Bench has been read anew.
      const shown = asked.shown ?? (next ? undefined : keys.bench(asked.spot));
      if (shown) await client.invalidateQueries({ queryKey: shown });
      // What follows elsewhere is asked for once what the act did here is on the screen.
      afterPaint(() => refreshJob(client, spot.job, shown));
    },
  });
  return (act: Act) => mutation.mutateAsync({ act, spot, revision, shown });
}

/** Whether what an act changes is to be seen from a place. */
export function concerns({ act, spot: at }: Pick<Asked, 'act' | 'spot'>, here: Spot): boolean {
  if (at.build !== here.build) return false;
  return act.kind !== 'edit' || !act.only || at.configuration === here.configuration;
}

/** What is on its way to the server, in the order it was asked for: a screen shows it as if it stood. */
export function usePending(spot: Spot): Act[] {
  return useMutationState({
    filters: { mutationKey: queueOf(spot.job).mutationKey, status: 'pending' },
    select: (m) => m.state.variables as Asked,
  })
    .filter((asked) => concerns(asked, spot))
    .map((asked) => asked.act);
}
