import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, render, renderHook, screen } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { keys } from '../shared/api/queries';
import { AlsoHere } from './AlsoHere';
import { Judging } from './Judging';
import { TAB } from '../shared/live/tab';
import { hereKey, useLive } from '../shared/live/useLive';

class Line extends EventTarget {
  static open: Line[] = [];
  closed = false;
  constructor(readonly url: string) {
    super();
    Line.open.push(this);
  }
  close() {
    this.closed = true;
  }
  tell(name: string, data: unknown) {
    this.dispatchEvent(new MessageEvent(name, { data: JSON.stringify(data) }));
  }
}

const around = (client: QueryClient) =>
  function Around({ children }: { children: ReactNode }) {
    return (
      <MemoryRouter>
        <QueryClientProvider client={client}>{children}</QueryClientProvider>
      </MemoryRouter>
    );
  };

function look(state: 'visible' | 'hidden') {
  vi.spyOn(document, 'visibilityState', 'get').mockReturnValue(state);
  document.dispatchEvent(new Event('visibilitychange'));
}

describe('what others do', () => {
  let client = new QueryClient();
  let asked = vi.spyOn(client, 'invalidateQueries');
  beforeEach(() => {
    Line.open = [];
    client = new QueryClient();
    asked = vi.spyOn(client, 'invalidateQueries');
    vi.stubGlobal('EventSource', Line);
  });
  afterEach(() => {
    vi.unstubAllGlobals();
    vi.restoreAllMocks();
  });
  const listen = () => {
    renderHook(() => useLive('kiln', 'a'), { wrapper: around(client) });
    return Line.open[0] as Line;
  };
  const askedFor = (key: readonly unknown[]) =>
    asked.mock.calls.some(([f]) => JSON.stringify(f?.queryKey) === JSON.stringify(key));

  it('is asked for when another did it, not when this tab did', () => {
    const line = listen();
    expect(line.url).toContain(`tab=${TAB}&job=kiln&build=a`);
    line.tell('job', [{ job: 'kiln', who: 'Jonna Brask', tab: TAB }]);
    expect(asked).not.toHaveBeenCalled();
    line.tell('job', [{ job: 'kiln', who: 'Jonna Brask', tab: 'another' }]);
    expect(askedFor(keys.job('kiln'))).toBe(true);
    expect(askedFor(keys.jobs)).toBe(true);
  });

  it('is asked for whole when the line was down', () => {
    const line = listen();
    line.tell('open', '');
    expect(asked).not.toHaveBeenCalled();
    line.tell('open', '');
    expect(asked).toHaveBeenCalledTimes(1);
  });

  it('is not listened to by a tab that nobody looks at', () => {
    const line = listen();
    look('hidden');
    expect(line.closed).toBe(true);
    look('visible');
    expect(Line.open).toHaveLength(2);
    expect(asked).toHaveBeenCalledTimes(1);
  });

  it('includes being here', () => {
    const line = listen();
    render(<AlsoHere job="kiln" bodies={[{ id: 'a', title: 'A body' }]} />, { wrapper: around(client) });
    expect(screen.queryByRole('status')).toBeNull();
    act(() =>
      line.tell('here', [
        { tab: '1', who: 'Jonna Brask', build: 'a' },
        { tab: '2', who: 'Jonna Brask', build: '' },
      ]),
    );
    expect(client.getQueryData(hereKey('kiln'))).toHaveLength(2);
    return expect(screen.findByText('Jonna Brask is here too')).resolves.toBeTruthy();
  });

  it('is told while the open jobs are judged anew, and what that turned', async () => {
    client.setQueryData(['judging'], { left: 3, open: 12, turned: [] });
    client.setQueryDefaults(['judging'], { staleTime: Infinity });
    render(<Judging />, { wrapper: around(client) });
    expect(screen.getByRole('status').textContent).toContain('3 of 12 open jobs are still being judged anew');
    act(() => client.setQueryData(['judging'], { left: 0, open: 12, turned: [{ id: 'kiln', title: 'Kiln' }] }));
    expect((await screen.findByRole('link', { name: 'Kiln' })).getAttribute('href')).toBe('/jobs/kiln/brief');
    expect(askedFor(keys.jobs)).toBe(true);
    act(() => screen.getByRole('button', { name: 'Close' }).click());
    expect(screen.queryByRole('status')).toBeNull();
  });
});
