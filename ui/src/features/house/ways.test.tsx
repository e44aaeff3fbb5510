import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { operatorsQuery, waysOf } from '../../shared/api/houseQueries';
import type { Schemas } from '../../shared/api/client';
import { pick, picked } from '../../testKit';
import { WaysTable } from './WaysTable';

const way = (id: string, group: string, question: string, chosen = 'open'): Schemas['WayLine'] => ({
  id,
  group,
  question,
  chosen,
  by: '',
  options: [
    { id: 'open', title: 'As it comes', reason: 'Both do.', effects: [] },
    { id: 'none', title: 'None', reason: 'It weighs.', effects: ['wanted: no rods'] },
  ],
});

function table() {
  const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } });
  client.setQueryData(waysOf('').queryKey, [
    way('rods', 'Rigging', 'Are rods fitted at all?', 'none'),
    way('battery', 'Power', 'Large batteries or small?'),
  ]);
  client.setQueryData(waysOf('Pia Lindqvane').queryKey, [
    way('rods', 'Rigging', 'Are rods fitted at all?', ''),
    way('battery', 'Power', 'Large batteries or small?', 'none'),
  ]);
  client.setQueryData(operatorsQuery.queryKey, ['Pia Lindqvane']);
  render(
    <QueryClientProvider client={client}>
      <WaysTable edits onDone={() => undefined} />
    </QueryClientProvider>,
  );
}

describe('ways of working', () => {
  it('are grouped, and say what the answer changes', () => {
    table();
    expect(screen.getAllByRole('rowheader').map((h) => h.textContent)).toEqual(['Rigging', 'Power']);
    expect(screen.getByRole('row', { name: /Are rods/ }).textContent).toContain('wanted: no rods');
  });

  it('are found by their words, and an empty search says what to do', () => {
    table();
    fireEvent.change(screen.getByRole('searchbox'), { target: { value: 'batteries' } });
    expect(screen.queryByText('Are rods fitted at all?')).toBeNull();
    expect(screen.getByText('1 of 2, 0 answered')).toBeTruthy();
    fireEvent.change(screen.getByRole('searchbox'), { target: { value: 'zeppelin' } });
    expect(screen.getByText(/Clear the search/)).toBeTruthy();
  });

  it('are an operator’s own or left to the house', () => {
    table();
    pick('For', 'Pia Lindqvane, operator');
    expect(picked('Are rods fitted at all?')).toBe('as the house');
    expect(picked('Large batteries or small?')).toBe('None');
  });
});
