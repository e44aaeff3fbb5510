import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { ACTS } from '../../shared/api/acts';
import { rollsQuery } from '../../shared/api/mediaQueries';
import type { RollAct } from '../../shared/api/mediaQueries';
import { CardDay } from './CardDay';
import { after, gigabytes, minutesText, movedTo, rollInWords } from './media';
import type { Plan, RollLine } from './media';
import { Bench, Cards } from './MediaTables';
import { RollLog } from './RollLog';

const fact = { state: 'FINE' as const, value: 0, range: { from: 0, to: 0 }, need: 0 };
const roll: Plan['rolls'][number] = {
  name: 'A001',
  second: false,
  build: 'a',
  card: 'Card 1 TB',
  fromMinute: 0,
  outMinute: 158.3,
  readMinute: 158.3,
  copiedMinute: 237.5,
  freeMinute: 247.5,
  share: 1,
};
const plan: Plan = {
  bodies: [],
  cards: [
    {
      name: 'Card 1 TB',
      kind: 'slab',
      count: 6,
      gigabytes: 1000,
      writes: { ...fact, state: 'NOT_CHECKED' },
      reads: 800,
      goesIn: true,
    },
    {
      name: 'Chip',
      kind: 'chip',
      count: 2,
      gigabytes: null,
      writes: { ...fact, state: 'FOUND', value: 60, need: 165 },
      reads: null,
      goesIn: false,
    },
  ],
  readers: [],
  drives: [{ name: 'Drive', count: 2, gigabytes: 2000 }],
  day: [{ what: 'Deck', fromMinute: 0, toMinute: 480, rolled: 240, rolledRange: { from: 240, to: 240 }, told: true }],
  rolls: [roll],
  waits: { ...fact, state: 'FOUND', value: 89 },
  firstWait: 158.3,
  late: fact,
  wanted: null,
  wantedWithout: null,
  gigabytes: 2880,
  gigabytesRange: { from: 2880, to: 2880 },
  days: 2,
  copies: 2,
  room: { ...fact, state: 'FOUND', value: -3760 },
};

describe('a day of cards in words', () => {
  it('tells times from the beginning of the day', () => {
    expect(after(158.33)).toBe('2 h 38');
    expect(minutesText(79.2)).toBe('79 min');
    expect(minutesText(158.3)).toBe('2 h 38');
    expect(gigabytes(950)).toBe('950 GB');
    expect(gigabytes(2880)).toBe('2.88 TB');
    expect(rollInWords(roll)).toBe(
      'A001 on Card 1 TB: in at 0 h 00, out at 2 h 38 full, read from 2 h 38 to 3 h 58, free at 4 h 08',
    );
    expect(rollInWords({ ...roll, share: 0.316 })).toContain('32 % full');
    expect(rollInWords({ ...roll, second: true })).toContain('A001 /2 on');
  });

  it('draws every card and where recording waits', () => {
    const { container } = render(<CardDay plan={plan} />);
    expect(screen.getByRole('img', { name: /A001 on Card 1 TB/ })).toBeTruthy();
    expect(container.querySelectorAll('.in-body, .is-read, .is-seen').length).toBe(3);
    expect(screen.getByText('waits for a card from 2 h 38')).toBeTruthy();
  });

  it('tells what does not go in, what is too slow, and what does not fit', () => {
    render(<Cards plan={plan} />);
    expect(screen.getByText('chip: nothing here')).toBeTruthy();
    expect(screen.getByText('60 MB/s, 165 needed').className).toContain('stop');
    render(<Bench plan={plan} />);
    expect(screen.getByText(/No reader is packed/)).toBeTruthy();
    expect(screen.getByText('3.76 TB do not fit on each')).toBeTruthy();
  });
});

const line: RollLine = {
  id: 'r1',
  name: 'A001',
  build: 'a',
  card: 'MD-003',
  mode: '4K raw',
  stage: 'COPIED',
  next: 'CHECKED',
  before: 'OUT',
  steps: [{ stage: 'RECORDING', who: 'Jonna Brask', at: '2026-11-30T10:00:00Z' }],
};

describe('the log of rolls', () => {
  it('goes a stage on and one back', () => {
    expect(movedTo([line], 'r1', 'CHECKED')[0]?.stage).toBe('CHECKED');
    expect(movedTo([line], 'other', 'CHECKED')[0]?.stage).toBe('COPIED');
  });

  const { send } = ACTS.roll;
  afterEach(() => {
    ACTS.roll.send = send;
  });

  it('takes a card in, tells a refusal in its words, and moves a roll on', async () => {
    const sent: RollAct[] = [];
    ACTS.roll.send = ({ act }) => {
      sent.push(act);
      return 'card' in act
        ? Promise.reject(new Error('MD-003 is A001, copied and not checked.'))
        : Promise.resolve([{ ...line, stage: 'CHECKED', next: 'FREED', before: 'COPIED' }]);
    };
    const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } });
    client.setQueryData(rollsQuery('kiln').queryKey, [line]);
    render(
      <QueryClientProvider client={client}>
        <RollLog job="kiln" bodies={[{ id: 'a', title: 'A camera', mode: '4K raw' }]} mayWrite />
      </QueryClientProvider>,
    );
    const field = screen.getByLabelText('Card that goes in');
    fireEvent.change(field, { target: { value: ' MD-003 ' } });
    fireEvent.submit(field);
    expect((await screen.findByRole('alert')).textContent).toBe('MD-003 is A001, copied and not checked.');
    expect(sent[0]).toMatchObject({ build: 'a', card: 'MD-003', mode: '4K raw' });
    client.setQueryData(rollsQuery('kiln').queryKey, [line]);
    fireEvent.click(await screen.findByRole('button', { name: 'A001: Checked' }));
    await waitFor(() => expect(sent[1]).toMatchObject({ roll: 'r1', stage: 'CHECKED' }));
    expect(await screen.findByRole('button', { name: 'A001: Free the card' })).toBeTruthy();
    expect(screen.queryByRole('alert')).toBeNull();
  });
});
