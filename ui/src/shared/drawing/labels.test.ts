import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { place, touching } from './labels';
import type { Box, Want } from './labels';
import { wantsOf } from './wants';

const SHEET: Box = { left: 0, top: 0, width: 600, height: 500 };

const want = (key: string, x: number, y: number, side: Want['side'] = 'right', words = 'a port'): Want => ({
  key,
  words,
  x,
  y,
  side,
  size: 1,
  className: '',
});

function noneTouch(boxes: Box[]) {
  boxes.forEach((a, i) => boxes.slice(i + 1).forEach((b) => expect(touching(a, b)).toBe(false)));
}

describe('labels', () => {
  it('stand on the side they want when there is room', () => {
    const [label] = place([want('a', 300, 200, 'left')], 10, SHEET);
    expect((label?.box.left ?? 0) + (label?.box.width ?? 0)).toBeLessThan(300);
    expect(label?.box.top).toBeCloseTo(200 - 11.5 / 2);
    expect(label?.leader).toBeUndefined();
  });

  it('never touch, twelve at one point; those farther off are led to it', () => {
    const all = Array.from({ length: 12 }, (_, i) => want(`p${i}`, 300, 250));
    const placed = place(all, 10, SHEET);
    expect(placed).toHaveLength(12);
    noneTouch(placed.map((p) => p.box));
    expect(placed.some((p) => p.leader)).toBe(true);
  });

  it('stay on the sheet and out of what is taken', () => {
    const taken = { left: 560, top: 0, width: 40, height: 500 };
    const placed = place([want('edge', 555, 3, 'right', 'long words here')], 10, SHEET, [taken]);
    expect(placed).toHaveLength(1);
    noneTouch([...placed.map((p) => p.box), taken]);
    expect(placed[0]?.box.top).toBeGreaterThanOrEqual(0);
  });

  it('one that finds no place is left out', () => {
    expect(place([want('far', 2000, 2000)], 10, SHEET)).toEqual([]);
  });

  it('come nearer once another has found its place', () => {
    const placed = place([want('a', 300, 250), want('b', 300, 250)], 10, SHEET);
    noneTouch(placed.map((p) => p.box));
  });
});

describe('the words of a drawing', () => {
  const drawing = {
    view: 'RIGHT',
    rodHeights: [{ rods: 'r', axis: [0, 85], centres: [100, 2], hasMm: 83, needsMm: 85, met: false }],
    slideBar: [{ back: [0, 0], front: [90, 0], shiftMm: -0.2, inReach: true }],
    bearings: [],
    cables: [
      { id: 'screen', ends: ['body', 'screen'], way: [0, 0, 0, 100, 50, 100], words: '140 of 300 mm', met: true },
      { id: 'finder', ends: ['body', 'finder'], way: [0, 0, 0, 100, 50, 100], words: '140 of 100 mm', met: false },
    ],
    rooms: [{ use: 'HAND', border: [0, 0], intruders: [] }],
    ports: [{ ref: 'body:top', title: 'top', at: [0, 0], out: [0, 8] }],
  } as unknown as Schemas['DrawingView'];
  const none = { rooms: false, ports: false, cables: false, view: false };
  const said = (layers: typeof none, of: string) => wantsOf(drawing, layers, of, 10).map((w) => w.words);

  it('are those of the figures, of the part pointed at, and of the layers', () => {
    expect(said(none, '-')).toEqual(['83.0, needs 85.0', 'camera 0.2 back']);
    expect(said(none, 'body')).toContain('top');
    expect(said({ ...none, rooms: true }, '-')).toContain('hand');
  });

  it('write the length of what is too short, and of the cables of the part pointed at, on the longest stretch', () => {
    expect(said({ ...none, cables: true }, '-')).toEqual(['83.0, needs 85.0', 'camera 0.2 back', '140 of 100 mm']);
    const all = wantsOf(drawing, { ...none, cables: true }, 'screen', 10).filter((w) => w.key.startsWith('cable'));
    expect(all.map((w) => [w.x, w.y])).toEqual([
      [0, -50],
      [0, -50],
    ]);
  });
});
