import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { checksQuery } from '../../shared/api/queries';
import type { Schemas } from '../../shared/api/client';
import { CheckedDialog } from './CheckedDialog';

const row = (over: Partial<Schemas['Looked']>): Schemas['Looked'] => ({
  check: 'rods.sag',
  family: 'rods',
  title: 'Rods stay straight',
  looked: 22,
  fine: 20,
  found: 1,
  undecided: 1,
  notChecked: 0,
  ...over,
});

describe('what was checked', () => {
  it('tells for each check, and which had nothing to look at', () => {
    const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } });
    const idle = row({ check: 'balance.gimbal', family: 'balance', title: 'Gimbal finds its middle', looked: 0 });
    client.setQueryData(checksQuery('kiln', 3).queryKey, [row({}), { ...idle, fine: 0, found: 0, undecided: 0 }]);
    render(
      <QueryClientProvider client={client}>
        <CheckedDialog job="kiln" revision={3} onClose={() => undefined} />
      </QueryClientProvider>,
    );
    expect(screen.getByRole('row', { name: /Rods stay straight/ }).textContent).toBe('Rods stay straightrods2220110');
    expect(screen.getByText(/1 check had nothing to look at here/)).toBeTruthy();
    fireEvent.click(screen.getByLabelText('only what looked at nothing'));
    expect(screen.queryByRole('row', { name: /Rods stay straight/ })).toBeNull();
    expect(screen.getByRole('row', { name: /Gimbal finds its middle/ })).toBeTruthy();
  });
});
