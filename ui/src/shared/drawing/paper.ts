import type { Schemas } from '../api/client';

export interface Frame {
  left: number;
  top: number;
  width: number;
  height: number;
}

/** From point to point, left open. SVG's y runs down; paper's upward runs up. */
export function line(flat: readonly number[]): string {
  let d = '';
  for (let i = 0; i + 1 < flat.length; i += 2) d += `${i === 0 ? 'M' : 'L'}${flat[i]} ${-(flat[i + 1] ?? 0)}`;
  return d;
}

/** An outline: from point to point and back to the first. */
export function path(flat: readonly number[]): string {
  const d = line(flat);
  return d && `${d}Z`;
}

/** Room around what is carried; of the head only its height counts and of the legs nothing, so that the rig stays large. */
export function frameOf(drawing: Schemas['DrawingView'], aspect: number): Frame {
  let left = Infinity;
  let right = -Infinity;
  let low = Infinity;
  let high = -Infinity;
  for (const part of drawing.parts) {
    if (part.category === 'LEGS') continue;
    for (const shape of part.shapes) {
      for (let i = 0; i + 1 < shape.border.length; i += 2) {
        if (part.category !== 'HEAD') {
          left = Math.min(left, shape.border[i] ?? 0);
          right = Math.max(right, shape.border[i] ?? 0);
        }
        if (part.category !== 'HEAD' || drawing.view !== 'ABOVE') low = Math.min(low, shape.border[i + 1] ?? 0);
        high = Math.max(high, shape.border[i + 1] ?? 0);
      }
    }
  }
  if (!Number.isFinite(left)) return { left: -200, top: -200, width: 400, height: 400 };
  const pad = 34;
  let width = right - left + 2 * pad;
  let height = high - low + 2 * pad + (drawing.view === 'ABOVE' ? 0 : 26);
  if (width / height < aspect) width = height * aspect;
  else height = width / aspect;
  return { left: (left + right) / 2 - width / 2, top: -(high + pad), width, height };
}

/** Grid lines every 50 mm within a frame. */
export function gridLines(frame: Frame, step = 50): { across: number[]; down: number[] } {
  const lines = (from: number, to: number) => {
    const all: number[] = [];
    for (let n = Math.ceil(from / step); n * step <= to; n++) all.push(n * step + 0);
    return all;
  };
  return { across: lines(frame.left, frame.left + frame.width), down: lines(frame.top, frame.top + frame.height) };
}

export const HATCH: Record<string, string> = {
  BODY: 'slant',
  LENS: 'none',
  PLATE: 'level',
  DOVETAIL: 'level',
  HEAD: 'level-wide',
  LEGS: 'none',
  ROD: 'centre',
  CAGE: 'slant-wide',
  HANDLE: 'slant-wide',
  BRACKET: 'slant-wide',
  VIEWFINDER: 'upright',
  MONITOR: 'dots',
  BATTERY: 'cross',
  POWER: 'upright',
  LENS_SUPPORT: 'back',
  MATTE_BOX: 'none',
  RISER: 'solid',
  SHIM: 'solid',
  TRANSMISSION: 'upright',
  TIMECODE: 'dots',
};

export function hatchOf(category: string): string {
  return HATCH[category] ?? 'none';
}
