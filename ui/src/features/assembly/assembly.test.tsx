import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { App } from 'antd';
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { jobQuery } from '../../shared/api/queries';
import { AssemblyScreen } from './AssemblyScreen';
import { isDone, minutesText, missing, nextStep, stepOf, viewFor, withTicks } from './steps';
import type { Step } from './steps';

const step = (key: string, more: Partial<Step> = {}): Step => ({
  key,
  print: 'p',
  act: 'FIT',
  part: key.replace('fit:', ''),
  type: '',
  cable: '',
  on: [],
  title: `${key} on`,
  where: 'its foot to the top',
  side: 'from above',
  tools: [],
  screws: [],
  tight: '',
  marks: [],
  settings: [],
  check: 'Pulled at once: it does not move.',
  caution: '',
  before: [],
  whyNow: '',
  minutes: 0.5,
  tick: null,
  ...more,
});
const tick = { who: 'Jonna', at: '2026-11-30T10:00:00Z', minutes: 2, remark: '', stale: false };
const needs = (of: string) => [{ step: of, kind: 'CARRIED' as const, title: of, why: 'It is held by it.' }];

describe('the steps of a rig', () => {
  const a = step('fit:a', { tick });
  const b = step('fit:b', { before: needs('fit:a') });
  const c = step('fit:c', { before: needs('fit:b'), side: 'from the left' });

  it('go on with the first that is not done', () => {
    expect(nextStep([a, b, c])?.key).toBe('fit:b');
    expect(nextStep([a])?.key).toBe('fit:a');
    expect(nextStep([])).toBeUndefined();
  });

  it('wait for what must be done before', () => {
    expect(missing(b, [a, b, c])).toEqual([]);
    expect(missing(c, [a, b, c])).toEqual([b]);
  });

  it('are to be done again when they changed', () => {
    expect(isDone(step('fit:d', { tick: { ...tick, stale: true } }))).toBe(false);
  });

  it('stand as they will be while a tick is on its way', () => {
    const sent = { id: 'x', step: 'fit:b', print: 'p', done: true, minutes: 0, remark: '' };
    const now = withTicks(sheet([a, b, c]), [sent]);
    expect(now.done).toBe(2);
    expect(withTicks(now, [{ ...sent, step: 'fit:a', done: false }]).steps.map(isDone)).toEqual([false, true, false]);
  });

  it('are found by a code or a part of a title', () => {
    expect(stepOf(' B ', [a, b, c])?.key).toBe('fit:b');
    expect(stepOf('c on', [a, b, c])?.key).toBe('fit:c');
    const trial = step('try:j', { act: 'TRY', part: 'b', title: 'Try b on a' });
    expect(stepOf('b', [a, trial, b, c])?.key).toBe('fit:b');
    expect(stepOf('try b', [a, trial, b, c])?.key).toBe('try:j');
    expect(stepOf('nothing', [a, b, c])).toBeUndefined();
    expect(stepOf('', [a, b, c])).toBeUndefined();
  });

  it('are looked at from where the hand is', () => {
    expect(viewFor(c)).toBe('LEFT');
    expect(viewFor(b)).toBe('RIGHT');
    expect(minutesText(0.5)).toBe('30 s');
    expect(minutesText(32.4)).toBe('32 min');
  });
});

const sheet = (steps: Step[]): Schemas['AssemblySheet'] => ({
  steps,
  loops: [],
  keys: ['hex 3 mm'],
  minutes: 2,
  minutesLeft: 1,
  setUpMinutes: 1,
  leastSetUpMinutes: 0.5,
  plainSetUpMinutes: 1.5,
  done: steps.filter(isDone).length,
});

const JOB = {
  id: 'kiln',
  stage: 'DRAFT',
  revision: 1,
  builds: [{ id: 'a', title: 'A', configurations: [{ id: 'low', title: 'Low' }], lenses: [] }],
} as unknown as Schemas['JobView'];

describe('the screen', () => {
  const sent: { ticks: Schemas['Tick'][] }[] = [];
  const steps = [step('fit:a'), step('fit:b', { before: needs('fit:a') })];

  beforeEach(() => {
    sent.length = 0;
    vi.spyOn(api, 'GET').mockImplementation((async (path: string) =>
      path.endsWith('/assembly')
        ? { data: sheet(steps), response: new Response() }
        : {
            error: { detail: 'no drawing here' },
            response: new Response(null, { status: 404 }),
          }) as unknown as typeof api.GET);
    vi.spyOn(api, 'POST').mockImplementation((async (_: string, init: { body: { ticks: Schemas['Tick'][] } }) => {
      sent.push(init.body);
      return {
        data: sheet([step('fit:a', { tick }), step('fit:b', { before: needs('fit:a') })]),
        response: new Response(),
      };
    }) as unknown as typeof api.POST);
  });
  afterEach(() => vi.restoreAllMocks());

  function show() {
    const client = new QueryClient({ defaultOptions: { queries: { retry: false, staleTime: Infinity } } });
    client.setQueryData(jobQuery('kiln').queryKey, JOB);
    render(
      <QueryClientProvider client={client}>
        <App>
          <MemoryRouter initialEntries={['/jobs/kiln/assembly']}>
            <Routes>
              <Route
                path="/jobs/:job/assembly"
                element={<AssemblyScreen session={{ editsBuilds: true } as Schemas['Session']} />}
              />
            </Routes>
          </MemoryRouter>
        </App>
      </QueryClientProvider>,
    );
  }

  it('ticks the step and goes on to the next', async () => {
    show();
    expect(await screen.findByRole('heading', { name: 'fit:a on' })).toBeTruthy();
    fireEvent.keyDown(window, { key: 'ArrowDown' });
    expect(await screen.findByText('Done all the same')).toBeTruthy();
    fireEvent.keyDown(window, { key: 'ArrowUp' });
    await screen.findByRole('heading', { name: 'fit:a on' });
    fireEvent.keyDown(window, { key: ' ' });
    expect(await screen.findByRole('heading', { name: 'fit:b on' })).toBeTruthy();
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]?.ticks[0]).toMatchObject({ step: 'fit:a', done: true });
    expect(sent[0]?.ticks[0]?.id).toMatch(/^[0-9a-f-]{36}$/);
  });

  it('keeps a tick while the server is away, and sends the same one again', async () => {
    const post = vi.mocked(api.POST);
    const sends = post.getMockImplementation();
    post.mockImplementationOnce((async (_: string, init: { body: { ticks: Schemas['Tick'][] } }) => {
      sent.push(init.body);
      return { error: { detail: 'The database is away.' }, response: new Response(null, { status: 503 }) };
    }) as unknown as typeof api.POST);
    if (sends) post.mockImplementation(sends);
    show();
    await screen.findByRole('heading', { name: 'fit:a on' });
    fireEvent.keyDown(window, { key: ' ' });
    expect(await screen.findByRole('heading', { name: 'fit:b on' })).toBeTruthy();
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(screen.getByText(/1 of 2/)).toBeTruthy();
    await waitFor(() => expect(sent).toHaveLength(2), { timeout: 6000 });
    expect(sent[1]?.ticks[0]?.id).toBe(sent[0]?.ticks[0]?.id);
  });
});
