import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../../shared/api/client';
import { BriefSheet } from './BriefSheet';
import { ProfileForm } from './ProfileForm';
import { ShootForm } from './ShootForm';

const nothing: Schemas['Shoot'] = {
  orientation: 'ANY',
  longestStretchHours: 0,
  insuredValue: null,
  sound: 'NONE',
  timecode: false,
  focus: 'UNSAID',
  viewers: [],
  recordings: [],
  day: [],
  claimedHours: null,
  flyers: 0,
};
const block: Schemas['DayBlock'] = {
  what: 'Deck',
  state: 'ON',
  hours: 3,
  celsius: -4,
  mains: false,
  rolledMinutes: null,
  parts: [],
};
const profile: Schemas['Profile'] = { heightMm: null, hand: 'RIGHT', screen: 'ANY', grips: 'ANY', reason: '' };

function shootForm(shoot: Schemas['Shoot']) {
  const onChange = vi.fn<(next: Schemas['Shoot']) => void>();
  render(<ShootForm shoot={shoot} onChange={onChange} />);
  return onChange;
}

describe('what a shoot asks', () => {
  it('grows the day by a block as cold as the last', () => {
    const onChange = shootForm({ ...nothing, day: [block] });
    fireEvent.click(screen.getAllByText('Add a line')[0] as HTMLElement);
    expect(onChange.mock.lastCall?.[0].day).toEqual([
      block,
      { what: 'Block', state: 'ON', hours: 2, celsius: -4, mains: false, rolledMinutes: null, parts: [] },
    ]);
  });

  it('says what an unwritten day means, and what a written one decides', () => {
    shootForm(nothing);
    expect(screen.getByText(/the day is the hours on, end to end/)).toBeTruthy();
    cleanup();
    shootForm({ ...nothing, day: [block] });
    expect(screen.queryByText(/end to end/)).toBeNull();
    expect(screen.getByText(/what batteries must last/)).toBeTruthy();
  });

  it('starts the day with the call', () => {
    const onChange = shootForm(nothing);
    fireEvent.click(screen.getAllByText('Add a line')[0] as HTMLElement);
    expect(onChange.mock.lastCall?.[0].day[0]).toMatchObject({ what: 'Call', celsius: 20 });
  });

  it('changes one line and leaves the others', () => {
    const onChange = shootForm({ ...nothing, day: [block, { ...block, what: 'Meal' }] });
    fireEvent.click(screen.getAllByLabelText('mains')[1] as HTMLElement);
    expect(onChange.mock.lastCall?.[0].day).toEqual([block, { ...block, what: 'Meal', mains: true }]);
    fireEvent.click(screen.getAllByLabelText('Drop this line')[0] as HTMLElement);
    expect(onChange.mock.lastCall?.[0].day).toEqual([{ ...block, what: 'Meal' }]);
  });

  it('asks for one time and for radio by a tick', () => {
    const viewer: Schemas['Viewer'] = { who: 'Director', trust: 'FRAME', byRadio: false, build: '' };
    const onChange = shootForm({ ...nothing, viewers: [viewer] });
    fireEvent.click(screen.getByLabelText('one time for all recorders'));
    expect(onChange.mock.lastCall?.[0].timecode).toBe(true);
    fireEvent.click(screen.getByLabelText('by radio'));
    expect(onChange.mock.lastCall?.[0].viewers).toEqual([{ ...viewer, byRadio: true }]);
  });
});

describe('an operator', () => {
  it('is measured in centimetres and kept in millimetres', () => {
    const onChange = vi.fn();
    render(<ProfileForm profile={profile} onChange={onChange} />);
    const height = within(screen.getByText(/Height/).closest('label') as HTMLElement).getByRole('spinbutton');
    fireEvent.change(height, { target: { value: '168' } });
    expect(onChange).toHaveBeenLastCalledWith({ ...profile, heightMm: 1680 });
  });

  it('is of no height once it is cleared', () => {
    const onChange = vi.fn();
    render(<ProfileForm profile={{ ...profile, heightMm: 1680 }} onChange={onChange} />);
    fireEvent.change(within(screen.getByText(/Height/).closest('label') as HTMLElement).getByRole('spinbutton'), {
      target: { value: '' },
    });
    expect(onChange).toHaveBeenLastCalledWith({ ...profile, heightMm: null });
  });
});

const job = {
  id: 'kiln',
  title: 'Kiln',
  revision: 1,
  stage: 'DRAFT',
  builds: [{ id: 'a', title: 'A', configurations: [{ id: 'vest', title: 'Vest' }], lenses: [] }],
  brief: {
    prep: '2026-12-01',
    load: '2026-12-04T07:00',
    shoot: '2026-12-05',
    back: '2026-12-09',
    place: 'Kiln',
    temperatureC: 12,
    hoursOn: 8,
    massFloorKg: 0,
    massCeilingKg: 8.5,
    configurations: ['vest'],
    lenses: [],
    operator: 'Pia Lindqvane',
    shoulder: 'RIGHT',
    eye: 'LEFT',
    focusPuller: '',
    lead: '',
    profile: { ...profile, heightMm: 1720, grips: 'BOTH', screen: 'LEFT', reason: 'Long takes.' },
    notes: '',
    asks: {
      changes: [],
      room: { depthMm: 0, heightMm: 0, configurations: [] },
      spares: [],
      tapes: [],
      ways: {},
      own: ['The rig looks small'],
      shoot: {
        ...nothing,
        focus: 'REMOTE',
        orientation: 'BOTH',
        sound: 'SEPARATE',
        timecode: true,
        viewers: [{ who: 'Choreographer', trust: 'FOCUS', byRadio: true, build: '' }],
        insuredValue: 142000,
      },
    },
  },
} as unknown as Schemas['JobView'];

const read = () =>
  render(
    <QueryClientProvider client={new QueryClient()}>
      <BriefSheet job={job} />
    </QueryClientProvider>,
  );

describe('the brief as it is read', () => {
  it('tells who operates, and how', () => {
    read();
    const crew = screen.getByText(/Pia Lindqvane/).textContent;
    expect(crew).toContain('172 cm');
    expect(crew).toContain('right shoulder, left eye, grips on both sides, screen on the left');
    expect(crew).toContain('Long takes.');
  });

  it('tells what the shoot asks in words', () => {
    read();
    expect(screen.getByText('landscape and portrait')).toBeTruthy();
    expect(screen.getByText('pulled by an assistant, by a drive')).toBeTruthy();
    expect(screen.getByText('The rig looks small')).toBeTruthy();
    expect(screen.getByText(/kept apart/).textContent).toContain('one time for all');
    expect(screen.getByText(/Choreographer/).textContent).toBe('Choreographer, for focus, by radio');
    expect(screen.getByText(/^142.000$/)).toBeTruthy();
  });
});
