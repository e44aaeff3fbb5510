import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../../shared/api/client';
import { plugOffersQuery } from '../../shared/api/queries';
import { pick } from '../../testKit';
import { CableTable, laid } from './CableTable';
import { curve, layout, lines } from './layout';
import { OrderCards } from './OrderCards';
import { SignalMap } from './SignalMap';
import { SoundAndTime } from './SoundAndTime';
import { SwitchTable } from './SwitchTable';
import { ViewerTable } from './ViewerTable';

const box = (id: string, column: number, more: Partial<Schemas['BoxRow']> = {}): Schemas['BoxRow'] => ({
  id,
  title: id,
  onRig: true,
  sits: '',
  column,
  label: '',
  ownCellHours: 0,
  dark: [id],
  blind: [],
  lost: [],
  ...more,
});
const link = (from: string, to: string, more: Partial<Schemas['LinkRow']> = {}): Schemas['LinkRow'] => ({
  from,
  to,
  fromSocket: 'SDI 1',
  toSocket: 'SDI in',
  carried: 'PICTURE',
  kind: 'CABLE',
  by: 'k',
  ...more,
});

describe('layout of the map', () => {
  it('puts columns side by side and no two boxes on each other', () => {
    const l = layout(
      [box('a', 0), box('b', 1), box('c', 1), box('d', 2)],
      [link('a', 'b'), link('a', 'c'), link('c', 'd')],
    );
    const at = [...l.places.values()].map((p) => `${p.x} ${p.y}`);
    expect(new Set(at).size).toBe(4);
    expect(l.places.get('d')?.x).toBeGreaterThan(l.places.get('b')?.x ?? 0);
    expect(l.width).toBeGreaterThan(0);
  });

  it('leads forward from the right edge and within a column from below', () => {
    expect(curve({ x: 0, y: 0 }, { x: 300, y: 0 })).toMatch(/^M136 23C/);
    expect(curve({ x: 0, y: 0 }, { x: 0, y: 100 })).toMatch(/^M68 46C/);
  });

  it('keeps a title to two lines', () => {
    expect(lines('Monitor')).toEqual(['Monitor']);
    expect(lines('Picture receiver of the director')).toHaveLength(2);
    expect(lines('x'.repeat(80))[1]).toMatch(/…$/);
  });
});

describe('the map', () => {
  it('tells by key what breaks, and marks what is dark', () => {
    const onFail = vi.fn();
    const boxes = [box('body', 0, { dark: ['body', 'finder'], lost: ['Operator sees nothing'] }), box('finder', 1)];
    const { container } = render(
      <SignalMap boxes={boxes} links={[link('body', 'finder')]} failed="body" onFail={onFail} />,
    );
    const body = screen.getByRole('button', { name: /body.*Operator sees nothing/ });
    fireEvent.keyDown(body, { key: 'Enter' });
    expect(onFail).toHaveBeenCalledWith('body');
    expect(container.querySelectorAll('.box.dark')).toHaveLength(2);
    expect(container.querySelectorAll('.link.gone')).toHaveLength(1);
  });

  it('says so when there is nothing to draw', () => {
    render(<SignalMap boxes={[]} links={[]} failed="" onFail={() => undefined} />);
    expect(screen.getByText(/Nothing on this rig/)).toBeTruthy();
  });
});

const seat = (more: Partial<Schemas['SeatRow']>): Schemas['SeatRow'] => ({
  viewer: { who: 'Director', trust: 'FRAME', byRadio: true, build: '' },
  display: 'M5',
  label: 'frame',
  reached: true,
  way: ['Body', 'M5'],
  rate: 3,
  looks: [],
  quarterTurns: 0,
  links: 1,
  whyNot: '',
  ...more,
});

describe('viewers', () => {
  it('tells who sees, who does not and why, and who loses it', () => {
    render(
      <MemoryRouter>
        <ViewerTable
          brief="/jobs/j/brief"
          blind={['Director']}
          seats={[
            seat({}),
            seat({
              viewer: { who: 'Puller', trust: 'FOCUS', byRadio: true, build: '' },
              reached: false,
              whyNot: 'no display left',
            }),
            seat({
              viewer: { who: 'Desk', trust: 'EXPOSURE', byRadio: false, build: '' },
              looks: ['Body', 'M9'],
              quarterTurns: 1,
            }),
          ]}
        />
      </MemoryRouter>,
    );
    expect(screen.getByText('gone')).toBeTruthy();
    expect(screen.getByText('no display left')).toBeTruthy();
    expect(screen.getByText('Body and M9').className).toContain('caution');
    expect(screen.getByText('turned by 90°')).toBeTruthy();
  });

  it('leads to the brief when nobody is named', () => {
    render(
      <MemoryRouter>
        <ViewerTable brief="/jobs/j/brief" blind={[]} seats={[]} />
      </MemoryRouter>,
    );
    expect(screen.getByRole('link', { name: 'brief' }).getAttribute('href')).toBe('/jobs/j/brief');
  });
});

describe('sound, time, order and switches', () => {
  it('tells what is lost of sound and who keeps time, and sets a safety track', () => {
    const onSet = vi.fn();
    render(
      <SoundAndTime
        canEdit
        onSet={onSet}
        sound={[
          {
            source: 'Mic',
            channels: 4,
            phantom: true,
            into: 'Body',
            takes: 2,
            powered: true,
            full: true,
            safetyKey: ['body:audio:2'],
            safetyDb: 0,
          },
        ]}
        time={[
          { into: 'Body', from: 'Box', ownCellHours: 20 },
          { into: 'Recorder', from: '', ownCellHours: 0 },
        ]}
      />,
    );
    expect(screen.getByText('2 of 4 channels kept')).toBeTruthy();
    expect(screen.getByText('in step')).toBeTruthy();
    expect(screen.getByText('no timecode box plugged')).toBeTruthy();
    pick('Safety track of Mic', 'and a safety track, 12 dB lower');
    expect(onSet).toHaveBeenCalledWith('body:audio:2', 12);
  });

  it('shows an order only for a body that has one', () => {
    const { rerender } = render(<OrderCards orders={[]} />);
    expect(screen.getByText(/no rule of its own/)).toBeTruthy();
    rerender(<OrderCards orders={[{ body: 'Petrel', source: 'the maker', on: ['Power on.'], off: ['Unplug.'] }]} />);
    expect(screen.getByText('Source: the maker.')).toBeTruthy();
  });

  it('sets look and turn, and only for who may', () => {
    const onSet = vi.fn();
    const rows = [
      {
        box: 'Body',
        socket: 'SDI 1',
        lookKey: ['body:sdi-1:0'],
        look: false,
        turnKey: 'body:sdi-1:1',
        quarterTurns: 0,
      },
    ];
    const { rerender } = render(<SwitchTable switches={rows} canEdit onSet={onSet} />);
    fireEvent.click(screen.getByLabelText('Look on at Body, SDI 1'));
    expect(onSet).toHaveBeenLastCalledWith('body:sdi-1:0', 1);
    pick('Picture turned at Body, SDI 1', 'turned by 90°');
    expect(onSet).toHaveBeenLastCalledWith('body:sdi-1:1', 1);
    rerender(<SwitchTable switches={rows} canEdit={false} onSet={onSet} />);
    expect((screen.getByLabelText('Look on at Body, SDI 1') as HTMLInputElement).disabled).toBe(true);
  });
});

describe('cables', () => {
  const end = (part: string): Schemas['End'] => ({
    part,
    socket: 'in',
    connector: 'BNC',
    pinOut: 'usual',
    locks: true,
    rightAngle: false,
  });
  const cable = (over: Partial<Schemas['CableView']> = {}): Schemas['CableView'] => ({
    id: 'k',
    name: 'Finder power',
    carries: 'POWER',
    a: end('Body'),
    b: end('Finder'),
    neededMm: 473,
    turnedMm: 473,
    turned: '',
    lengthMm: 400,
    tooShort: true,
    tautWhenTurned: false,
    label: 'A Body › Finder',
    along: [],
    stowedIn: '',
    twins: ['24 V wiring'],
    ...over,
  });
  const parts: Schemas['PartView'][] = [
    { id: 'body', title: 'Body', bay: true },
    { id: 'rods', title: 'Rods', bay: false },
  ];
  const signals = (over: Partial<Schemas['Signals']> = {}): Schemas['Signals'] => ({
    configuration: 'studio',
    boxes: [],
    links: [],
    seats: [],
    sound: [],
    time: [],
    orders: [],
    cables: [cable()],
    switches: [],
    parts,
    open: [{ ref: 'body:sdi-2', part: 'Body', title: 'SDI 2', kind: 'PICTURE', direction: 'OUT', connector: 'BNC' }],
    revision: 3,
    ...over,
  });
  const spot = { job: 'j', build: 'a', configuration: 'studio', lens: '' };
  const show = (s: Schemas['Signals'], canEdit: boolean, onRequest = vi.fn(), client = new QueryClient()) => {
    render(
      <QueryClientProvider client={client}>
        <MemoryRouter>
          <CableTable
            signals={s}
            spot={spot}
            bench="/jobs/j/bench?build=a&config=studio"
            canEdit={canEdit}
            onRequest={onRequest}
          />
        </MemoryRouter>
      </QueryClientProvider>,
    );
    return onRequest;
  };

  it('tells needed and had, what is too short, and the near twin', () => {
    show(signals(), false);
    expect(screen.getByText('473 mm')).toBeTruthy();
    expect(screen.getByRole('link', { name: 'too short' }).getAttribute('href')).toBe(
      '/jobs/j/bench?build=a&config=studio',
    );
    expect(screen.getByText('24 V wiring')).toBeTruthy();
    expect(screen.getByRole('link', { name: /Labels with codes/ }).getAttribute('href')).toContain('labels.pdf');
    expect(screen.queryByRole('button', { name: /Unplug/ })).toBeNull();
    expect(screen.queryByRole('button', { name: 'Plug a cable' })).toBeNull();
  });

  it('tells what is taut when something is turned', () => {
    show(
      signals({
        cables: [cable({ tooShort: false, tautWhenTurned: true, turned: 'Arm, 180 mm', turnedMm: 512, lengthMm: 500 })],
      }),
      false,
    );
    expect(screen.getByText('512 turned')).toBeTruthy();
    expect(screen.getByRole('link', { name: 'taut when turned' }).getAttribute('title')).toBe(
      'when Arm, 180 mm is turned',
    );
  });

  it('says how a cable is laid, by the names of the parts', () => {
    expect(laid(cable(), parts)).toBe('');
    expect(laid(cable({ along: ['rods', 'gone'], stowedIn: 'body' }), parts)).toBe(
      'along Rods, gone, not on the rig; the rest in the battery bay of Body',
    );
  });

  it('unplugs, and lays without what was stowed', () => {
    const onRequest = show(signals({ cables: [cable({ along: ['rods'] })] }), true);
    fireEvent.click(screen.getByRole('button', { name: 'Unplug A Body › Finder' }));
    expect(onRequest).toHaveBeenCalledWith({ kind: 'UNPLUG', cable: 'k' });
    fireEvent.click(screen.getByRole('button', { name: 'Lay A Body › Finder' }));
    fireEvent.click(screen.getByRole('button', { name: 'Lay it so' }));
    expect(onRequest).toHaveBeenLastCalledWith({ kind: 'LAY', cable: 'k', along: ['rods'], bay: '' });
  });

  it('plugs by the cable that is offered first', async () => {
    const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } });
    const to: Schemas['Open'] = {
      ref: 'monitor:sdi',
      part: 'Monitor',
      title: 'SDI in',
      kind: 'PICTURE',
      direction: 'IN',
      connector: 'BNC',
    };
    client.setQueryData(plugOffersQuery(spot, 'body:sdi-2').queryKey, [
      {
        to,
        cables: [
          { type: { item: 'c-sdi-80@1', title: 'SDI, 0.8 m' }, inKit: 1, lengthMm: 800, neededMm: 620, reaches: true },
        ],
      },
    ]);
    const onRequest = show(signals(), true, vi.fn(), client);
    fireEvent.click(screen.getByRole('button', { name: 'Plug a cable' }));
    expect((screen.getByRole('button', { name: 'Plug it' }) as HTMLButtonElement).disabled).toBe(true);
    fireEvent.mouseDown(screen.getByRole('combobox', { name: 'From' }));
    fireEvent.click(await screen.findByText('Body, SDI 2 (picture out, BNC)'));
    fireEvent.mouseDown(screen.getByRole('combobox', { name: 'To' }));
    fireEvent.click(await screen.findByText('Monitor, SDI in'));
    expect(await screen.findByText('SDI, 0.8 m: 800 mm of 620 needed, 1 in the kit')).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Plug it' }));
    expect(onRequest).toHaveBeenCalledWith({ kind: 'PLUG', from: 'body:sdi-2', to: 'monitor:sdi', item: 'c-sdi-80@1' });
  });
});
