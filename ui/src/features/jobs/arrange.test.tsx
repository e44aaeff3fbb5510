import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../shared/api/client';
import { MemoryRouter } from 'react-router';
import { stateOf } from './arrange';
import { JobTable } from './JobTable';
import { WeekStrip } from './WeekStrip';

const job = (id: string, loadAt: string, over: Partial<Schemas['JobLine']> = {}): Schemas['JobLine'] => ({
  id,
  title: id,
  loadAt,
  place: 'Skerrow',
  operator: '',
  stage: 'DRAFT',
  forgetAt: null,
  clear: true,
  verdict: 'Clear',
  stops: 0,
  undecided: 0,
  unreadCautions: 0,
  configurationsClear: 1,
  configurationsAll: 1,
  stale: false,
  nextAct: 'mark built',
  firstBuild: 'a',
  ...over,
});

const all = [
  job('Kiln', '2026-12-04T07:00:00', { clear: false, stops: 1, place: 'brick kiln' }),
  job('Bell', '2026-11-28T09:00:00'),
  job('Water', '2026-12-03T06:30:00', { clear: false, stops: 3, operator: 'Ines Varga' }),
];

const titles = () =>
  screen
    .getAllByRole('row')
    .slice(1)
    .map((r) => r.querySelector('strong')?.textContent);

function table() {
  render(
    <MemoryRouter>
      <JobTable jobs={all} empty="none" />
    </MemoryRouter>,
  );
}

describe('jobs', () => {
  it('come by load-out, and by what holds them when that is asked for', () => {
    table();
    expect(titles()).toEqual(['Bell', 'Water', 'Kiln']);
    fireEvent.click(screen.getByText('State'));
    expect(titles()).toEqual(['Water', 'Kiln', 'Bell']);
    fireEvent.click(screen.getByText('Job'));
    expect(titles()).toEqual(['Bell', 'Kiln', 'Water']);
  });

  it('stand in the strip on their day from today on, told by word too; the strip turns by weeks', () => {
    render(
      <MemoryRouter>
        <WeekStrip jobs={all} today="2026-11-28" />
      </MemoryRouter>,
    );
    const days = () => screen.getAllByRole('listitem').map((d) => d.textContent);
    expect(days()).toHaveLength(10);
    expect(days()[0]).toBe('today, Sat 28 NovBell, clear');
    expect(days()[5]).toBe('Thu 3 DecWater, held');
    fireEvent.click(screen.getByText(/a week on/));
    expect(days()[0]).toBe('Sat 5 Dec');
    fireEvent.click(screen.getByText('Today'));
    fireEvent.click(screen.getByText(/a week before/));
    expect(days()[7]).toBe('today, Sat 28 NovBell, clear');
    expect(screen.getByText('2 load-outs later')).toBeTruthy();
  });

  it('are out once they have left', () => {
    expect(all.map(stateOf)).toEqual(['Held', 'Clear', 'Held']);
    expect(stateOf(job('Gone', '2026-11-01T09:00:00', { stage: 'DISPATCHED' }))).toBe('Out');
  });
});
