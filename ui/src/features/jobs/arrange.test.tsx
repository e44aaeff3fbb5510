import { render, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../shared/api/client';
import { arrange } from './arrange';
import { WeekStrip } from './WeekStrip';

const job = (id: string, loadAt: string, over: Partial<Schemas['JobLine']> = {}): Schemas['JobLine'] => ({
  id,
  title: id,
  loadAt,
  place: 'Skerrow',
  stage: 'DRAFT',
  clear: true,
  verdict: 'Clear',
  stops: 0,
  undecided: 0,
  unreadCautions: 0,
  configurationsClear: 1,
  configurationsAll: 1,
  nextAct: 'mark built',
  firstBuild: 'a',
  ...over,
});

const all = [
  job('Kiln', '2026-12-04T07:00:00', { clear: false, stops: 1, place: 'brick kiln' }),
  job('Bell', '2026-11-28T09:00:00'),
  job('Water', '2026-12-03T06:30:00', { clear: false, stops: 3 }),
];

describe('jobs', () => {
  it('come by load-out', () => {
    expect(arrange(all, '', { by: 'load', up: true }).map((j) => j.id)).toEqual(['Bell', 'Water', 'Kiln']);
  });

  it('come by title backwards, and by what holds them', () => {
    expect(arrange(all, '', { by: 'title', up: false }).map((j) => j.id)).toEqual(['Water', 'Kiln', 'Bell']);
    expect(arrange(all, '', { by: 'state', up: true }).map((j) => j.id)).toEqual(['Water', 'Kiln', 'Bell']);
  });

  it('are found by every word of title and place', () => {
    expect(arrange(all, 'BRICK kiln', { by: 'load', up: true }).map((j) => j.id)).toEqual(['Kiln']);
    expect(arrange(all, 'nowhere', { by: 'load', up: true })).toEqual([]);
  });

  it('stand in the week strip on their day, told by word too', () => {
    render(<WeekStrip jobs={all} />);
    const days = screen.getAllByRole('listitem');
    expect(days).toHaveLength(10);
    expect(days[0]?.textContent).toContain('Sat 28 NovBell');
    expect(days[5]?.textContent).toContain('Thu 3 DecWater');
  });
});
