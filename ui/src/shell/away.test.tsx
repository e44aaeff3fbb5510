import { QueryClientProvider, useMutation, useQuery } from '@tanstack/react-query';
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { Button } from 'antd';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { AGAIN_MS, houseClient, isAway, untilBack, whyAway } from '../shared/api/away';
import { Problem } from '../shared/api/client';
import { Away } from './Away';

function Screen({ ask, write }: { ask: () => Promise<string>; write: () => Promise<string> }) {
  const query = useQuery({ queryKey: ['jobs'], queryFn: ask });
  const mutation = useMutation({ mutationFn: write });
  return (
    <>
      <p>{query.data ?? 'waiting'}</p>
      {query.isError && <p>given up</p>}
      <Button onClick={() => mutation.mutate()}>Write</Button>
      <Away />
    </>
  );
}

describe('a server that is away', () => {
  afterEach(() => vi.useRealTimers());

  it('is asked again until it is back, and that is told meanwhile', async () => {
    vi.useFakeTimers({ shouldAdvanceTime: true });
    let away: Error | undefined = new Problem(503, 'The database does not answer just now.');
    const ask = vi.fn(() => (away ? Promise.reject(away) : Promise.resolve('five jobs')));
    render(
      <QueryClientProvider client={houseClient()}>
        <Screen ask={ask} write={() => Promise.reject(new Problem(503, 'Too many ask at once just now.'))} />
      </QueryClientProvider>,
    );
    expect((await screen.findByRole('alert')).textContent).toContain('The database does not answer just now.');
    away = new TypeError('fetch failed');
    await vi.advanceTimersByTimeAsync(9_000);
    expect(ask.mock.calls.length).toBeGreaterThan(3);
    expect(screen.getByRole('alert').textContent).toContain('The server cannot be reached just now.');
    away = undefined;
    await vi.advanceTimersByTimeAsync(2_100);
    expect(await screen.findByText('five jobs')).toBeTruthy();
    expect(screen.queryByRole('alert')).toBeNull();
    fireEvent.click(screen.getByText('Write'));
    await waitFor(() => expect(screen.getByRole('alert').textContent).toContain('Too many ask at once'));
    expect(screen.getByText('five jobs')).toBeTruthy();
  });

  it('is told while something done is not sent yet, though questions are answered', async () => {
    vi.useFakeTimers({ shouldAdvanceTime: true });
    const client = houseClient();
    const tick = { mutationFn: () => Promise.reject(new TypeError('fetch failed')), retry: untilBack };
    void client
      .getMutationCache()
      .build(client, { ...tick, retryDelay: AGAIN_MS })
      .execute(undefined);
    await vi.advanceTimersByTimeAsync(10);
    await client.fetchQuery({ queryKey: ['jobs'], queryFn: () => Promise.resolve('five jobs') });
    expect(whyAway(client)).toBe('The server cannot be reached just now.');
  });

  it('is told from one that refuses', () => {
    expect(isAway(new Problem(409, 'changed meanwhile'))).toBe(false);
    expect(isAway(new Problem(502, ''))).toBe(true);
    expect(isAway(new Error('a fault of ours'))).toBe(false);
  });
});
