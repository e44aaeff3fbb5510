import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { beforeEach, describe, expect, it } from 'vitest';
import { papersQuery } from '../../shared/api/wayQueries';
import { PapersScreen } from './PapersScreen';
import { bookAddress, cardAddress, wanted } from './papers';
import type { Sheet } from './papers';

const sheets: Sheet[] = [
  { sheet: 'OVERVIEW', title: 'Overview', there: true },
  { sheet: 'MEDIA', title: 'Cards and copies', there: false },
  { sheet: 'PULL', title: 'Pull list and cases', there: true },
];

function show() {
  const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity, retry: false } } });
  client.setQueryData(papersQuery('kiln').queryKey, {
    sheets,
    cards: [
      { role: 'SOUND', title: 'Sound', there: true },
      { role: 'DATA', title: 'Data', there: false },
    ],
  });
  render(
    <QueryClientProvider client={client}>
      <MemoryRouter initialEntries={['/jobs/kiln/papers']}>
        <Routes>
          <Route path="/jobs/:job/papers" element={<PapersScreen />} />
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  );
}

describe('the papers of a job', () => {
  beforeEach(() => localStorage.clear());

  it('are asked for whole while nothing is left out', () => {
    expect(wanted(sheets, new Set())).toEqual([]);
    expect(wanted(sheets, new Set(['OVERVIEW']))).toEqual(['PULL']);
    expect(bookAddress('kiln', 'A4', [])).toBe('/api/jobs/kiln/book.pdf?paper=A4');
    expect(bookAddress('kiln', 'LETTER', ['PULL', 'TOOLS'])).toBe(
      '/api/jobs/kiln/book.pdf?paper=LETTER&sheets=PULL%2CTOOLS',
    );
    expect(cardAddress('kiln', 'A4', 'SOUND')).toBe('/api/jobs/kiln/cards/SOUND.pdf?paper=A4');
  });

  it('say what there is nothing of, and keep the paper that was chosen', () => {
    show();
    expect(screen.getByText('nothing to tell yet')).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Data' })).toHaveProperty('disabled', true);
    const book = screen.getByRole('link', { name: 'The whole book, PDF' });
    expect(book.getAttribute('href')).toContain('paper=A4');
    fireEvent.click(screen.getByText('Letter'));
    expect(screen.getByRole('link', { name: 'Sound' }).getAttribute('href')).toContain('paper=LETTER');
    expect(localStorage.getItem('harbor.paper')).toBe('LETTER');
    fireEvent.click(screen.getByRole('checkbox', { name: 'Overview' }));
    expect(screen.getByRole('link', { name: '1 sheet, PDF' }).getAttribute('href')).toContain('sheets=PULL');
    fireEvent.click(screen.getByRole('checkbox', { name: 'Pull list and cases' }));
    expect(screen.getByText('0 sheets, PDF').closest('.ant-btn-disabled')).toBeTruthy();
  });
});
