import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import { api, unwrap } from './client';

/** The jobs of so many days, and what several of them want at once. */
export const calendarQuery = (from: string, days: number) =>
  queryOptions({
    queryKey: ['calendar', from, days] as const,
    queryFn: async () => unwrap(await api.GET('/api/calendar', { params: { query: { from, days } } })),
    placeholderData: keepPreviousData,
  });
