import { QueryClient } from '@tanstack/react-query';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { ACTS, keepActs, sending, sendKept } from './acts';
import type { OnItsWay } from './acts';
import { Problem } from './client';

const SPOT = { job: 'kiln', build: 'a', configuration: '', lens: '' };
const tick = (id: string): OnItsWay<unknown> => ({ id, who: 'tech', act: { spot: SPOT, ticks: [{ id, step: id }] } });

/** A device that keeps things. */
function device(): Storage {
  const kept = new Map<string, string>();
  return {
    get length() {
      return kept.size;
    },
    key: (i) => [...kept.keys()][i] ?? null,
    getItem: (k) => kept.get(k) ?? null,
    setItem: (k, v) => void kept.set(k, v),
    removeItem: (k) => void kept.delete(k),
    clear: () => kept.clear(),
  };
}

describe('what hands did at the bench', () => {
  const sent: unknown[] = [];
  let answer: () => Promise<never>;
  let store: Storage;

  beforeEach(() => {
    vi.useFakeTimers();
    store = device();
    sent.length = 0;
    answer = () => Promise.resolve(undefined as never);
    vi.spyOn(ACTS.tick, 'send').mockImplementation((act) => {
      sent.push(act.ticks[0]?.step);
      return answer();
    });
  });
  afterEach(() => {
    vi.useRealTimers();
    vi.restoreAllMocks();
  });

  function page() {
    const client = new QueryClient({ defaultOptions: { mutations: { networkMode: 'always' } } });
    keepActs(client, store);
    const act = (id: string) => {
      const way = sending<unknown>('tick', ['assembly', 'kiln']);
      client
        .getMutationCache()
        .build(client, way)
        .execute(tick(id))
        .catch(() => undefined);
    };
    return { client, act };
  }

  it('is kept until it has arrived, and sent by the page that is loaded next, in its order', async () => {
    answer = () => Promise.reject(new TypeError('fetch failed'));
    const before = page();
    before.act('one');
    await vi.advanceTimersByTimeAsync(5);
    before.act('two');
    await vi.advanceTimersByTimeAsync(5_000);
    expect(store.length).toBe(2);
    // The page is gone, with all that it remembered.
    before.client.getMutationCache().clear();
    sent.length = 0;
    answer = () => Promise.resolve(undefined as never);
    const after = page();
    sendKept(after.client, store, 'tech', vi.fn());
    sendKept(after.client, store, 'tech', vi.fn());
    await vi.advanceTimersByTimeAsync(100);
    expect(sent).toEqual(['one', 'two']);
    expect(store.length).toBe(0);
  });

  it('is never sent as somebody else, and waits for whoever was signed out', async () => {
    answer = () => Promise.reject(new Problem(401, 'Sign in.'));
    const { act, client } = page();
    act('one');
    await vi.advanceTimersByTimeAsync(100);
    expect(store.length).toBe(1);
    client.getMutationCache().clear();
    sent.length = 0;
    answer = () => Promise.resolve(undefined as never);
    sendKept(page().client, store, 'lead', vi.fn());
    await vi.advanceTimersByTimeAsync(100);
    expect(sent).toEqual([]);
    sendKept(page().client, store, 'tech', vi.fn());
    await vi.advanceTimersByTimeAsync(100);
    expect(sent).toEqual(['one']);
  });

  it('is told when it is refused, and what is not ours stays where it is', async () => {
    store.setItem('harbor.act.x', '{"kind":"tick"');
    store.setItem('other', '1');
    store.setItem('harbor.act.y', JSON.stringify({ ...tick('y'), kind: 'tick', at: 1 }));
    answer = () => Promise.reject(new Problem(409, 'It has left.'));
    const refused = vi.fn();
    sendKept(page().client, store, 'tech', refused);
    await vi.advanceTimersByTimeAsync(100);
    expect(refused).toHaveBeenCalledOnce();
    expect([store.getItem('harbor.act.y'), store.getItem('other')]).toEqual([null, '1']);
  });
});
