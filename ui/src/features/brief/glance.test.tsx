import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../shared/api/client';
import { drawingQuery } from '../../shared/api/queries';
import { Glance } from './Glance';

const job = {
  id: 'kiln',
  revision: 3,
  brief: {
    prep: '2026-12-01',
    load: '2026-12-04T07:00',
    shoot: '2026-12-05',
    back: '2026-12-09',
    asks: {
      shoot: {
        day: [
          { what: 'Deck', state: 'ON', hours: 3, celsius: -4 },
          { what: 'Meal', state: 'OFF', hours: 1.5, celsius: 15 },
        ],
      },
    },
  },
  unanswered: [{ what: 'who operates', until: 'nobody’s own ways of working hold' }],
  builds: [
    { id: 'a', title: 'A camera', configurations: [{ id: 'vest', title: 'Vest' }], lenses: [{ id: 'l25' }] },
    { id: 'b', title: 'B camera', configurations: [{ id: 'sticks', title: 'Sticks' }], lenses: [] },
  ],
} as unknown as Schemas['JobView'];

describe('the brief on one look', () => {
  it('shows days, blocks as long as they are, every way of being worn, and what nobody said', () => {
    const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity, enabled: false } } });
    const spot = { job: 'kiln', build: 'a', configuration: 'vest', lens: 'l25' };
    client.setQueryData(drawingQuery(spot, 'RIGHT', 3).queryKey, {
      view: 'RIGHT',
      parts: [{ placement: 'body', category: 'BODY', shapes: [{ border: [0, 0, 10, 0, 10, 10], bore: [] }] }],
    } as unknown as Schemas['DrawingView']);
    render(
      <QueryClientProvider client={client}>
        <MemoryRouter>
          <Glance job={job} />
        </MemoryRouter>
      </QueryClientProvider>,
    );
    expect(screen.getByText('Fri 4 Dec 07:00')).toBeTruthy();
    const blocks = [...screen.getByLabelText('The day in blocks').children] as HTMLElement[];
    expect(blocks.map((b) => [b.textContent, b.style.flexGrow])).toEqual([
      ['Deck3 h −4 °C', '3'],
      ['Meal1.5 h 15 °C', '1.5'],
    ]);
    expect(screen.getByLabelText('Vest, drawn').querySelectorAll('path')).toHaveLength(1);
    const worn = [...screen.getByLabelText('Worn as').querySelectorAll('a')];
    expect(worn.map((a) => a.getAttribute('href'))).toEqual([
      '/jobs/kiln/bench?build=a&config=vest',
      '/jobs/kiln/bench?build=b&config=sticks',
    ]);
    expect(screen.getByText('who operates').getAttribute('title')).toContain('Until then');
  });
});
