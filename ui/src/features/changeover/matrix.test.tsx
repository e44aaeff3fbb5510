import { fireEvent, render, screen, within } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../../shared/api/client';
import { Matrix } from './Matrix';

const way = (from: string, to: string, over: Partial<Schemas['Way']> = {}): Schemas['Way'] => ({
  from,
  to,
  minutes: 2.5,
  toolMinutes: 0,
  toolFree: true,
  askedMinutes: 0,
  askedToolFree: false,
  met: true,
  keys: [],
  steps: [],
  leftBehind: [],
  recheck: [],
  twin: { parts: [], pieces: 0, inKit: 0, extraGrams: 0, handOverMinutes: 0, savedMinutes: 0, worthIt: false },
  ...over,
});

const data: Schemas['Changeovers'] = {
  configurations: [
    { id: 'vest', title: 'Vest' },
    { id: 'gimbal', title: 'Gimbal' },
  ],
  ways: [
    way('vest', 'gimbal', {
      minutes: 6.3,
      toolFree: false,
      keys: ['hex 3/16 in', 'hex 4 mm'],
      askedMinutes: 4,
      askedToolFree: true,
      met: false,
    }),
    way('gimbal', 'vest'),
  ],
};

describe('Matrix', () => {
  it('tells minutes, keys and what the brief asks, by word as well as by colour', () => {
    render(<Matrix data={data} from="vest" to="gimbal" onChoose={() => undefined} />);
    const cell = screen.getByRole('button', { pressed: true });
    expect(cell.textContent).toContain('6.3 min');
    expect(cell.textContent).toContain('2 keys');
    expect(within(cell).getByText('4 min, no tools').className).toContain('stop');
    expect(screen.getByRole('button', { pressed: false }).textContent).toContain('no tools');
  });

  it('has no way from one to itself', () => {
    const { container } = render(<Matrix data={data} from="vest" to="gimbal" onChoose={() => undefined} />);
    expect(container.querySelectorAll('.same')).toHaveLength(2);
    expect(screen.getAllByRole('button')).toHaveLength(2);
  });

  it('chooses a way', () => {
    const onChoose = vi.fn();
    render(<Matrix data={data} from="vest" to="gimbal" onChoose={onChoose} />);
    fireEvent.click(screen.getByRole('button', { pressed: false }));
    expect(onChoose).toHaveBeenCalledWith('gimbal', 'vest');
  });
});
