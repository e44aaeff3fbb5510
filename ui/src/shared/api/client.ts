import createClient from 'openapi-fetch';
import { TAB } from '../live/tab';
import type { components, paths } from './schema';

export type Schemas = components['schemas'];

/** What is wrong at one place of a request or file, as the server names places: `brief.asks.tapes[0]`. */
export interface Place {
  place: string;
  message: string;
}

/** A refusal in the server's words. `newer` is what stands now when someone else was first. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    detail: string,
    readonly newer?: unknown,
    readonly places: readonly Place[] = [],
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
    if (request.method !== 'GET') {
      request.headers.set('X-XSRF-TOKEN', cookie('XSRF-TOKEN'));
      request.headers.set('X-Harbor-Tab', TAB);
    }
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

const SAID_BY_STATUS: Record<number, string> = {
  401: 'You are signed out.',
  403: 'Your role does not allow this.',
};

/** The problem that an answer's body tells; any body, also none. */
export function problemOf(status: number, body: unknown): Problem {
  const told = typeof body === 'object' && body !== null ? (body as Record<string, unknown>) : {};
  const detail =
    typeof told.detail === 'string'
      ? told.detail
      : (SAID_BY_STATUS[status] ?? 'The server did not answer as expected.');
  const places = Array.isArray(told.places) ? (told.places as Place[]) : [];
  return new Problem(status, detail, told.newer, places);
}
