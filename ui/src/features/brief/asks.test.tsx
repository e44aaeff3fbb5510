import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { waysQuery } from '../../shared/api/houseQueries';
import type { Schemas } from '../../shared/api/client';
import { pick } from '../../testKit';
import { AsksForm } from './AsksForm';

const nothing: Schemas['Asks'] = {
  changes: [],
  room: { depthMm: 0, heightMm: 0, configurations: [] },
  spares: [],
  tapes: [],
  ways: {},
  worn: [],
  own: [],
  shoot: {
    orientation: 'ANY',
    longestStretchHours: 0,
    insuredValue: null,
    sound: 'NONE',
    timecode: false,
    focus: 'UNSAID',
    viewers: [],
    recordings: [],
    day: [],
    claimedHours: null,
    flyers: 0,
  },
};

const ways: Schemas['WayLine'][] = [
  {
    id: 'spares',
    group: 'Prep and kit',
    question: 'What is a missing spare?',
    chosen: 'read',
    by: '',
    options: [
      { id: 'read', title: 'Told and read', reason: 'A runner can bring it.', effects: [] },
      { id: 'firm', title: 'A reason to stay', reason: 'There is no runner.', effects: ['Spares are packed: stop'] },
    ],
  },
];

function form(
  asks: Schemas['Asks'],
  worn = [
    { value: 'studio', label: 'Studio' },
    { value: 'vest', label: 'Vest' },
  ],
) {
  const onChange = vi.fn();
  const client = new QueryClient();
  client.setQueryData(waysQuery.queryKey, ways);
  render(
    <QueryClientProvider client={client}>
      <AsksForm asks={asks} worn={worn} lenses={[]} onChange={onChange} />
    </QueryClientProvider>,
  );
  return onChange;
}

describe('AsksForm', () => {
  it('adds a change between the first two configurations', () => {
    const onChange = form(nothing);
    fireEvent.click(screen.getAllByText('Add a line')[0] as HTMLElement);
    expect(onChange).toHaveBeenCalledWith({
      ...nothing,
      changes: [{ from: 'studio', to: 'vest', minutes: 5, toolFree: false }],
    });
  });

  it('has nothing to change into with one configuration, and says so', () => {
    form(nothing, [{ value: 'studio', label: 'Studio' }]);
    expect(screen.getByText(/The build has one configuration/)).toBeTruthy();
    expect(screen.getAllByText('Add a line')).toHaveLength(7);
  });

  it('drops a line', () => {
    const onChange = form({ ...nothing, tapes: [{ what: 'door', distanceMm: 900, lens: '' }] });
    fireEvent.click(screen.getByLabelText('Drop this line'));
    expect(onChange).toHaveBeenCalledWith(nothing);
  });

  it('sets tool-free without touching the rest of the line', () => {
    const change = { from: 'studio', to: 'vest', minutes: 4, toolFree: false };
    const onChange = form({ ...nothing, changes: [change] });
    fireEvent.click(screen.getByLabelText('no tools'));
    expect(onChange).toHaveBeenCalledWith({ ...nothing, changes: [{ ...change, toolFree: true }] });
  });

  it('lists only the questions that this job answers otherwise, and offers the others', () => {
    const onChange = form(nothing);
    expect(screen.queryByLabelText('What is a missing spare?')).toBeNull();
    pick('Another question', 'What is a missing spare?');
    expect(onChange).toHaveBeenCalledWith({ ...nothing, ways: { spares: 'firm' } });
  });

  it('goes back to the house’s way', () => {
    const onChange = form({ ...nothing, ways: { spares: 'firm' } });
    fireEvent.click(screen.getByLabelText('Drop this line'));
    expect(onChange).toHaveBeenCalledWith(nothing);
  });

  it('asks about viewers and recording modes a line at a time', () => {
    const onChange = form(nothing);
    const add = screen.getAllByText('Add a line');
    fireEvent.click(add[add.length - 2] as HTMLElement);
    expect(onChange.mock.lastCall?.[0].shoot.viewers).toEqual([
      { who: 'Director', trust: 'FRAME', byRadio: false, build: '' },
    ]);
    fireEvent.click(add[add.length - 1] as HTMLElement);
    expect(onChange.mock.lastCall?.[0].shoot.recordings).toHaveLength(1);
  });
});
