import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { api } from '../../shared/api/client';
import { crewQuery, isCrew, remarksQuery } from '../../shared/api/peopleQueries';
import { Crew } from './Crew';
import { Remarks } from './Remarks';

function shown(screenful: ReactNode, data: [readonly unknown[], unknown][]) {
  const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } });
  data.forEach(([key, value]) => client.setQueryData(key, value));
  render(<QueryClientProvider client={client}>{screenful}</QueryClientProvider>);
}

const remark = (id: number, who: string, settledBy = '') => ({
  id,
  who,
  when: '2026-11-30T05:33:00Z',
  words: `Said by ${who}`,
  settledBy,
});

describe('a crew from outside', () => {
  afterEach(() => vi.restoreAllMocks());

  it('is told from those who work here', () => {
    const session = (roles: string[]) => ({ roles }) as Parameters<typeof isCrew>[0];
    expect(isCrew(session(['CREW']))).toBe(true);
    expect(isCrew(session(['CREW', 'DESK']))).toBe(false);
  });

  it('is invited by name, and its code is told once', async () => {
    const member = {
      id: 'x',
      username: 'sunniva',
      displayName: 'Sunniva Aas',
      invitedBy: 'M',
      since: '',
      until: '2026-12-11',
      ended: false,
    };
    const post = vi
      .spyOn(api, 'POST')
      .mockResolvedValue({ data: { member, code: 'ab-cd' }, response: new Response() } as never);
    vi.spyOn(api, 'GET').mockResolvedValue({ data: [member], response: new Response() } as never);
    shown(<Crew job="kiln" invites />, [[crewQuery('kiln').queryKey, []]]);
    fireEvent.click(screen.getByRole('button', { name: 'Invite one of the crew' }));
    const letIn = screen.getByRole('button', { name: 'Let them in' });
    expect(letIn.hasAttribute('disabled')).toBe(true);
    fireEvent.change(screen.getByLabelText('Signs in as'), { target: { value: 'sunniva' } });
    fireEvent.change(screen.getByLabelText('Is called'), { target: { value: 'Sunniva Aas' } });
    fireEvent.click(letIn);
    expect((await screen.findByRole('status')).textContent).toContain('ab-cd');
    expect(post.mock.calls[0]?.[1]).toMatchObject({ body: { username: 'sunniva', displayName: 'Sunniva Aas' } });
  });

  it('may take back its own remark; what is seen to is out of sight', async () => {
    const post = vi.spyOn(api, 'POST').mockResolvedValue({ response: new Response() } as never);
    shown(<Remarks job="kiln" settles={false} me="Sunniva Aas" />, [
      [
        remarksQuery('kiln').queryKey,
        [remark(1, 'Jonna Brask'), remark(2, 'Sunniva Aas'), remark(3, 'Pia', 'Mirela Osk')],
      ],
    ]);
    expect(screen.queryByText('Said by Pia')).toBeNull();
    const seen = screen.getAllByRole('button', { name: /^Seen to/ });
    expect(seen).toHaveLength(1);
    fireEvent.click(seen[0] as HTMLElement);
    await waitFor(() => expect(post.mock.calls[0]?.[1]).toMatchObject({ params: { path: { job: 'kiln', id: 2 } } }));
    fireEvent.click(screen.getByRole('checkbox', { name: '1 seen to' }));
    expect(screen.getByText('Said by Pia')).toBeTruthy();
  });
});
