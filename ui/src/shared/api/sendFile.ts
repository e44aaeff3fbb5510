import { csrfHeader, problemOf } from './client';

/** Sends a file's bytes and takes the answer or its problem. */
export async function sendFile<T>(path: string, file: File): Promise<T> {
  const answer = await fetch(path, {
    method: 'POST',
    body: file,
    headers: { ...csrfHeader(), 'Content-Type': 'application/octet-stream' },
  });
  const body: unknown = await answer.json().catch(() => null);
  if (!answer.ok) throw problemOf(answer.status, body);
  return body as T;
}
