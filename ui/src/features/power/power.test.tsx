import { render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../shared/api/client';
import { BatteryPlan } from './BatteryPlan';
import { atHour } from '../../shared/format/units';
import { DayChart, inWords } from './DayChart';
import { FeedTable } from './FeedTable';

const day = (over: Partial<Schemas['DayView']> = {}): Schemas['DayView'] => ({
  turns: [],
  line: [
    { hour: 0, share: 1 },
    { hour: 2, share: 0 },
    { hour: 2, share: 1 },
    { hour: 3, share: 0.5 },
  ],
  swaps: [{ hour: 2, interrupting: true }],
  darkHours: 0,
  bootMinutes: 0,
  drawnWattHours: 135,
  used: 2,
  toRecharge: 2,
  rechargeHours: null,
  fullByMorning: true,
  baysForTheNight: null,
  ...over,
});

describe('the day', () => {
  it('is told in hours and minutes', () => {
    expect(atHour(1.5)).toBe('1 h 30');
    expect(atHour(1.999)).toBe('2 h 00');
    expect(inWords(day())).toBe('Changed with everything off at 2 h 00.');
    expect(inWords(day({ swaps: [], darkHours: 0.5 }))).toBe('No change of battery. Nothing left for 0 h 30.');
    expect(inWords(day({ swaps: [{ hour: 2, interrupting: false }] }))).toBe('Changed with power on at 2 h 00.');
  });

  it('draws a line for what is and one for what is tried, and says both in words', () => {
    const blocks: Schemas['DayBlock'][] = [
      { what: 'Deck', state: 'ON', hours: 3, celsius: -4, mains: false, rolledMinutes: null, parts: [] },
      { what: 'Meal', state: 'OFF', hours: 1, celsius: 15, mains: true, rolledMinutes: null, parts: [] },
    ];
    const { container } = render(<DayChart title="Battery" day={blocks} now={day({ darkHours: 1 })} then={day()} />);
    expect(screen.getByRole('img').getAttribute('aria-label')).toBe(
      'Battery. Changed with everything off at 2 h 00. Nothing left for 1 h 00. As tried: Changed with everything off at 2 h 00.',
    );
    expect(container.querySelectorAll('.line')).toHaveLength(2);
    expect(container.querySelector('.line.dark')).toBeTruthy();
    expect(container.querySelectorAll('.mains')).toHaveLength(1);
    expect(container.textContent).toContain('-4'.replace('-', '−'));
  });
});

describe('battery by battery', () => {
  const turns: Schemas['Turn'][] = [
    { battery: 2, charging: false, fromHour: 2, toHour: 3, fromShare: 1, toShare: 0.5 },
    { battery: 1, charging: false, fromHour: 0, toHour: 2, fromShare: 1, toShare: 0 },
    { battery: 1, charging: true, fromHour: 3, toHour: 4, fromShare: 0, toShare: 0.6 },
  ];

  it('has a row for each that is used, in order, and says each turn in words', () => {
    const { container } = render(<BatteryPlan title="Battery 150 Wh" hours={4} turns={turns} />);
    expect([...container.querySelectorAll('text')].map((t) => t.textContent)).toEqual(['1', '2']);
    expect(container.querySelectorAll('.rig')).toHaveLength(2);
    expect(container.querySelectorAll('.bay')).toHaveLength(1);
    expect(screen.getByRole('img').getAttribute('aria-label')).toBe(
      'Battery 150 Wh, battery by battery. Battery 1: on the rig from 0 h 00 to 2 h 00, 100 % to 0 %; in a bay from 3 h 00 to 4 h 00, 0 % to 60 %. Battery 2: on the rig from 2 h 00 to 3 h 00, 100 % to 50 %.',
    );
  });

  it('stands along the hours of the day', () => {
    const { container } = render(<BatteryPlan title="Battery" hours={4} turns={turns} />);
    const [first, bay] = [...container.querySelectorAll('rect')];
    expect(Number(first?.getAttribute('x'))).toBe(44);
    expect(Number(first?.getAttribute('width'))).toBe(332);
    expect(Number(bay?.getAttribute('x'))).toBe(44 + 0.75 * 664);
  });

  it('draws nothing where nothing is drawn', () => {
    const { container } = render(<BatteryPlan title="Battery" hours={4} turns={[]} />);
    expect(container.querySelector('svg')).toBeNull();
  });
});

const row = (over: Partial<Schemas['FeedRow']>): Schemas['FeedRow'] => ({
  depth: 0,
  kind: 'BATTERY',
  placement: 'battery',
  title: 'Battery 150 Wh',
  through: 'on Battery plate',
  volts: { from: 12.6, to: 16.8 },
  nominalVolts: 14.4,
  amps: 8.2,
  runningWatts: 104,
  peakWatts: 150,
  limitWatts: 180,
  free: false,
  state: 'FINE' as const,
  ...over,
});

describe('the feed', () => {
  it('indents what lives off what, says what is free and what is out of range', () => {
    render(
      <MemoryRouter>
        <FeedTable
          bench={(p) => `/bench?part=${p}`}
          rows={[
            row({}),
            row({ depth: 1, kind: 'OUTLET', title: 'D-tap 1', free: true }),
            row({
              depth: 2,
              kind: 'DEVICE',
              placement: 'tx',
              title: 'Transmitter',
              volts: { from: 11.2, to: 11.2 },
              limitWatts: 0,
              state: 'FOUND' as const,
            }),
          ]}
        />
      </MemoryRouter>,
    );
    expect(screen.getByRole('row', { name: /D-tap 1/ }).textContent).toContain('free');
    const device = screen.getByRole('row', { name: /Transmitter/ });
    expect(device.textContent).toContain('out of range');
    expect(device.textContent).toContain('11.2 V');
    expect(screen.getByText('Transmitter').getAttribute('href')).toBe('/bench?part=tx');
  });

  it('says what to do without a battery', () => {
    render(<FeedTable rows={[]} bench={() => ''} />);
    expect(screen.getByText(/Put one on a plate/)).toBeTruthy();
  });
});
