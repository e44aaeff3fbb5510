import { queryOptions } from '@tanstack/react-query';
import { api, unwrap } from './client';
import type { Schemas } from './client';
import { sendFile } from './sendFile';

export type Photo = Schemas['PhotoView'];

export const photosQuery = (job: string) =>
  queryOptions({
    queryKey: ['job', job, 'photos'] as const,
    queryFn: async () => unwrap(await api.GET('/api/jobs/{job}/photos', { params: { path: { job } } })),
    staleTime: 30_000,
  });

export const piecePhotosQuery = (code: string) =>
  queryOptions({
    queryKey: ['stock', 'photos', code] as const,
    queryFn: async () => unwrap(await api.GET('/api/stock/pieces/{code}/photos', { params: { path: { code } } })),
  });

export const bringPhoto = (job: string, id: string, of: string, file: File) =>
  sendFile<Photo[]>(`/api/jobs/${job}/photos/${id}?of=${encodeURIComponent(of)}`, file);

export const tellPhoto = async (job: string, photo: string, told: Schemas['PhotoTold']) =>
  unwrap(await api.PUT('/api/jobs/{job}/photos/{photo}', { params: { path: { job, photo } }, body: told }));

export const removePhoto = async (job: string, photo: string) =>
  unwrap(await api.DELETE('/api/jobs/{job}/photos/{photo}', { params: { path: { job, photo } } }));

export const pictureOf = (p: Photo, small: boolean): string =>
  `/api/jobs/${p.job}/photos/${p.id}/picture.jpg${small ? '?small=true' : ''}`;
