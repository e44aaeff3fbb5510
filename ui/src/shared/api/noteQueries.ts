import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import type { Schemas } from './client';
import { api, unwrap } from './client';
import { keys } from './queries';

export const notesQuery = (text: string, settled: boolean, page: number) =>
  queryOptions({
    queryKey: ['notes', 'all', text, settled, page] as const,
    queryFn: async () => unwrap(await api.GET('/api/notes', { params: { query: { text, settled, page } } })),
    placeholderData: keepPreviousData,
  });

export const incidentsQuery = (page: number) =>
  queryOptions({
    queryKey: ['notes', 'incidents', page] as const,
    queryFn: async () => unwrap(await api.GET('/api/incidents', { params: { query: { page } } })),
    placeholderData: keepPreviousData,
  });

/** What is known of anything in a job. */
export const jobNotesQuery = (job: string) =>
  queryOptions({
    queryKey: [...keys.job(job), 'notes'] as const,
    queryFn: async () => unwrap(await api.GET('/api/jobs/{job}/notes', { params: { path: { job } } })),
  });

export const writeNote = async (note: Schemas['NewNote']) => unwrap(await api.POST('/api/notes', { body: note }));

export const settleNote = async (note: string, why: string) =>
  unwrap(await api.POST('/api/notes/{note}/settled', { params: { path: { note } }, body: { why } }));
