// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import { api } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { BroughtPanel } from './BroughtPanel';

const session = (waives: boolean) => ({ editsBuilds: true, waives }) as Schemas['Session'];
const view: Schemas['BroughtView'] = {
  proposals: [
    { finding: 'a', said: 'READ', title: 'Legs never weighed', reason: '', who: 'Orla', when: '' },
    { finding: 'b', said: 'WAIVER', title: 'Rods 34 mm short', reason: 'Agreed.', who: 'Orla', when: '' },
  ],
  parts: [],
  standards: [{ id: 'nato-rail', title: 'NATO rail', revision: 9, here: 1 }],
};

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

/** The panel over a stand-in for the server; `answer` gets the address and the findings of every write. */
function show(waives: boolean, answer: (address: string, findings: string[]) => Schemas['BroughtView']) {
  const response = new Response();
  vi.spyOn(api, 'GET').mockImplementation((async () => ({ data: answer('', []), response })) as never);
  vi.spyOn(api, 'POST').mockImplementation((async (address: string, options: { body?: { findings: string[] } }) => ({
    data: answer(address, options.body?.findings ?? []),
    response,
  })) as never);
  render(
    <QueryClientProvider client={new QueryClient()}>
      <BroughtPanel job="j" session={session(waives)} />
    </QueryClientProvider>,
  );
}

test('a technician may say the same of cautions alone', async () => {
  const sent: string[] = [];
  show(false, (address, findings) => {
    if (address) sent.push(`${address.split('/').pop()} ${findings.join()}`);
    return view;
  });
  fireEvent.click(await screen.findByRole('button', { name: 'Mark the cautions read' }));
  await waitFor(() => expect(sent).toEqual(['take a']));
  expect(screen.queryByRole('button', { name: 'Take into the house' })).toBeNull();
});

test('a lead takes all, and the panel goes when nothing is left', async () => {
  let now = view;
  show(true, (address) => {
    if (address) now = { proposals: [], parts: [], standards: [] };
    return now;
  });
  expect(await screen.findByText(/judged by the house’s revision 1/)).toBeTruthy();
  fireEvent.click(screen.getByRole('button', { name: 'Say the same of all' }));
  await waitFor(() => expect(screen.queryByText('Came with the file')).toBeNull());
});
