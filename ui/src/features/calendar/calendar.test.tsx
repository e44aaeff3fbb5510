import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { describe, expect, it } from 'vitest';
import { calendarQuery } from '../../shared/api/calendarQueries';
import { clashText } from '../../shared/calendar/clash';
import type { ClashLine } from '../../shared/calendar/clash';
import { CalendarScreen } from './CalendarScreen';
import { daysBetween, isWeekend, monday, placeOf, plusDays } from './days';

const clash: ClashLine = {
  kind: 'PERSON',
  what: 'Pia Lindqvane',
  title: 'Pia Lindqvane',
  from: '2026-12-08',
  to: '2026-12-09',
  by: [
    { job: 'kiln', title: 'Kiln', as: 'operator' },
    { job: 'the-lift', title: 'The Lift', as: 'operator' },
  ],
  wanted: 2,
  there: 1,
};

describe('days', () => {
  it('are counted without clocks, weeks from Monday', () => {
    expect(plusDays('2026-12-31', 1)).toBe('2027-01-01');
    expect(daysBetween('2026-10-24', '2026-11-01')).toBe(8);
    expect(monday('2026-11-28')).toBe('2026-11-23');
    expect(monday('2026-11-29')).toBe('2026-11-23');
    expect(monday('2026-11-30')).toBe('2026-11-30');
    expect([isWeekend('2026-11-28'), isWeekend('2026-11-30')]).toEqual([true, false]);
  });

  it('of a phase that reaches out of what is shown are cut there', () => {
    const shoot = { kind: 'SHOOT', from: '2026-12-01', to: '2026-12-10' } as const;
    expect(placeOf(shoot, '2026-12-03', 4)).toEqual({ first: 0, length: 4 });
    expect(placeOf(shoot, '2026-11-30', 28)).toEqual({ first: 1, length: 10 });
    expect(placeOf(shoot, '2026-12-11', 4)).toBeUndefined();
    expect(placeOf(shoot, '2026-11-20', 4)).toBeUndefined();
  });
});

describe('what is wanted twice', () => {
  it('is told in a sentence', () => {
    expect(clashText(clash)).toBe('Pia Lindqvane, on two jobs, Tue 8 Dec to Wed 9 Dec');
    expect(clashText({ ...clash, kind: 'PIECE', what: 'BD-014', to: clash.from })).toBe(
      'BD-014, built into two rigs, Tue 8 Dec',
    );
    expect(clashText({ ...clash, kind: 'TYPE', title: 'Battery 150 Wh', wanted: 46, there: 41 })).toContain(
      'Battery 150 Wh: 46 wanted, 41 may go',
    );
  });
});

describe('the calendar', () => {
  function show(jobs: number) {
    const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity, retry: false } } });
    const house = (from: string) => ({
      from,
      days: 28,
      clashes: jobs > 0 ? [clash] : [],
      all: true,
      jobs: [
        {
          id: 'kiln',
          title: 'Kiln',
          place: '',
          stage: 'DRAFT' as const,
          people: ['Pia Lindqvane, operator'],
          phases: [
            { kind: 'TEST' as const, from: '2026-12-03', to: '2026-12-03' },
            { kind: 'SHOOT' as const, from: '2026-12-05', to: '2026-12-09' },
          ],
        },
      ].slice(0, jobs),
    });
    for (const from of ['2026-11-23', '2026-12-07']) client.setQueryData(calendarQuery(from, 28).queryKey, house(from));
    render(
      <QueryClientProvider client={client}>
        <MemoryRouter>
          <CalendarScreen today="2026-11-28" />
        </MemoryRouter>
      </QueryClientProvider>,
    );
  }

  it('lays jobs out by day, says what is wanted twice, and goes on by two weeks', () => {
    show(1);
    expect(screen.getByRole('cell', { name: 'shoots, Sat 5 Dec to Wed 9 Dec' }).textContent).toBe('shoots');
    expect(screen.getByRole('cell', { name: 'tests, charging, packing, Thu 3 Dec' }).textContent).toBe('T');
    expect(screen.getByRole('rowheader').textContent).toContain('1 wanted twice');
    expect(screen.getByRole('list', { name: 'Wanted twice' }).textContent).toContain('The Lift (operator)');
    fireEvent.click(screen.getByRole('button', { name: 'two weeks on ›' }));
    expect(screen.getByRole('cell', { name: /shoots/ }).getAttribute('style')).toContain('2 / span 3');
    fireEvent.click(screen.getByRole('button', { name: 'Today' }));
    expect(screen.getByRole('cell', { name: /shoots/ }).getAttribute('style')).toContain('14 / span 5');
  });

  it('says that there is none where there is none', () => {
    show(0);
    expect(screen.getByText(/No job in these four weeks/)).toBeTruthy();
  });
});
