import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { handsQuery, leftDrawingQuery, leftQuery } from '../../shared/api/queries';
import type { Schemas } from '../../shared/api/client';
import { aside, few, HandsDialog } from './HandsDialog';
import { LeftDialog } from './LeftDialog';

const spot = { job: 'slack', build: 'a', configuration: 'shoulder', lens: 'a40' };

const hands: Schemas['HandsView'] = {
  operator: 'Ines Varga',
  heightMm: 1680,
  shoulder: 'RIGHT',
  eye: 'RIGHT',
  reason: '',
  sides: [
    { from: 'LEFT', safe: ['Top handle'], inTheWay: [] },
    { from: 'BEHIND', safe: [], inTheWay: ['Battery 150 Wh'] },
  ],
  grips: [{ placement: 'grip', title: 'Side grip', leftMm: -91.2, upMm: 124, aheadMm: -16, reachMm: 155 }],
  finders: [{ title: 'Viewfinder', leftMm: 85, upMm: 32, aheadMm: -204, offMm: 223 }],
  putDown: null,
};

const left: Schemas['Left'] = {
  id: 7,
  who: 'Jonna Brask',
  when: '2026-11-25T21:00:00Z',
  note: 'wrap',
  lens: 'a40',
  revision: 3,
  marks: [
    { key: 'box:rods:0', part: 'Matte box', what: 'slide', value: 252, unit: 'mm', byFeel: false },
    { key: 'handle:base:0', part: 'Handle', what: 'slide', value: 18, unit: 'mm', byFeel: true },
  ],
  strayed: [{ part: 'Matte box', what: 'slide', left: 252, now: 228, unit: 'mm' }],
};

const drawing: Schemas['DrawingView'] = {
  view: 'RIGHT',
  parts: [],
  axis: [0, 0, 1, 0],
  plumb: [],
  slideBar: [],
  rodHeights: [],
  rooms: [],
  clashes: [],
  ports: [],
  tracks: [],
  bearings: [],
  cables: [],
  seen: [],
};

function show(client: QueryClient, dialog: React.ReactNode) {
  client.setDefaultOptions({ queries: { staleTime: Infinity } });
  render(<QueryClientProvider client={client}>{dialog}</QueryClientProvider>);
}

describe('where hands meet the rig', () => {
  it('tells a figure with its side, not with a sign', () => {
    expect(aside(85.4, 'left', 'right')).toBe('85 left');
    expect(aside(-91.2, 'left', 'right')).toBe('91 right');
    expect(aside(0.3, 'up', 'down')).toBe('in the middle');
    expect(few(['a', 'b', 'c', 'd', 'e'])).toBe('a, b, c and 2 more');
    expect(few(['a'])).toBe('a');
  });

  it('names what is met first on a side where nothing is safe', () => {
    const client = new QueryClient();
    client.setQueryData(handsQuery(spot, 1).queryKey, hands);
    show(client, <HandsDialog spot={spot} revision={1} onClose={() => undefined} />);
    const behind = screen.getByRole('row', { name: /from behind/ });
    expect(behind.textContent).toContain('met first: Battery 150 Wh');
    expect(behind.textContent).toContain('none');
    expect(screen.getByRole('row', { name: /Side grip/ }).textContent).toContain('91 right');
  });
});

describe('a rig as it was left', () => {
  const open = (canEdit: boolean, all: Schemas['Left'][], onComeBack = vi.fn()) => {
    const client = new QueryClient();
    client.setQueryData(leftQuery(spot, 1).queryKey, all);
    client.setQueryData(leftDrawingQuery(spot, 7).queryKey, drawing);
    show(
      client,
      <LeftDialog spot={spot} revision={1} canEdit={canEdit} onClose={() => undefined} onComeBack={onComeBack} />,
    );
    return onComeBack;
  };

  it('shows what strayed and sets it back', () => {
    const onComeBack = open(true, [left]);
    expect(screen.getByRole('row', { name: /Matte box/ }).textContent).toContain('228.0 mm');
    expect(screen.getByRole('row', { name: /Handle/ }).textContent).toContain('same');
    fireEvent.click(screen.getByRole('button', { name: 'Set 1 number back' }));
    expect(onComeBack).toHaveBeenCalledWith(7);
  });

  it('has nothing to set back when every number is as it was', () => {
    open(true, [{ ...left, strayed: [] }]);
    expect((screen.getByRole('button', { name: /Every number/ }) as HTMLButtonElement).disabled).toBe(true);
  });

  it('says what to do while nothing is remembered, and offers nothing to who may not edit', () => {
    open(false, []);
    expect(screen.getByText(/Nothing is remembered of this configuration yet/)).toBeTruthy();
    expect(screen.queryByRole('button', { name: /Remember/ })).toBeNull();
  });
});
