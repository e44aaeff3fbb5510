import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { App } from 'antd';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { api, Problem } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { auditQuery, ownSessionsQuery, peopleQuery } from '../../shared/api/peopleQueries';
import { JoinScreen } from './JoinScreen';
import { MeScreen } from './MeScreen';
import { PeopleScreen } from './PeopleScreen';

const session: Schemas['Session'] = {
  signedIn: true,
  today: '2026-11-28',
  username: 'lead',
  displayName: 'Mirela Osk',
  roles: ['LEAD', 'ADMINISTRATOR'],
  editsBuilds: true,
  editsBriefs: true,
  waives: true,
  administers: true,
};

const jonna: Schemas['Person'] = {
  id: 'j',
  username: 'tech',
  displayName: 'Jonna Brask',
  roles: ['TECHNICIAN'],
  state: 'HERE',
  sessions: 2,
};

function show(what: ReactNode) {
  const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } });
  client.setQueryData(peopleQuery.queryKey, [jonna]);
  client.setQueryData(ownSessionsQuery.queryKey, []);
  client.setQueryData(auditQuery('', '').queryKey, {
    pages: [
      [
        {
          seq: 4,
          when: '2026-11-28T10:00:00Z',
          kind: 'REFUSED',
          who: 'leed',
          address: '127.0.0.1',
          subject: '',
          words: 'name or password not right',
        },
      ],
    ],
    pageParams: [0],
  });
  render(
    <App>
      <MemoryRouter>
        <QueryClientProvider client={client}>{what}</QueryClientProvider>
      </MemoryRouter>
    </App>,
  );
}

const answer = (data: unknown) => ({ data, response: new Response() }) as never;

describe('the people of the house', () => {
  afterEach(() => vi.restoreAllMocks());

  it('are shown with what they may, and what was tried', () => {
    show(<PeopleScreen session={session} />);
    const row = screen.getByRole('row', { name: /Jonna Brask/ });
    expect(row.textContent).toContain('technician');
    expect(row.textContent).toContain('can sign in');
    expect(screen.getByRole('row', { name: /leed/ }).textContent).toContain('name or password not right');
  });

  it('are not for who looks after nobody', () => {
    show(<PeopleScreen session={{ ...session, administers: false }} />);
    expect(screen.queryByText('Jonna Brask')).toBeNull();
  });

  it('are invited by a code that is shown once', async () => {
    vi.spyOn(api, 'GET').mockResolvedValue(answer([]));
    const post = vi
      .spyOn(api, 'POST')
      .mockResolvedValue(
        answer({ person: { ...jonna, username: 'ines', displayName: 'Ines' }, code: 'abcd-efgh-jkmn' }),
      );
    show(<PeopleScreen session={session} />);
    fireEvent.click(screen.getByRole('button', { name: 'Invite somebody' }));
    const give = screen.getByRole('button', { name: 'Give a code' });
    expect(give.hasAttribute('disabled')).toBe(true);
    fireEvent.change(screen.getByLabelText('Signs in as'), { target: { value: 'ines' } });
    fireEvent.change(screen.getByLabelText('Is called'), { target: { value: 'Ines' } });
    fireEvent.click(screen.getByRole('checkbox', { name: /technician/ }));
    fireEvent.click(give);
    expect(await screen.findByText('abcd-efgh-jkmn')).toBeTruthy();
    expect(post.mock.calls[0]?.[1]).toMatchObject({
      body: { username: 'ines', displayName: 'Ines', roles: ['TECHNICIAN'] },
    });
  });

  it('choose their own password, long enough, and are told when the code does not open', async () => {
    vi.spyOn(api, 'POST').mockRejectedValue(new Problem(409, 'Name and code do not belong together.'));
    show(<JoinScreen />);
    fireEvent.change(screen.getByLabelText('Name you sign in with'), { target: { value: 'ines' } });
    fireEvent.change(screen.getByLabelText('Code'), { target: { value: 'abcd' } });
    const password = screen.getByLabelText('Password, at least 10 characters');
    const choose = screen.getByRole('button', { name: 'Choose it' });
    fireEvent.change(password, { target: { value: 'short' } });
    expect(choose.hasAttribute('disabled')).toBe(true);
    fireEvent.change(password, { target: { value: 'long enough word' } });
    fireEvent.click(choose);
    expect((await screen.findByRole('alert')).textContent).toContain('do not belong together');
  });

  it('change their password only with the one they have', async () => {
    vi.spyOn(api, 'GET').mockResolvedValue(answer([]));
    const put = vi.spyOn(api, 'PUT').mockResolvedValue(answer(undefined));
    show(<MeScreen session={session} />);
    expect(screen.getByText(/lead, administrator/)).toBeTruthy();
    fireEvent.change(screen.getByLabelText('Password now'), { target: { value: 'the one before' } });
    fireEvent.change(screen.getByLabelText('New password, at least 10 characters'), {
      target: { value: 'another long one' },
    });
    fireEvent.click(screen.getByRole('button', { name: 'Change it' }));
    await waitFor(() => expect(put).toHaveBeenCalled());
    expect(put.mock.calls[0]?.[1]).toMatchObject({ body: { now: 'the one before', next: 'another long one' } });
  });
});
