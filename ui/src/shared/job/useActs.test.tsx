import { QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query';
import { act, fireEvent, renderHook, screen, waitFor } from '@testing-library/react';
import { App } from 'antd';
import type { ReactNode } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { api } from '../api/client';
import { keys } from '../api/queries';
import type { Spot } from '../api/queries';
import type { Act } from './acts';
import { concerns, useActs, usePending } from './useActs';

const studio: Spot = { job: 'kiln', build: 'a', configuration: 'studio', lens: 'l' };
const rain: Spot = { ...studio, configuration: 'rain' };
const set = (value: number, only = false): Act => ({
  kind: 'edit',
  only,
  request: { kind: 'SET', key: 'rods:0', value },
});

describe('the queue of acts', () => {
  afterEach(() => vi.restoreAllMocks());

  function queue() {
    const sent: { configuration: string; revision: number; answer: (made?: string) => void }[] = [];
    vi.spyOn(api, 'POST').mockImplementation(
      ((_: string, init: { body: { configuration: string; revision: number } }) =>
        new Promise((resolve) => {
          const { configuration, revision } = init.body;
          const answer = (made = configuration) =>
            resolve({ data: { configuration: made, revision: revision + 1 }, response: new Response() });
          sent.push({ configuration, revision, answer });
        })) as unknown as typeof api.POST,
    );
    const client = new QueryClient();
    const wrapper = ({ children }: { children: ReactNode }) => (
      <App>
        <QueryClientProvider client={client}>{children}</QueryClientProvider>
      </App>
    );
    const onMade = vi.fn();
    const hook = renderHook(
      ({ spot }) => ({ act: useActs(spot, { revision: 4, onMade }), pending: usePending(spot) }),
      { wrapper, initialProps: { spot: rain } },
    );
    return { sent, hook, onMade, client, wrapper };
  }

  it('sends each act for where its asker stood, though they have gone elsewhere, and moves nobody back', async () => {
    const { sent, hook, onMade } = queue();
    await act(async () => {
      void hook.result.current.act(set(6, true));
      void hook.result.current.act(set(7, true));
    });
    hook.rerender({ spot: studio });
    expect(hook.result.current.pending).toEqual([]);
    await waitFor(() => expect(sent).toHaveLength(1));
    await act(async () => sent[0]?.answer());
    await waitFor(() => expect(sent).toHaveLength(2));
    await act(async () => sent[1]?.answer());
    expect(sent.map((s) => [s.configuration, s.revision])).toEqual([
      ['rain', 4],
      ['rain', 5],
    ]);
    expect(onMade).not.toHaveBeenCalled();
  });

  it('names the revision of the build it is for, whichever is looked at by then', async () => {
    const { sent, hook } = queue();
    await act(async () => {
      void hook.result.current.act(set(6));
      void hook.result.current.act(set(7));
    });
    hook.rerender({ spot: { ...rain, build: 'b' } });
    await waitFor(() => expect(sent).toHaveLength(1));
    await act(async () => sent[0]?.answer());
    await waitFor(() => expect(sent).toHaveLength(2));
    await act(async () => void hook.result.current.act(set(8)));
    await act(async () => sent[1]?.answer());
    await waitFor(() => expect(sent).toHaveLength(3));
    expect(sent.map((s) => s.revision)).toEqual([4, 5, 4]);
  });

  it('shows what is on its way where it can be seen', async () => {
    const { hook } = queue();
    await act(async () => void hook.result.current.act(set(6)));
    await waitFor(() => expect(hook.result.current.pending).toEqual([set(6)]));
    hook.rerender({ spot: studio });
    expect(hook.result.current.pending).toEqual([set(6)]);
    hook.rerender({ spot: { ...studio, build: 'b' } });
    expect(hook.result.current.pending).toEqual([]);
  });

  it('shows what an act made at once to somebody whose address names no configuration', async () => {
    const { sent, hook, client } = queue();
    const unnamed: Spot = { ...rain, configuration: '' };
    client.setQueryData(keys.bench(unnamed), { configuration: 'rain', revision: 4 });
    hook.rerender({ spot: unnamed });
    await act(async () => void hook.result.current.act(set(6)));
    await waitFor(() => expect(sent).toHaveLength(1));
    await act(async () => sent[0]?.answer('rain'));
    expect(client.getQueryData(keys.bench(unnamed))).toEqual({ configuration: 'rain', revision: 5 });
    expect(client.getQueryData(keys.bench(rain))).toEqual({ configuration: 'rain', revision: 5 });
  });

  it('counts what was read as on its way until the Bench has been read anew', async () => {
    const { sent, hook, client, wrapper } = queue();
    let arrived: (bench: object) => void = () => undefined;
    client.setQueryData(keys.bench(rain), { configuration: 'rain', revision: 4 });
    const asking = renderHook(
      () =>
        useQuery({
          queryKey: keys.bench(rain),
          queryFn: () => new Promise<object>((resolve) => (arrived = resolve)),
          staleTime: Infinity,
        }),
      { wrapper },
    );
    const read: Act = { kind: 'read', finding: 'k' };
    await act(async () => void hook.result.current.act(read));
    await waitFor(() => expect(sent).toHaveLength(1));
    await act(async () => sent[0]?.answer());
    expect(hook.result.current.pending).toEqual([read]);
    await act(async () => arrived({ configuration: 'rain', revision: 4 }));
    await waitFor(() => expect(hook.result.current.pending).toEqual([]));
    asking.unmount();
  });

  it('offers what came too late again, on top of what stands now', async () => {
    const { hook, client } = queue();
    const newer = { configuration: 'rain', revision: 9, undo: 'Rods to 30 mm', undoBy: 'Jonna Brask' };
    const revisions: number[] = [];
    vi.spyOn(api, 'POST').mockImplementation((async (_: string, init: { body: { revision: number } }) => {
      revisions.push(init.body.revision);
      return init.body.revision < 9
        ? { error: { detail: 'This build was changed meanwhile.', newer }, response: new Response('', { status: 409 }) }
        : { data: { ...newer, revision: 10 }, response: new Response() };
    }) as unknown as typeof api.POST);
    await act(async () => void hook.result.current.act(set(6)).catch(() => undefined));
    expect(client.getQueryData(keys.bench(rain))).toEqual(newer);
    expect(await screen.findByText(/Jonna Brask: Rods to 30 mm\./)).toBeTruthy();
    await act(async () => fireEvent.click(screen.getByRole('button', { name: 'Do mine on top of it' })));
    await waitFor(() => expect(revisions).toEqual([4, 9]));
    await waitFor(() => expect(client.getQueryData(keys.bench(rain))).toMatchObject({ revision: 10 }));
  });

  it('knows an act for one configuration alone from one for all', () => {
    expect(concerns({ act: set(1, true), spot: rain }, studio)).toBe(false);
    expect(concerns({ act: set(1), spot: rain }, studio)).toBe(true);
    expect(concerns({ act: { kind: 'read', finding: 'k' }, spot: rain }, studio)).toBe(true);
  });
});
