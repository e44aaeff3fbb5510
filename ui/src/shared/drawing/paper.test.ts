import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { frameOf, gridLines, hatchOf, path } from './paper';

const part = (category: string, border: number[]): Schemas['Part'] => ({
  placement: category,
  title: category,
  category,
  shapes: [{ border, bore: [] }],
});

const drawing = (parts: Schemas['Part'][]): Schemas['DrawingView'] => ({
  view: 'RIGHT',
  parts,
  axis: [-100, 0, 100, 0],
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
});

describe('paper', () => {
  it('turns upward into SVG’s downward', () => {
    expect(path([0, 0, 10, 5, 10, -5])).toBe('M0 0L10 -5L10 5Z');
    expect(path([])).toBe('');
  });

  it('frames what is carried, not the legs, and keeps the aspect', () => {
    const frame = frameOf(drawing([part('BODY', [-100, -50, 100, 50]), part('LEGS', [-900, -900, 900, 900])]), 2);
    expect(frame.width / frame.height).toBeCloseTo(2);
    expect(frame.width).toBeLessThan(600);
    expect(frame.left).toBeLessThan(-100);
    expect(frame.left + frame.width).toBeGreaterThan(100);
  });

  it('has a frame for an empty drawing', () => {
    expect(frameOf(drawing([]), 1).width).toBeGreaterThan(0);
  });

  it('rules the grid on whole steps', () => {
    const grid = gridLines({ left: -60, top: -10, width: 170, height: 70 });
    expect(grid.across).toEqual([-50, 0, 50, 100]);
    expect(grid.down).toEqual([0, 50]);
  });

  it('hatches by category, and an unknown one plainly', () => {
    expect(hatchOf('BATTERY')).toBe('cross');
    expect(hatchOf('SOMETHING')).toBe('none');
  });
});
