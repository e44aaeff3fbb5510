import type { Frame } from './paper';

const STEPS = [1, 2, 5, 10, 20, 50, 100, 200, 500, 1000];

/** The longest round length, mm, that is not wider than so many pixels. */
export function barLength(mmPerPx: number, mostPx = 120): number {
  return [...STEPS].reverse().find((s) => s / mmPerPx <= mostPx) ?? 1;
}

/** The finest grid, mm, whose lines stand at least so many pixels apart. */
export function gridStep(mmPerPx: number, leastPx = 24): number {
  return [5, 10, 50, 100, 500].find((s) => s / mmPerPx >= leastPx) ?? 500;
}

export interface Spot2 {
  x: number;
  y: number;
}

/** What lies between two points of a view: y runs up here. */
export interface Reading {
  distance: number;
  across: number;
  up: number;
  /** From the level, degrees, upward positive. */
  angle: number;
  /** The second point over the rods' centres, mm; none without rods in the view. */
  overRods?: number;
}

export function reading(a: Spot2, b: Spot2, rodsAt?: number): Reading {
  const across = b.x - a.x;
  const up = b.y - a.y;
  const angle = (Math.atan2(up, Math.abs(across)) * 180) / Math.PI;
  return {
    distance: Math.hypot(across, up),
    across: Math.abs(across),
    up,
    angle,
    overRods: rodsAt === undefined ? undefined : b.y - rodsAt,
  };
}

/** The nearest of the points within reach, else the place itself. */
export function snapped(at: Spot2, points: readonly Spot2[], within: number): Spot2 {
  let best = at;
  let least = within;
  for (const p of points) {
    const d = Math.hypot(p.x - at.x, p.y - at.y);
    if (d < least) [best, least] = [p, d];
  }
  return best;
}

/** The frame that is seen through a zoom of `k` moved by `x`, `y` pixels of a sheet `width` pixels wide. */
export function seen(frame: Frame, zoom: { k: number; x: number; y: number }, width: number): Frame {
  const mmPerPx = frame.width / Math.max(1, width);
  return {
    left: frame.left - (zoom.x / zoom.k) * mmPerPx,
    top: frame.top - (zoom.y / zoom.k) * mmPerPx,
    width: frame.width / zoom.k,
    height: frame.height / zoom.k,
  };
}
