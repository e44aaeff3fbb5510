import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter, useLocation } from 'react-router';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../shared/api/client';
import { catalogueQuery } from '../../shared/api/houseQueries';
import { CatalogueScreen } from './CatalogueScreen';

const session = {
  signedIn: true,
  username: 'tech',
  displayName: 'Tech',
  roles: ['TECHNICIAN'],
  administers: false,
  today: '2026-11-28',
  editsBriefs: false,
  editsBuilds: true,
  waives: false,
} as Schemas['Session'];
const page: Schemas['PartPage'] = {
  total: 0,
  from: 0,
  lines: [],
  categories: ['PLATE', 'ROD'],
  standards: [{ id: 'v-mount', title: 'Wedge plate' }],
  held: 0,
};
const nothing = {
  search: '',
  look: '',
  category: '' as const,
  standard: '',
  standing: '' as const,
  sort: 'name',
  down: false,
  from: 0,
};

function Address() {
  return <p data-testid="address">{useLocation().search}</p>;
}

function show(at: string, found = page, who = session) {
  const client = new QueryClient({
    defaultOptions: { queries: { staleTime: Infinity, retry: false, queryFn: () => found } },
  });
  client.setQueryData(catalogueQuery(nothing).queryKey, found);
  client.setQueryData(catalogueQuery({ ...nothing, standing: 'HELD' }).queryKey, found);
  render(
    <QueryClientProvider client={client}>
      <MemoryRouter initialEntries={[at]}>
        <CatalogueScreen session={who} />
        <Address />
      </MemoryRouter>
    </QueryClientProvider>,
  );
}

const address = () => Object.fromEntries(new URLSearchParams(screen.getByTestId('address').textContent ?? ''));

describe('parts that are held', () => {
  const line = {
    ref: 'strap@1',
    name: 'Strap',
    maker: 'House',
    category: 'OTHER',
    mass: { kind: 'UNKNOWN', reason: 'not weighed' },
    width: 1,
    height: 1,
    length: 1,
    ports: 0,
    by: [],
    standing: 'HELD',
  } as unknown as Schemas['PartLine'];
  const held = { ...page, total: 1, held: 1, lines: [line] };

  it('are told of, and led to', () => {
    show('/catalogue', held);
    fireEvent.click(screen.getByText('Look them over'));
    expect(address()).toEqual({ standing: 'HELD' });
  });

  it('are offered by a lead alone', () => {
    show('/catalogue?standing=HELD', held);
    expect(screen.queryByText('Offer this part')).toBeNull();
    cleanup();
    show('/catalogue?standing=HELD', held, { ...session, waives: true });
    expect(screen.getByText('Offer this part')).toBeTruthy();
  });
});

describe('searching the catalogue', () => {
  it('keeps what each of two fields says, however quickly they follow each other', () => {
    show('/catalogue?look=round+thing&from=40');
    const look = screen.getByLabelText('Or what you hold in the hand');
    const name = screen.getByLabelText('Name, maker or another name for it');
    act(() => {
      fireEvent.change(look, { target: { value: '' } });
      fireEvent.change(name, { target: { value: 'L-90' } });
    });
    expect(address()).toEqual({ search: 'L-90' });
  });

  it('begins at the first page again when what is asked changes', () => {
    show('/catalogue?from=40&category=ROD');
    fireEvent.change(screen.getByLabelText('Name, maker or another name for it'), { target: { value: 'rail' } });
    expect(address()).toEqual({ category: 'ROD', search: 'rail' });
  });

  it('offers a new part only to who may make one, and a list only to who may store it', () => {
    show('/catalogue');
    expect(screen.getByRole('link', { name: 'New part' })).toBeTruthy();
    expect(screen.queryByRole('link', { name: 'Import a list' })).toBeNull();
  });
});
