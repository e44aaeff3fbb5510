import createClient from 'openapi-fetch';
import type { components, paths } from './schema';

export type Schemas = components['schemas'];

/** A refusal in the server's words. `newer` is what stands now when someone else was first. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    detail: string,
    readonly newer?: unknown,
  ) {
    super(detail);
  }
}

function cookie(name: string): string {
  const hit = document.cookie.split('; ').find((c) => c.startsWith(`${name}=`));
  return hit ? decodeURIComponent(hit.slice(name.length + 1)) : '';
}

export function csrfHeader(): Record<string, string> {
  return { 'X-XSRF-TOKEN': cookie('XSRF-TOKEN') };
}

export const api = createClient<paths>({ baseUrl: '' });

api.use({
  onRequest({ request }) {
    if (request.method !== 'GET') request.headers.set('X-XSRF-TOKEN', cookie('XSRF-TOKEN'));
    return request;
  },
});

interface Answer<T> {
  data?: T;
  error?: unknown;
  response: Response;
}

/** The data of an answer, or its problem thrown. */
export function unwrap<T>({ data, error, response }: Answer<T>): T {
  if (response.ok) return data as T;
  throw problemOf(response.status, error);
}

export function problemOf(status: number, body: unknown): Problem {
  const detail =
    typeof body === 'object' && body !== null && 'detail' in body && typeof body.detail === 'string'
      ? body.detail
      : status === 401
        ? 'You are signed out.'
        : status === 403
          ? 'Your role does not allow this.'
          : 'The server did not answer as expected.';
  const newer = typeof body === 'object' && body !== null && 'newer' in body ? body.newer : undefined;
  return new Problem(status, detail, newer);
}
