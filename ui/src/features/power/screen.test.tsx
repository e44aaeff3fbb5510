import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen } from '@testing-library/react';
import { App } from 'antd';
import { MemoryRouter, Route, Routes } from 'react-router';
import { describe, expect, it, vi } from 'vitest';
import { jobQuery, powerQuery } from '../../shared/api/queries';
import type { Schemas } from '../../shared/api/client';
import { offered, picked } from '../../testKit';
import { MeasuredDraw } from './MeasuredDraw';
import { PowerScreen } from './PowerScreen';
import { devicesWith, withState } from './states';

const spot = { job: 'kiln', build: 'a', configuration: 'vest', lens: '' };
const session = {
  signedIn: true,
  username: 'lead',
  displayName: 'Lead',
  roles: ['LEAD'],
  administers: false,
  today: '2026-11-28',
  editsBriefs: true,
  editsBuilds: true,
  waives: true,
} as Schemas['Session'];
const untried = { battery: '', moreBatteries: 0, moreBays: 0 };

const day: Schemas['DayView'] = {
  turns: [],
  line: [{ hour: 0, share: 1 }],
  swaps: [],
  darkHours: 1.25,
  bootMinutes: 0.5,
  drawnWattHours: 240,
  used: 3,
  toRecharge: 3,
  rechargeHours: null,
  fullByMorning: false,
  baysForTheNight: 3,
};

const plate: Schemas['PlateView'] = {
  part: 'battery',
  battery: 'Battery 98 Wh',
  plate: 'Battery plate',
  hotSwap: false,
  keepsOn: 'everything goes off for a change',
  carriedHours: null,
  bootSeconds: 15,
  runningWatts: 60,
  nameplateWatts: 60,
  drawn: null,
  holds: null,
  idleWatts: 30,
  lostWatts: 4,
  atHand: 3,
  bays: 0,
  nightHours: 10,
  needed: 5,
  others: [{ item: 'battery-150@1', title: 'Battery 150 Wh' }],
  now: day,
  then: null,
  unknown: [],
};

function show(power: Partial<Schemas['Power']>) {
  const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } });
  client.setQueryData(jobQuery('kiln').queryKey, {
    builds: [{ id: 'a', title: 'A', configurations: [{ id: 'vest', title: 'Vest' }], lenses: [] }],
  } as unknown as Schemas['JobView']);
  client.setQueryData(powerQuery(spot, untried).queryKey, {
    revision: 3,
    configuration: 'vest',
    lens: '',
    tree: [],
    day: [{ what: 'on', state: 'ON', hours: 8, celsius: 12, mains: false, rolledMinutes: null, parts: [] }],
    dayWritten: false,
    plates: [plate],
    devices: [],
    flown: [],
    islands: [],
    ...power,
  });
  render(
    <QueryClientProvider client={client}>
      <MemoryRouter initialEntries={['/jobs/kiln/power']}>
        <Routes>
          <Route
            path="/jobs/:job/power"
            element={
              <App>
                <PowerScreen session={session} />
              </App>
            }
          />
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  );
}

describe('the Power screen', () => {
  it('says for how long nothing is left, and that no charger is packed', () => {
    show({});
    const line = screen.getByRole('row', { name: /as packed: 3 batteries, 0 bays/ }).textContent;
    expect(line).toContain('1 h 15');
    expect(line).toContain('no charger packed');
    expect(screen.getByText(/of it lost in converters/).textContent).toContain('60 W running, 4 W of it lost');
    expect(screen.getByText(/in a night of 10 h it takes 3 bays; none is there for this plate/)).toBeTruthy();
    expect(screen.getByText(/write the day in blocks/)).toBeTruthy();
    expect(offered('Try')).toContain('Battery 150 Wh, all of them');
  });

  it('says what every device does in each block, and which do other than the rig', () => {
    const block = (what: string, state: Schemas['DayBlock']['state']): Schemas['DayBlock'] => ({
      what,
      state,
      hours: 2,
      celsius: 20,
      mains: false,
      rolledMinutes: null,
      parts: [],
    });
    show({
      dayWritten: true,
      day: [block('Deck', 'ON'), block('Meal', 'OFF')],
      devices: [
        {
          placement: 'tx',
          title: 'Transmitter',
          idleWatts: 8,
          runningWatts: 12,
          peakWatts: 14,
          bootSeconds: 9,
          states: ['OFF', 'OFF'],
          own: [true, false],
          wattHours: 0,
        },
        {
          placement: 'prompter',
          title: 'Prompter',
          idleWatts: 4,
          runningWatts: null,
          peakWatts: null,
          bootSeconds: 0,
          states: ['ON', 'OFF'],
          own: [false, false],
          wattHours: 8,
        },
      ],
    });
    expect(picked('Transmitter in Deck')).toBe('off');
    expect(picked('Transmitter in Meal')).toBe('as the rig, off');
    expect(screen.getByRole('row', { name: /Transmitter/ }).textContent).toContain('8, 12, 14 W');
    expect(screen.getByRole('row', { name: /Transmitter/ }).textContent).toContain('9 s');
    expect(screen.getByRole('row', { name: /Prompter/ }).textContent).toContain('4, ?, ? W');
  });

  it('says one state anew and leaves the others', () => {
    const day: Schemas['DayBlock'][] = [
      {
        what: 'Deck',
        state: 'ON',
        hours: 2,
        celsius: 20,
        mains: false,
        rolledMinutes: null,
        parts: [
          { build: 'a', part: 'tx', state: 'OFF' },
          { build: 'b', part: 'tx', state: 'STANDBY' },
        ],
      },
      { what: 'Meal', state: 'OFF', hours: 1, celsius: 20, mains: true, rolledMinutes: null, parts: [] },
    ];
    expect(withState(day, 0, 'a', 'tx', null)[0]?.parts).toEqual([{ build: 'b', part: 'tx', state: 'STANDBY' }]);
    expect(withState(day, 0, 'a', 'tx', 'ON')[0]?.parts).toEqual([
      { build: 'b', part: 'tx', state: 'STANDBY' },
      { build: 'a', part: 'tx', state: 'ON' },
    ]);
    expect(withState(day, 1, 'a', 'tx', 'ON')[0]).toBe(day[0]);
    expect(withState(day, 1, 'a', 'tx', 'ON')[1]?.parts).toEqual([{ build: 'a', part: 'tx', state: 'ON' }]);
  });

  it('says for how long a small battery carries it through a change', () => {
    show({
      plates: [
        { ...plate, hotSwap: true, keepsOn: 'a battery in the bay carries it through a change', carriedHours: 0.5 },
      ],
    });
    expect(screen.getByText(/carries it through a change, for up to 0 h 30/)).toBeTruthy();
    expect(screen.queryByText(/Each change costs/)).toBeNull();
  });

  it('shows a state that is on its way as if it stood, and leaves the other devices alone', () => {
    const device = (placement: string) =>
      ({ placement, states: ['ON', 'OFF'], own: [false, false] }) as unknown as Schemas['DeviceDay'];
    const day = [{ state: 'ON' }, { state: 'OFF' }] as Schemas['DayBlock'][];
    const shown = devicesWith([device('tx'), device('mon')], day, [
      { block: 1, part: 'tx', state: 'STANDBY' },
      { block: 0, part: 'tx', state: 'OFF' },
      { block: 0, part: 'tx', state: null },
    ]);
    expect(shown[0]).toMatchObject({ states: ['ON', 'STANDBY'], own: [false, true] });
    expect(shown[1]).toMatchObject({ states: ['ON', 'OFF'], own: [false, false] });
  });

  it('draws what is tried in a line of its own', () => {
    show({ dayWritten: true, plates: [{ ...plate, then: { ...day, darkHours: 0 } }] });
    expect(screen.getByRole('row', { name: /as tried/ }).textContent).toContain('never');
    expect(screen.queryByText(/write the day in blocks/)).toBeNull();
  });

  it('names what is not on file instead of drawing a day', () => {
    show({ plates: [{ ...plate, now: null, unknown: ['Prompter'] }] });
    expect(screen.getByText(/no draw or capacity on file for Prompter/)).toBeTruthy();
  });

  it('says what to do on a rig without a battery', () => {
    show({ plates: [] });
    expect(screen.getByText(/No battery is on this rig/)).toBeTruthy();
    expect(screen.queryByText('The day')).toBeNull();
  });

  it('says what may fly and what runs on its own cells', () => {
    show({
      flown: [
        {
          battery: 'Battery 150 Wh',
          wattHours: 150,
          count: 5,
          rule: 'APPROVAL',
          words: 'in the cabin with the carrier’s approval',
          people: 3,
        },
      ],
      islands: [{ placement: 'time', title: 'Timecode box', hours: 20, changes: 0 }],
    });
    expect(screen.getByText('3 people')).toBeTruthy();
    expect(screen.getByText(/Timecode box, 20 h a set, no change in this day/)).toBeTruthy();
  });

  it('draws the feed as a tree that the keyboard reaches', () => {
    const row = (depth: number, title: string, over: Partial<Schemas['FeedRow']> = {}): Schemas['FeedRow'] => ({
      depth,
      kind: depth === 0 ? 'BATTERY' : 'OUTLET',
      placement: title,
      title,
      through: '',
      volts: { from: 12, to: 16.8 },
      nominalVolts: 14.4,
      amps: 1,
      runningWatts: 20,
      peakWatts: 25,
      limitWatts: 50,
      free: false,
      state: 'FINE' as const,
      ...over,
    });
    show({
      tree: [
        row(0, 'battery'),
        row(1, 'out 1'),
        row(2, 'body', { state: 'FOUND' as const }),
        row(1, 'out 2', { free: true }),
      ],
    });
    const body = screen.getByRole('link', {
      name: /^body, 20 W running, 25 W peak, 12.0 V at the end of the charge, out of range/,
    });
    expect(body.getAttribute('tabindex')).toBe('0');
    expect(screen.getByRole('link', { name: /^out 2, free/ })).toBeTruthy();
  });
});

describe('what was measured off a battery', () => {
  const drawn = { watts: 66, plusMinus: 1, by: 'Jonna Brask', when: '2026-11-24', counts: true };

  it('stands beside what the nameplates say, and says when it counts no more', () => {
    const { container, rerender } = render(
      <MeasuredDraw plate={{ ...plate, drawn }} mayMeasure={false} onMeasure={vi.fn()} onForget={vi.fn()} />,
    );
    expect(container.textContent).toContain('66.0 ± 1.0 W, nameplates say 60.0 W Jonna Brask, 2026-11-24');
    expect(screen.queryByRole('button')).toBeNull();
    rerender(
      <MeasuredDraw
        plate={{ ...plate, drawn: { ...drawn, counts: false } }}
        mayMeasure
        onMeasure={vi.fn()}
        onForget={vi.fn()}
      />,
    );
    expect(container.textContent).toContain('other things hang on it now');
  });

  it('is said with how far it may be off, refused where it cannot be, and taken back', () => {
    const onMeasure = vi.fn();
    const onForget = vi.fn();
    const { rerender } = render(<MeasuredDraw plate={plate} mayMeasure onMeasure={onMeasure} onForget={onForget} />);
    fireEvent.click(screen.getByRole('button', { name: 'Measured at the battery' }));
    fireEvent.click(screen.getByRole('button', { name: 'Judge the day by it' }));
    expect(screen.getByRole('alert').textContent).toContain('above 0 up to 5000 W');
    fireEvent.change(screen.getByLabelText('Measured, W'), { target: { value: '66,4' } });
    fireEvent.change(screen.getByLabelText('May be off by, W'), { target: { value: '1' } });
    fireEvent.click(screen.getByRole('button', { name: 'Judge the day by it' }));
    expect(onMeasure).toHaveBeenLastCalledWith(66.4, 1);
    rerender(<MeasuredDraw plate={{ ...plate, drawn }} mayMeasure onMeasure={onMeasure} onForget={onForget} />);
    fireEvent.click(screen.getByRole('button', { name: 'take it back' }));
    expect(onMeasure).toHaveBeenLastCalledWith(0, 0);
    const holds = { wattHours: 121, plusMinus: 1.5, by: 'Jonna Brask', when: '' };
    rerender(
      <MeasuredDraw plate={{ ...plate, drawn: null, holds }} mayMeasure onMeasure={onMeasure} onForget={onForget} />,
    );
    expect(document.body.textContent).toContain('The weakest of these batteries holds 121 ± 1.5 Wh Jonna Brask');
    fireEvent.click(screen.getByRole('button', { name: 'not so' }));
    expect(onForget).toHaveBeenCalledOnce();
  });
});
