import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import { api, unwrap } from './client';
import type { Schemas } from './client';

/** What is tried on a day of cards without storing it. */
export interface MediaTry {
  moreCards: number;
  fewerSlots: number;
}

export const mediaQuery = (job: string, tried: MediaTry) =>
  queryOptions({
    queryKey: ['job', job, 'media', tried] as const,
    queryFn: async () =>
      unwrap(await api.GET('/api/jobs/{job}/media', { params: { path: { job }, query: { ...tried } } })),
    placeholderData: keepPreviousData,
  });

export const rollsQuery = (job: string) =>
  queryOptions({
    queryKey: ['job', job, 'rolls'] as const,
    queryFn: async () => unwrap(await api.GET('/api/jobs/{job}/rolls', { params: { path: { job } } })),
  });

/** A card goes in, or a roll goes on by a stage; the whole log as it is then. */
export const sendRoll = async (job: string, act: RollAct) =>
  'card' in act
    ? unwrap(await api.POST('/api/jobs/{job}/rolls', { params: { path: { job } }, body: act }))
    : unwrap(
        await api.POST('/api/jobs/{job}/rolls/{roll}', {
          params: { path: { job, roll: act.roll } },
          body: { id: act.id, stage: act.stage },
        }),
      );

export type RollAct = Schemas['NewRoll'] | (Schemas['RollMove'] & { roll: string });
