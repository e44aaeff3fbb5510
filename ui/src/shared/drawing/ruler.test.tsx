import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { inWords, Measure } from './Measure';
import { barLength, gridStep, reading, seen, snapped } from './ruler';

describe('the ruler', () => {
  it('is a round length, never wider than asked', () => {
    expect(barLength(1, 120)).toBe(100);
    expect(barLength(0.1, 120)).toBe(10);
    expect(barLength(0.004, 120)).toBe(1);
  });

  it('draws its grid so that lines stay apart', () => {
    expect(gridStep(1)).toBe(50);
    expect(gridStep(0.2)).toBe(5);
    expect(gridStep(3)).toBe(100);
  });

  it('reads distance, angle and height over the rods', () => {
    // 3-4-5: 30 along and 40 up is 50 at 53.13 degrees; the second point stands 62 over rods at −22.
    const r = reading({ x: 10, y: 0 }, { x: -20, y: 40 }, -22);
    expect(r).toMatchObject({ distance: 50, across: 30, up: 40, overRods: 62 });
    expect(r.angle).toBeCloseTo(53.13, 2);
    expect(inWords(r)).toBe('50.0 mm: 30.0 along, 40.0 up, 53.1°, 62.0 over the rods');
    expect(inWords(reading({ x: 0, y: 0 }, { x: 0, y: -5 }))).toBe('5.0 mm: 0.0 along, 5.0 down, −90.0°');
  });

  it('goes to a corner near by, and to none out of reach', () => {
    const corners = [
      { x: 0, y: 0 },
      { x: 10, y: 0 },
    ];
    expect(snapped({ x: 8, y: 1 }, corners, 3)).toEqual({ x: 10, y: 0 });
    expect(snapped({ x: 5, y: 5 }, corners, 3)).toEqual({ x: 5, y: 5 });
  });

  it('sees through a zoom what lies under it', () => {
    const frame = { left: -300, top: -200, width: 600, height: 400 };
    expect(seen(frame, { k: 1, x: 0, y: 0 }, 600)).toEqual(frame);
    // Twice as near about the middle of the sheet: a pixel at 300, 200 stays where it was.
    expect(seen(frame, { k: 2, x: -300, y: -200 }, 600)).toEqual({ left: -150, top: -100, width: 300, height: 200 });
  });
});

describe('measuring', () => {
  it('takes two points, and begins anew with the third', () => {
    const drawing = { view: 'ABOVE', parts: [], ports: [], rodHeights: [] } as unknown as Schemas['DrawingView'];
    Object.assign(SVGElement.prototype, { getScreenCTM: () => ({ inverse: () => ({}) }) as DOMMatrix });
    globalThis.DOMPoint = class {
      constructor(
        readonly x: number,
        readonly y: number,
      ) {}
      matrixTransform() {
        return this;
      }
    } as unknown as typeof DOMPoint;
    const { container } = render(
      <svg>
        <Measure drawing={drawing} frame={{ left: 0, top: 0, width: 100, height: 100 }} text={2} />
      </svg>,
    );
    const sheet = container.querySelector('rect') as SVGRectElement;
    const click = (x: number, y: number) => fireEvent.click(sheet, { clientX: x, clientY: y });
    expect(screen.getByText('Click the point to measure from')).toBeTruthy();
    click(10, 10);
    click(40, 50);
    expect(screen.getByText(/^50\.0 mm: 30\.0 along, 40\.0 down/)).toBeTruthy();
    click(0, 0);
    expect(screen.getByText(/^0\.0 mm/)).toBeTruthy();
  });
});
