import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { ruleHistoryQuery, rulesQuery } from '../../shared/api/houseQueries';
import { RulesTable } from './RulesTable';
import { ruleFigure } from './rules';

const hand: Schemas['RuleLine'] = {
  rule: 'HAND_CAUTION',
  value: 12,
  standard: 15,
  least: 1,
  most: 200,
  unit: 'N',
  reason: 'More than this at the grips tires within a take.',
  because: '',
  set: {
    number: 7,
    value: 12,
    reason: 'Long takes.',
    source: 'our crews',
    by: 'Mirela Osk',
    when: '2026-11-20T10:00:00Z',
  },
};
const mount: Schemas['RuleLine'] = {
  ...hand,
  rule: 'MOUNT_MASS',
  value: 2500,
  standard: 2500,
  unit: 'g',
  reason: 'A heavier lens bends its mount in travel.',
  set: null,
};

function table(edits = true) {
  const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } });
  client.setQueryData(rulesQuery.queryKey, [hand, mount]);
  client.setQueryData(ruleHistoryQuery('HAND_CAUTION').queryKey, hand.set ? [hand.set] : []);
  client.setQueryData(ruleHistoryQuery('MOUNT_MASS').queryKey, []);
  const onDone = vi.fn();
  render(
    <MemoryRouter>
      <QueryClientProvider client={client}>
        <RulesTable edits={edits} onDone={onDone} />
      </QueryClientProvider>
    </MemoryRouter>,
  );
  return onDone;
}

describe('the rules of the house', () => {
  afterEach(() => vi.restoreAllMocks());

  it('say who set them, why and from where; the others why they stand', () => {
    table();
    const row = screen.getByRole('row', { name: /hand caution/ });
    expect(row.textContent).toContain('Long takes. our crews; Mirela Osk, ');
    expect(row.textContent).toContain('usually 15 N');
    expect(screen.getByRole('row', { name: /mount mass/ }).textContent).toContain('bends its mount');
    expect(screen.getByText('2 of 2, 1 set by us')).toBeTruthy();
  });

  it('tell what another figure would change before it is set, and want a reason and a source', async () => {
    const post = vi.spyOn(api, 'POST').mockResolvedValue({
      data: {
        judged: 3,
        open: 3,
        changed: [
          {
            id: 'kiln',
            title: 'Kiln',
            before: 'Clear',
            after: 'Held by 1 stop',
            raised: ['Prime 25 needs a lens support'],
            raisedCount: 2,
            cleared: [],
            clearedCount: 0,
          },
        ],
      },
      response: new Response(),
    } as never);
    const put = vi.spyOn(api, 'PUT').mockResolvedValue({
      data: { rule: { ...mount, value: 900 }, jobs: 3 },
      response: new Response(),
    } as never);
    vi.spyOn(api, 'GET').mockResolvedValue({ data: [], response: new Response() } as never);
    const onDone = table();
    fireEvent.click(screen.getByRole('button', { name: 'Change mount mass' }));
    fireEvent.change(screen.getByLabelText('Figure of mount mass'), { target: { value: '900' } });
    fireEvent.click(screen.getByRole('button', { name: 'See what it changes' }));
    const told = await screen.findByText(/Of the open jobs/);
    expect(within(told.parentElement as HTMLElement).getByText(/and 1 more/).textContent).toContain('Prime 25');
    expect(post).toHaveBeenCalledWith(
      '/api/house/rules/{rule}/trial',
      expect.objectContaining({ params: { path: { rule: 'MOUNT_MASS' } }, body: { value: 900 } }),
    );
    const set = screen.getByRole('button', { name: 'Set it' });
    expect(set.hasAttribute('disabled')).toBe(true);
    fireEvent.change(screen.getByLabelText('Why'), { target: { value: 'Bent once.' } });
    fireEvent.change(screen.getByLabelText('Where it comes from'), { target: { value: 'workshop' } });
    fireEvent.click(set);
    await waitFor(() => expect(onDone).toHaveBeenCalledWith(expect.stringContaining('mount mass is 900 g.')));
    expect(put.mock.calls[0]?.[1]).toMatchObject({
      body: { value: 900, reason: 'Bent once.', source: 'workshop', seen: 0 },
    });
  });

  it('show a technician how a figure came to be, and nothing to change', () => {
    table(false);
    fireEvent.click(screen.getByRole('button', { name: 'History of hand caution' }));
    expect(screen.getByRole('list', { name: 'How it was set' }).textContent).toContain('12 N');
    expect(screen.queryByRole('button', { name: 'Set it' })).toBeNull();
  });

  it('are written with the decimals they have', () => {
    expect([ruleFigure(0.02, 'N·m'), ruleFigure(0.9, ''), ruleFigure(20000, 'g')]).toEqual([
      '0.02 N·m',
      '0.9',
      '20\u2009000 g',
    ]);
  });
});
