import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { jobNotesQuery } from '../api/noteQueries';
import { NotesHere } from './NotesHere';

const note = (about: string, words: string, kind: 'KNOWN' | 'NEXT_TIME'): Schemas['NoteView'] => ({
  id: words,
  kind,
  about,
  title: about,
  words,
  job: 'kiln',
  jobTitle: 'Kiln',
  who: 'Jonna Brask',
  at: '2026-11-02T10:00:00Z',
  settled: '',
});

const known: Schemas['JobNotes'] = {
  notes: [note('type:head', 'Springs one step higher.', 'NEXT_TIME'), note('type:arm', 'Creeps when warm.', 'KNOWN')],
  incidents: [
    {
      kind: 'MISSING',
      type: 'head',
      name: 'Head',
      piece: 'H-2',
      pieces: 1,
      job: 'mill',
      jobTitle: 'Tide Mill',
      words: 'left at the quay',
      cost: null,
      who: 'Jonna Brask',
      at: '2026-10-01T10:00:00Z',
      now: 'LOST',
    },
  ],
};

function show(about: string[], mayWrite: boolean) {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  client.setQueryData(jobNotesQuery('kiln').queryKey, known);
  return render(
    <QueryClientProvider client={client}>
      <NotesHere job="kiln" about={about} mayWrite={mayWrite} />
    </QueryClientProvider>,
  );
}

describe('what is known of a thing', () => {
  it('is shown where it is used, with who said it and where it was learnt', () => {
    show(['type:head', 'piece:'], false);
    expect(screen.getByText(/Springs one step higher/)).toBeTruthy();
    expect(screen.getByText('Next time:')).toBeTruthy();
    expect(screen.getByText(/Jonna Brask, Kiln, Mon 2 Nov/)).toBeTruthy();
    expect(screen.getByText(/left at the quay/)).toBeTruthy();
    expect(screen.queryByText(/Creeps/)).toBeNull();
    expect(screen.queryByRole('button')).toBeNull();
  });

  it('takes no room where nothing is known and nobody may write', () => {
    const { container } = show(['type:lamp'], false);
    expect(container.innerHTML).toBe('');
    show(['type:lamp'], true);
    expect(screen.getByRole('button', { name: 'Note something of it' })).toBeTruthy();
  });
});
