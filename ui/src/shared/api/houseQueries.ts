import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import { api, unwrap } from './client';
import type { Schemas } from './client';
import type { ViewName } from './queries';

export interface CatalogueQuestion {
  search: string;
  look: string;
  category: Schemas['PartSheet']['category'] | '';
  standard: string;
  standing: Schemas['PartSheet']['standing'] | '';
  sort: string;
  down: boolean;
  from: number;
}

export const catalogueQuery = (q: CatalogueQuestion) =>
  queryOptions({
    queryKey: ['catalogue', 'list', q] as const,
    queryFn: async () =>
      unwrap(
        await api.GET('/api/catalogue', {
          params: { query: { ...q, category: q.category || undefined, standing: q.standing || undefined } },
        }),
      ),
    placeholderData: keepPreviousData,
  });

export const partQuery = (ref: string) =>
  queryOptions({
    queryKey: ['catalogue', 'part', ref] as const,
    queryFn: async () => unwrap(await api.GET('/api/catalogue/parts/{ref}', { params: { path: { ref } } })),
  });

export const crossFitQuery = (ref: string) =>
  queryOptions({
    queryKey: ['catalogue', 'cross-fit', ref] as const,
    queryFn: async () => unwrap(await api.GET('/api/catalogue/parts/{ref}/cross-fit', { params: { path: { ref } } })),
  });

export const partDrawingQuery = (ref: string, view: ViewName) =>
  queryOptions({
    queryKey: ['catalogue', 'drawing', ref, view] as const,
    queryFn: async () =>
      unwrap(await api.GET('/api/catalogue/parts/{ref}/drawing', { params: { path: { ref }, query: { view } } })),
    staleTime: Infinity,
  });

export const partTextQuery = (ref: string) =>
  queryOptions({
    queryKey: ['catalogue', 'text', ref] as const,
    queryFn: async () => unwrap(await api.GET('/api/catalogue/parts/{ref}/text', { params: { path: { ref } } })),
    staleTime: Infinity,
  });

/** What differs in a part from another. */
export const partDifferencesQuery = (ref: string, from: string) =>
  queryOptions({
    queryKey: ['catalogue', 'differences', ref, from] as const,
    queryFn: async () =>
      unwrap(await api.GET('/api/catalogue/parts/{ref}/differences', { params: { path: { ref }, query: { from } } })),
    staleTime: Infinity,
  });

/** What taking a part for another would come to in the jobs that have the other. */
export const uptakeQuery = (ref: string, of: string) =>
  queryOptions({
    queryKey: ['catalogue', 'uptake', ref, of] as const,
    queryFn: async () =>
      unwrap(await api.GET('/api/catalogue/parts/{ref}/uptake', { params: { path: { ref }, query: { of } } })),
  });

export const standardsQuery = queryOptions({
  queryKey: ['house', 'standards'] as const,
  queryFn: async () => unwrap(await api.GET('/api/house/standards')),
});

export const rulesQuery = queryOptions({
  queryKey: ['house', 'rules'] as const,
  queryFn: async () => unwrap(await api.GET('/api/house/rules')),
});

/** How a rule was set before, the last first. */
export const ruleHistoryQuery = (rule: Schemas['RuleLine']['rule']) =>
  queryOptions({
    queryKey: ['house', 'rules', rule] as const,
    queryFn: async () => unwrap(await api.GET('/api/house/rules/{rule}/history', { params: { path: { rule } } })),
  });

/** The house's answers, or those of a person who works otherwise. */
export const waysOf = (person: string) =>
  queryOptions({
    queryKey: ['house', 'ways', person] as const,
    queryFn: async () => unwrap(await api.GET('/api/house/ways', { params: { query: { person } } })),
  });

export const waysQuery = waysOf('');

export const operatorsQuery = queryOptions({
  queryKey: ['house', 'operators'] as const,
  queryFn: async () => unwrap(await api.GET('/api/house/operators')),
});

/** The ways of being worn that a job may begin with. */
export const wornQuery = queryOptions({
  queryKey: ['house', 'worn'] as const,
  queryFn: async () => unwrap(await api.GET('/api/worn')),
  staleTime: Infinity,
});

/** The kinds of part that can be made of measures. */
export const templatesQuery = queryOptions({
  queryKey: ['catalogue', 'maker', 'templates'] as const,
  queryFn: async () => unwrap(await api.GET('/api/catalogue/maker/templates')),
  staleTime: Infinity,
});
