import { useMutation, useMutationState, useQueryClient } from '@tanstack/react-query';
import { App } from 'antd';
import { api, unwrap } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { jobQuery, keys } from '../../shared/api/queries';
import type { Spot } from '../../shared/api/queries';
import { queueOf } from '../../shared/job/useActs';
import { devicesWith, withState } from './states';
import type { StatePut } from './states';

/** Writes what a device does in a block into the brief, one after the other, each into the brief as it stands by then. */
export function useDayStates(spot: Spot) {
  const client = useQueryClient();
  const { message } = App.useApp();
  const mutationKey = ['day', spot.job, spot.build];
  const mutation = useMutation({
    ...queueOf(spot.job),
    mutationKey,
    mutationFn: async (put: StatePut) => {
      const before = await client.ensureQueryData(jobQuery(spot.job));
      const { asks } = before.brief;
      const day = withState(asks.shoot.day, put.block, spot.build, put.part, put.state);
      const brief = { ...before.brief, asks: { ...asks, shoot: { ...asks.shoot, day } } };
      return unwrap(
        await api.PUT('/api/jobs/{job}/brief', {
          params: { path: { job: spot.job } },
          body: { revision: before.revision, brief },
        }),
      );
    },
    onSuccess: (next) => client.setQueryData(jobQuery(spot.job).queryKey, next),
    onError: (e) => void message.error(e.message, 6),
    // On its way until the day has been worked out anew: what was chosen stands in the meantime.
    onSettled: () => client.invalidateQueries({ queryKey: keys.job(spot.job) }),
  });
  const pending = useMutationState({
    filters: { mutationKey, status: 'pending' },
    select: (m) => m.state.variables as StatePut,
  });
  return {
    put: (block: number, part: string, state: StatePut['state']) => mutation.mutate({ block, part, state }),
    shown: (devices: Schemas['DeviceDay'][], day: readonly Schemas['DayBlock'][]) => devicesWith(devices, day, pending),
  };
}
