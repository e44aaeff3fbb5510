import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../shared/api/client';
import { remediesQuery } from '../../shared/api/queries';
import { Remedies } from './Remedies';

const RISER = {
  id: 'riser-1',
  title: 'Riser R-2 under Quick plate',
  cleared: ['Axis low'],
  raised: ['Key not packed'],
  trialFits: 1,
};

const SHIM = { ...RISER, id: 'shim-2', title: 'Shim 2 mm under the mount', raised: [] };

let scrollIntoView: () => void = () => undefined;

/** Says that its element is in view when the test says so. */
class Watcher {
  constructor(told: (entries: { isIntersecting: boolean }[]) => void) {
    scrollIntoView = () => told([{ isIntersecting: true }]);
  }
  observe = vi.fn();
  disconnect = vi.fn();
}

describe('Remedies', () => {
  const asked = vi.fn((first: boolean) =>
    Promise.resolve(first ? { fixes: [RISER], all: false } : { fixes: [RISER, SHIM], all: true }),
  );
  const applied = vi.fn();

  function show(revision = 7) {
    const client = new QueryClient();
    vi.spyOn(api, 'GET').mockImplementation((async (_: string, init: { params: { query: { first: boolean } } }) => ({
      data: await asked(init.params.query.first),
      response: new Response(),
    })) as unknown as typeof api.GET);
    return render(
      <QueryClientProvider client={client}>
        <Remedies
          job="kiln"
          revision={revision}
          finding="rods.axis-height|height|a|studio||part:rods"
          onApply={applied}
        />
      </QueryClientProvider>,
    );
  }

  beforeEach(() => vi.stubGlobal('IntersectionObserver', Watcher));
  afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
    vi.restoreAllMocks();
    asked.mockClear();
    applied.mockClear();
  });

  it('is not asked for before its finding is in view', async () => {
    show();
    expect(asked).not.toHaveBeenCalled();
    act(() => scrollIntoView());
    expect(await screen.findByText('Riser R-2 under Quick plate')).toBeTruthy();
    expect(asked).toHaveBeenCalledTimes(1);
  });

  it('is asked for after a while all the same', async () => {
    vi.useFakeTimers({ shouldAdvanceTime: true });
    show();
    await act(() => vi.advanceTimersByTimeAsync(1600));
    vi.useRealTimers();
    expect(asked).toHaveBeenCalledTimes(1);
  });

  it('moves nothing from under a pointer that is down', async () => {
    show();
    fireEvent.pointerDown(document.body);
    act(() => scrollIntoView());
    await act(() => new Promise((r) => setTimeout(r, 50)));
    expect(asked).toHaveBeenCalledTimes(1);
    expect(screen.queryByText('Riser R-2 under Quick plate')).toBeNull();
    fireEvent.pointerUp(document.body);
    expect(await screen.findByText('Riser R-2 under Quick plate')).toBeTruthy();
  });

  it('says what it brings and applies the very one', async () => {
    show();
    act(() => scrollIntoView());
    fireEvent.click(await screen.findByRole('button', { name: 'Apply' }));
    expect(applied).toHaveBeenCalledWith('riser-1');
    expect(screen.getByText(/Key not packed/).textContent).toContain('then:');
  });

  it('tries other ways when they are asked for', async () => {
    show();
    act(() => scrollIntoView());
    await screen.findByText(/Riser R-2/);
    expect(screen.queryByText(/Shim 2 mm/)).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'Other ways' }));
    expect(await screen.findByText(/Shim 2 mm/)).toBeTruthy();
    expect(asked.mock.calls.map(([first]) => first)).toEqual([true, false]);
    fireEvent.click(screen.getByRole('button', { name: 'Only the first' }));
    expect(screen.getByRole('button', { name: '1 more way' })).toBeTruthy();
  });

  it('is another question for another revision', () => {
    expect(remediesQuery('kiln', 'k', 7, true).queryKey).not.toEqual(remediesQuery('kiln', 'k', 8, true).queryKey);
  });
});
