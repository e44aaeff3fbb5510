import { App } from 'antd';
import { useQueryClient } from '@tanstack/react-query';
import { api, unwrap } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';

type Standing = Schemas['PartSheet']['standing'];

export const STANDINGS: { value: Standing; label: string }[] = [
  { value: 'OFFERED', label: 'offered' },
  { value: 'HELD', label: 'held: to be looked over' },
  { value: 'RETIRED', label: 'retired' },
];

export const NOT_OFFERED = {
  HELD: 'held: not offered until somebody has looked it over',
  RETIRED: 'retired: not offered for new work',
} as const;

/** The id of a part, whatever its revision. */
export const idOf = (ref: string) => ref.slice(0, ref.lastIndexOf('@'));

/** Offers parts for new work, or retires them; what is built of them stays. */
export function useStanding() {
  const { message } = App.useApp();
  const client = useQueryClient();
  return (ids: string[], standing: Standing) => {
    void (async () => {
      try {
        unwrap(await api.POST('/api/catalogue/standing', { body: { ids, standing } }));
        await client.invalidateQueries({ queryKey: ['catalogue'] });
      } catch (e) {
        void message.error(e instanceof Error ? e.message : 'The parts could not be changed.');
      }
    })();
  };
}
