import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { App } from 'antd';
import { MemoryRouter, Route, Routes } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { jobQuery } from '../../shared/api/queries';
import type { Act } from '../../shared/job/acts';
import { withPending } from './pending';
import { SignalScreen } from './SignalScreen';

const CABLE = {
  id: 'k1',
  carries: 'POWER',
  a: { part: 'Body' },
  b: { part: 'Finder' },
  neededMm: 300,
  turnedMm: 300,
  lengthMm: 400,
  twins: [],
  along: [],
  stowedIn: '',
};

const signals = (looks: boolean[], revision: number): Schemas['Signals'] =>
  ({
    configuration: 'studio',
    boxes: [],
    links: [],
    seats: [],
    sound: [
      {
        source: 'Mic',
        channels: 1,
        phantom: false,
        into: 'Body',
        takes: 2,
        powered: true,
        full: false,
        safetyKey: ['mic:2'],
        safetyDb: 0,
      },
    ],
    time: [],
    orders: [],
    cables: [CABLE],
    switches: looks.map((look, i) => ({
      box: 'Body',
      socket: `SDI ${i}`,
      lookKey: [`look:${i}`],
      look,
      turnKey: `turn:${i}`,
      quarterTurns: 0,
    })),
    parts: [],
    open: [],
    revision,
  }) as unknown as Schemas['Signals'];

const edit = (request: Schemas['EditRequest']): Act => ({ kind: 'edit', only: false, request });

describe('what is on its way', () => {
  it('is shown as if it stood, the last word of each', () => {
    const shown = withPending(signals([false, true], 4), [
      edit({ kind: 'SET', key: 'look:0', value: 1 }),
      edit({ kind: 'SET', key: 'look:1', value: 0 }),
      edit({ kind: 'SET', key: 'look:1', value: 1 }),
      edit({ kind: 'SET', key: 'turn:1', value: 2 }),
      edit({ kind: 'SET', key: 'mic:2', value: 12 }),
      edit({ kind: 'LAY', cable: 'k1', along: ['rods'], bay: 'plate' }),
    ]);
    expect(shown.switches.map((s) => s.look)).toEqual([true, true]);
    expect(shown.switches[1]?.quarterTurns).toBe(2);
    expect(shown.sound[0]?.safetyDb).toBe(12);
    expect(shown.cables[0]).toMatchObject({ along: ['rods'], stowedIn: 'plate' });
    expect(withPending(signals([], 4), [edit({ kind: 'UNPLUG', cable: 'k1' })]).cables).toEqual([]);
  });
});

const JOB = {
  builds: [{ id: 'a', title: 'A', configurations: [{ id: 'studio', title: 'Studio' }], lenses: [] }],
} as unknown as Schemas['JobView'];

/** A server that answers when the test says so. */
class Server {
  looks = [false, false, false];
  revision = 4;
  readonly posts: { body: Schemas['Edit']; answer: (ok: boolean) => void }[] = [];

  get = async (path: string) => ({
    data: path === '/api/jobs/{job}' ? JOB : signals([...this.looks], this.revision),
    response: new Response(),
  });
  post = (_: string, init: { body: Schemas['Edit'] }) =>
    new Promise((resolve) => {
      this.posts.push({
        body: init.body,
        answer: (ok) => {
          const r = init.body.request;
          if (ok && r.kind === 'SET') this.looks[Number(r.key.slice(5))] = r.value === 1;
          if (ok) this.revision += 1;
          resolve(
            ok
              ? { data: { revision: this.revision, configuration: 'studio' }, response: new Response() }
              : { error: { detail: 'The plug is held by a lead.' }, response: new Response(null, { status: 422 }) },
          );
        },
      });
    });
}

describe('switches on Signal', () => {
  afterEach(() => vi.restoreAllMocks());

  const box = (i: number) => screen.getByLabelText(`Look on at Body, SDI ${i}`) as HTMLInputElement;

  async function show() {
    const server = new Server();
    vi.spyOn(api, 'GET').mockImplementation(server.get as unknown as typeof api.GET);
    vi.spyOn(api, 'POST').mockImplementation(server.post as unknown as typeof api.POST);
    const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } });
    client.setQueryData(jobQuery('kiln').queryKey, JOB);
    render(
      <App>
        <QueryClientProvider client={client}>
          <MemoryRouter initialEntries={['/jobs/kiln/signal']}>
            <Routes>
              <Route
                path="/jobs/:job/signal"
                element={<SignalScreen session={{ editsBuilds: true } as Schemas['Session']} />}
              />
            </Routes>
          </MemoryRouter>
        </QueryClientProvider>
      </App>,
    );
    await screen.findByLabelText('Look on at Body, SDI 0');
    return server;
  }

  it('turn at once, three in a row, and stand from the click to the answer', async () => {
    const server = await show();
    for (const i of [0, 1, 2]) fireEvent.click(box(i));
    await waitFor(() => expect([0, 1, 2].map((i) => box(i).checked)).toEqual([true, true, true]));
    for (const i of [0, 1, 2]) {
      await waitFor(() => expect(server.posts).toHaveLength(i + 1));
      // One after the other, each on what the one before made.
      expect(server.posts[i]?.body.revision).toBe(4 + i);
      await act(async () => server.posts[i]?.answer(true));
      expect([0, 1, 2].map((k) => box(k).checked)).toEqual([true, true, true]);
    }
    await waitFor(() => expect(server.looks).toEqual([true, true, true]));
    expect([0, 1, 2].map((k) => box(k).checked)).toEqual([true, true, true]);
  });

  it('are taken back by a refusal alone, which says why', async () => {
    const server = await show();
    fireEvent.click(box(1));
    await waitFor(() => expect(box(1).checked).toBe(true));
    await waitFor(() => expect(server.posts).toHaveLength(1));
    await act(async () => server.posts[0]?.answer(false));
    expect(await screen.findByText('The plug is held by a lead.')).toBeTruthy();
    await waitFor(() => expect(box(1).checked).toBe(false));
  });
});
