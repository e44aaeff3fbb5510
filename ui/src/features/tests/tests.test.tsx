import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { App } from 'antd';
import { fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { describe, expect, it, vi } from 'vitest';
import { instrumentsQuery } from '../../shared/api/wayQueries';
import type { Standpoint } from '../../shared/job/useStandpoint';
import { TestCard } from './TestCard';
import { TestList } from './TestList';
import { byPlace, figure, isDone, neededText, nextTest, openAfter } from './tests';
import type { Test } from './tests';

const test = (key: string, more: Partial<Test> = {}): Test => ({
  key,
  print: 'p',
  place: 'SUPPORT',
  title: `${key} holds`,
  how: 'Tilt it and let go.',
  measured: false,
  holds: 'It stays where it is left.',
  from: null,
  to: null,
  computed: null,
  unit: '',
  instrument: 'NONE',
  twice: false,
  why: 'It falls forward otherwise.',
  configuration: 'studio',
  lens: '',
  part: '',
  settles: 'NOTHING',
  standing: 'OPEN',
  results: [],
  ...more,
});

const weigh = test('weigh', {
  place: 'SCALE',
  title: 'Weigh it',
  measured: true,
  from: 14169.25,
  to: 15876,
  computed: 15015,
  unit: 'g',
  instrument: 'SCALE',
});

const at = {
  job: 'kiln',
  spot: { job: 'kiln', build: 'a', configuration: 'studio', lens: '' },
  data: { revision: 1 },
  at: () => '/jobs/kiln/bench',
} as unknown as Standpoint;

function card(of: Test, more: { instruments?: boolean; mayLeaveOut?: boolean } = {}) {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false, staleTime: Infinity } } });
  client.setQueryData(
    instrumentsQuery.queryKey,
    more.instruments ? [{ id: 'bench-scale', title: 'Bench scale', kind: 'SCALE', pretends: null }] : [],
  );
  const onSay = vi.fn();
  const onLeaveOut = vi.fn();
  render(
    <App>
      <QueryClientProvider client={client}>
        <MemoryRouter>
          <TestCard
            test={of}
            at={at}
            mayTest
            mayLeaveOut={more.mayLeaveOut ?? false}
            onSay={onSay}
            onLeaveOut={onLeaveOut}
          />
        </MemoryRouter>
      </QueryClientProvider>
    </App>,
  );
  return { onSay, onLeaveOut };
}

describe('the tests of a body', () => {
  const a = test('a', { standing: 'PASSED' });
  const b = test('b', { standing: 'ONCE' });
  const c = test('c', { place: 'POWER', standing: 'FAILED' });

  it('go on with what is open, what waits for somebody else last', () => {
    expect(nextTest([a, b, c])?.key).toBe('b');
    expect(openAfter([a, b, c], 'a')?.key).toBe('c');
    expect(openAfter([a, b], 'b')?.key).toBe('b');
    expect(openAfter([a], 'a')).toBeUndefined();
    expect(isDone(test('d', { standing: 'WAIVED' }))).toBe(true);
  });

  it('stand by place at the bench', () => {
    expect(byPlace([a, c, b]).map(([place, all]) => [place, all.map((t) => t.key)])).toEqual([
      ['SUPPORT', ['a', 'b']],
      ['POWER', ['c']],
    ]);
    render(<TestList tests={[a, b, c]} chosen="b" onChoose={() => undefined} />);
    expect(screen.getByText('once more')).toBeTruthy();
    expect(screen.getByText('failed')).toBeTruthy();
    expect(screen.getByText('1 of 2')).toBeTruthy();
  });

  it('say what is needed, as exactly as it counts', () => {
    expect(neededText(weigh)).toBe('14\u2009169 to 15\u2009876 g');
    expect(neededText({ ...weigh, to: null, from: 165, unit: 'MB/s' })).toBe('at least 165.0 MB/s');
    expect(neededText({ ...weigh, from: null, to: 2, unit: 'mm' })).toBe('at most 2.000 mm');
    expect(neededText({ ...weigh, from: null, to: null, unit: 'W' })).toBe('as it is, in W');
    expect(figure(51.98)).toBe('51.98');
  });
});

describe('a test', () => {
  it('that fails wants a word on what is wrong', () => {
    const { onSay } = card(test('head'));
    fireEvent.click(screen.getByRole('button', { name: 'It is not' }));
    expect(screen.getByRole('alert').textContent).toContain('Say what is wrong');
    expect(onSay).not.toHaveBeenCalled();
    fireEvent.change(screen.getByLabelText('Remark'), { target: { value: ' creeps ' } });
    fireEvent.click(screen.getByRole('button', { name: 'It is not' }));
    expect(onSay.mock.calls[0]?.[1]).toEqual({
      said: 'DOES_NOT',
      value: 0,
      plusMinus: 0,
      reading: '',
      remark: 'creeps',
    });
  });

  it('is left out by a lead, for a reason', () => {
    const { onLeaveOut } = card(test('head'), { mayLeaveOut: true });
    fireEvent.click(screen.getByText(/Leave it out/));
    expect(onLeaveOut).not.toHaveBeenCalled();
    fireEvent.change(screen.getByLabelText('Remark'), { target: { value: 'on its crane' } });
    fireEvent.click(screen.getByText(/Leave it out/));
    expect(onLeaveOut.mock.calls[0]?.[1]).toBe('on its crane');
  });

  it('that is measured takes a figure with either decimal sign, and how far it may be off', () => {
    const { onSay } = card(weigh);
    fireEvent.click(screen.getByRole('button', { name: 'Take it' }));
    expect(screen.getByRole('alert').textContent).toBe('Give a figure in g.');
    fireEvent.change(screen.getByLabelText('Measured, g'), { target: { value: '15 010,5' } });
    fireEvent.change(screen.getByLabelText('May be off by, g'), { target: { value: '-3' } });
    fireEvent.click(screen.getByRole('button', { name: 'Take it' }));
    expect(screen.getByRole('alert').textContent).toContain('0 or more');
    fireEvent.change(screen.getByLabelText('May be off by, g'), { target: { value: '5' } });
    fireEvent.click(screen.getByRole('button', { name: 'Take it' }));
    expect(onSay.mock.calls[0]?.[1]).toEqual({
      said: 'MEASURED',
      value: 15010.5,
      plusMinus: 5,
      reading: '',
      remark: '',
    });
  });

  it('is read from an instrument where the house has one', () => {
    card(weigh);
    expect(screen.queryByText('Read the bench scale')).toBeNull();
    card(weigh, { instruments: true });
    expect(screen.getByText('Read the bench scale')).toBeTruthy();
  });

  it('shows everything that was found, and what was another test then', () => {
    const found = {
      outcome: 'FAILED' as const,
      value: 12000,
      plusMinus: 50,
      unit: 'g',
      instrument: 'Bench scale',
      revision: 3,
      who: 'Jonna Brask',
      at: '2026-11-30T10:00:00Z',
      remark: 'a plate is missing',
      stale: true,
    };
    card({ ...weigh, standing: 'CHANGED', results: [found] });
    const results = screen.getByLabelText('Results').textContent;
    expect(results).toContain('± 50.00 g by Bench scale');
    expect(results).toContain('it was another test then');
    expect(results).toContain('a plate is missing');
  });
});
