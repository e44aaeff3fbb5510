import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import { api, unwrap } from './client';
import type { Schemas } from './client';

/** What happens on the way out and back: tests, packing, return; and the pieces of the house. */

const of = (job: string, build: string) => ({ path: { job, build } });

export const testsQuery = (job: string, build: string) =>
  queryOptions({
    queryKey: ['job', job, 'tests', build] as const,
    queryFn: async () =>
      unwrap(await api.GET('/api/jobs/{job}/builds/{build}/tests', { params: { ...of(job, build), query: {} } })),
  });

export const sayFound = async (job: string, build: string, results: Schemas['Found'][]) =>
  unwrap(
    await api.POST('/api/jobs/{job}/builds/{build}/tests', {
      params: { ...of(job, build), query: {} },
      body: { results },
    }),
  );

export const leaveTestOut = async (job: string, build: string, left: Schemas['LeftOut']) =>
  unwrap(
    await api.POST('/api/jobs/{job}/builds/{build}/tests/left-out', {
      params: { ...of(job, build), query: {} },
      body: left,
    }),
  );

export const packingQuery = (job: string) =>
  queryOptions({
    queryKey: ['job', job, 'packing'] as const,
    queryFn: async () => unwrap(await api.GET('/api/jobs/{job}/packing', { params: { path: { job } } })),
  });

export const sendScans = async (job: string, scans: Schemas['Scan'][]) =>
  unwrap(await api.POST('/api/jobs/{job}/packing/scans', { params: { path: { job } }, body: { scans } }));

export type Condition = Schemas['PieceLine']['condition'];

export const piecesQuery = (text: string, condition: Condition | '', page: number) =>
  queryOptions({
    queryKey: ['stock', 'pieces', text, condition, page] as const,
    queryFn: async () =>
      unwrap(
        await api.GET('/api/stock/pieces', {
          params: { query: { text, page, ...(condition === '' ? {} : { condition }) } },
        }),
      ),
    placeholderData: keepPreviousData,
  });

/** Pieces of a type that may go and are with no job. */
export const readyPiecesQuery = (type: string) =>
  queryOptions({
    queryKey: ['stock', 'ready', type] as const,
    queryFn: async () => unwrap(await api.GET('/api/stock/types/{type}/ready', { params: { path: { type } } })),
  });

export const pieceQuery = (code: string) =>
  queryOptions({
    queryKey: ['stock', 'piece', code] as const,
    queryFn: async () => unwrap(await api.GET('/api/stock/pieces/{code}', { params: { path: { code } } })),
  });

export const changePiece = async (code: string, edit: Schemas['PieceEdit']) =>
  unwrap(await api.PUT('/api/stock/pieces/{code}', { params: { path: { code } }, body: edit }));

export const readPieces = async (text: string) => unwrap(await api.POST('/api/stock/pieces/read', { body: { text } }));

export const storePieces = async (text: string) =>
  unwrap(await api.POST('/api/stock/pieces/store', { body: { text } }));

export const instrumentsQuery = queryOptions({
  queryKey: ['instruments'] as const,
  queryFn: async () => unwrap(await api.GET('/api/instruments')),
  staleTime: 60_000,
});

/** Asks an instrument for a figure in a unit; what it says is kept by the house. */
export const readInstrument = async (id: string, unit: string) =>
  unwrap(await api.POST('/api/instruments/{id}/read', { params: { path: { id } }, body: { unit } }));

export const pretend = async (id: string, as: Schemas['Pretend']) =>
  unwrap(await api.PUT('/api/instruments/{id}/pretence', { params: { path: { id } }, body: as }));

/** Which papers of a job have something to tell. */
export const papersQuery = (job: string) =>
  queryOptions({
    queryKey: ['job', job, 'papers'] as const,
    queryFn: async () => unwrap(await api.GET('/api/jobs/{job}/papers', { params: { path: { job } } })),
  });
