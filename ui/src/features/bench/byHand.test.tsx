import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { asItWasQuery, handQuery, journalQuery, lensOffersQuery } from '../../shared/api/queries';
import type { Schemas } from '../../shared/api/client';
import { HandDialog } from './HandDialog';
import { HistoryDialog } from './HistoryDialog';
import { LensSetDialog } from './LensSetDialog';

const spot = { job: 'kiln', build: 'a', configuration: 'low', lens: 'a40' };

const shorter: Schemas['HandOffer'] = {
  title: 'Rods 15, 200',
  detail: 'Tarnwick, 1 in the kit',
  lost: ['Matte box hangs on nothing'],
  request: { kind: 'EXCHANGED', placement: 'rods', item: 'rods-15-200@1' },
};

function withKnown(client: QueryClient, ui: React.ReactNode) {
  client.setDefaultOptions({ queries: { staleTime: Infinity } });
  render(<QueryClientProvider client={client}>{ui}</QueryClientProvider>);
}

describe('what hands do with a part', () => {
  it('tells what each way costs before it is done, and sends what the server offered', () => {
    const client = new QueryClient();
    client.setQueryData(handQuery(spot, 'rods', 'EXCHANGE', '', 3).queryKey, { total: 1, offers: [shorter] });
    const asked = vi.fn();
    withKnown(
      client,
      <HandDialog
        spot={spot}
        revision={3}
        part="rods"
        title="Rods 15, 300"
        deed="EXCHANGE"
        onClose={() => {}}
        onRequest={asked}
      />,
    );
    expect(screen.getByText(/lost: Matte box hangs on nothing/)).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Exchange: Rods 15, 200' }));
    expect(asked).toHaveBeenCalledWith(shorter.request);
  });
});

describe('the lens set', () => {
  it('moves, renames and takes out by the lens’s id', () => {
    const client = new QueryClient();
    client.setQueryData(lensOffersQuery(spot, '', 3).queryKey, { total: 0, offers: [] });
    const asked = vi.fn();
    const lens = (id: string, title: string) => ({ id, title, clear: true, stops: 0, cautions: 0 });
    withKnown(
      client,
      <LensSetDialog
        spot={spot}
        revision={3}
        lenses={[lens('a40', 'Forty'), lens('a75', 'Seventy-five')]}
        canEdit
        onClose={() => {}}
        onRequest={asked}
      />,
    );
    fireEvent.click(screen.getByRole('button', { name: 'Forty later' }));
    expect(asked).toHaveBeenLastCalledWith({ kind: 'ORDER_LENS', lens: 'a40', place: 1 });
    fireEvent.click(screen.getByRole('button', { name: 'Take Seventy-five out' }));
    expect(asked).toHaveBeenLastCalledWith({ kind: 'DROP_LENS', lens: 'a75' });
    expect(screen.getByText(/No lens on file goes on this mount/)).toBeTruthy();
  });
});

describe('the history of a build', () => {
  const entry = (seq: number, who: string, summary: string): Schemas['Entry'] => ({
    seq,
    who,
    summary,
    kind: 'EDIT',
    when: '2026-11-25T21:00:00Z',
    reason: '',
    name: seq === 2 ? 'as tested' : '',
    namedBy: '',
    beforeRevision: seq,
    afterRevision: seq + 1,
  });

  it('is searched by part, and leads back to before an entry', () => {
    const client = new QueryClient();
    client.setQueryData(journalQuery(spot, 3).queryKey, [
      entry(2, 'Jonna Brask', 'Take off Handle: both hands free, says Ines'),
      entry(1, 'Mirela Osk', 'Add Monitor'),
    ]);
    const back = vi.fn();
    withKnown(client, <HistoryDialog spot={spot} revision={3} canEdit onClose={() => {}} onBack={back} />);
    fireEvent.change(screen.getByLabelText('Part or word'), { target: { value: 'monitor' } });
    expect(screen.queryByText(/Take off Handle/)).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'Back to before: Add Monitor' }));
    expect(back).toHaveBeenCalledWith(1);
  });

  it('shows a state by its name, and says what differs since', () => {
    const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } });
    client.setQueryData(journalQuery(spot, 3).queryKey, [entry(2, 'Jonna Brask', 'Take off Handle')]);
    const side = {
      id: 'sticks',
      title: 'On sticks',
      support: 'Head',
      parts: 9,
      grams: 8000,
      unweighed: [],
      offMm: 0.2,
      deepMm: 300,
      highMm: 400,
      stops: 0,
      cautions: 0,
    };
    client.setQueryData(asItWasQuery(spot, 2, 0, 3).queryKey, {
      entry: entry(2, 'Jonna Brask', 'Take off Handle'),
      verdict: 'Clear',
      configurations: ['On sticks'],
      lenses: ['Prime 35'],
      since: {
        one: side,
        other: { ...side, parts: 10 },
        onlyOne: [],
        onlyOther: ['Monitor seven'],
        differs: [{ part: 'Rods 300', what: 'slide', one: '4.0 mm', other: '10.0 mm' }],
        raisedInOther: [],
        clearedInOther: [],
      },
    });
    withKnown(client, <HistoryDialog spot={spot} revision={3} canEdit onClose={() => {}} onBack={() => {}} />);
    expect(screen.getByText('as tested')).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Look at it after: Take off Handle' }));
    const was = screen.getByRole('region', { name: 'As it was' });
    expect(was.textContent).toContain('The job would be: Clear');
    expect(was.textContent).toContain('Only in NowMonitor seven');
    expect(was.textContent).toContain('Rods 300 slide4.0 mm10.0 mm');
    expect(screen.getByLabelText('Called')).toHaveProperty('value', 'as tested');
  });
});
