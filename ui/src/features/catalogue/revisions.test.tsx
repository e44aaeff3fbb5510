import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { catalogueQuery, partDifferencesQuery, uptakeQuery } from '../../shared/api/houseQueries';
import { Revisions } from './Revisions';

const part = {
  ref: 'box@3',
  revisions: ['box@1', 'box@2', 'box@3'],
  name: 'Box',
  category: 'MATTE_BOX',
} as unknown as Schemas['PartSheet'];

const job = (id: string, refused: string): Schemas['JobUptake'] => ({
  foreseen: {
    id,
    title: id,
    before: 'Clear',
    after: 'Held by 1 stop',
    raised: ['Box is too heavy'],
    raisedCount: 1,
    cleared: [],
    clearedCount: 0,
  },
  revision: 4,
  stage: 'DRAFT',
  refused,
});

function show(edits = true) {
  const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } });
  client.setQueryData(
    catalogueQuery({
      search: '',
      look: '',
      category: 'MATTE_BOX',
      standard: '',
      standing: '',
      sort: 'name',
      down: false,
      from: 0,
    }).queryKey,
    { total: 0, from: 0, lines: [], categories: [], standards: [], held: 0 },
  );
  client.setQueryData(partDifferencesQuery('box@3', 'box@2').queryKey, [
    { place: 'links.main.massGrams', before: '400', after: '620' },
  ]);
  client.setQueryData(uptakeQuery('box@3', 'box@2').queryKey, {
    of: 'box@2',
    name: 'Box',
    inAll: 2,
    jobs: [job('Kiln', ''), job('The Lift', 'This job is dispatched.')],
  });
  render(
    <MemoryRouter>
      <QueryClientProvider client={client}>
        <Revisions part={part} edits={edits} />
      </QueryClientProvider>
    </MemoryRouter>,
  );
}

describe('a part in place of an earlier revision', () => {
  afterEach(() => vi.restoreAllMocks());

  it('tells what differs and what it would come to, and takes it up where that is chosen', async () => {
    const nowhere = { of: 'box@2', name: 'Box', inAll: 0, jobs: [] };
    vi.spyOn(api, 'GET').mockImplementation(((path: string) =>
      Promise.resolve({
        data: path.endsWith('/uptake') ? nowhere : [],
        response: new Response(),
      })) as unknown as typeof api.GET);
    const post = vi.spyOn(api, 'POST').mockResolvedValue({
      data: [{ job: 'Kiln', title: 'Kiln', refused: '', verdict: 'Held by 1 stop' }],
      response: new Response(),
    } as never);
    show();
    expect(screen.getByRole('row', { name: /links, main, mass grams|links, main, mass, grams/ }).textContent).toContain(
      '620',
    );
    expect(screen.getByText('Held by 1 stop')).toBeTruthy();
    expect(screen.getByText('This job is dispatched.')).toBeTruthy();
    expect(screen.getByRole('checkbox', { name: 'The Lift' })).toHaveProperty('disabled', true);
    fireEvent.click(screen.getByRole('checkbox', { name: 'Kiln' }));
    fireEvent.click(screen.getByRole('button', { name: 'Use box@3 there' }));
    await waitFor(() => expect(post).toHaveBeenCalledTimes(1));
    expect(post.mock.calls[0]?.[1]).toMatchObject({ body: { of: 'box@2', jobs: [{ job: 'Kiln', revision: 4 }] } });
  });

  it('changes nothing for who may not', () => {
    show(false);
    expect(screen.queryByRole('button', { name: 'Use box@3 there' })).toBeNull();
    expect(screen.getByRole('checkbox', { name: 'Kiln' })).toHaveProperty('disabled', true);
  });
});
