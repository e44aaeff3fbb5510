import type { Schemas } from '../api/client';

export type Mark = Schemas['Mark'];

/** Of a photo's width, where a head of an arrow begins. */
const HEAD = 0.022;

const share = (value: number) => Math.min(1, Math.max(0, value));

/** Where somebody pointed, as shares of the picture on the screen. */
export function placeIn(box: { left: number; top: number; width: number; height: number }, x: number, y: number) {
  return { x: share((x - box.left) / box.width), y: share((y - box.top) / box.height) };
}

/** An arrow, or nothing where it would be shorter than its head. */
export function arrow(from: { x: number; y: number }, to: { x: number; y: number }): Mark | undefined {
  if (Math.hypot(to.x - from.x, to.y - from.y) < HEAD) return undefined;
  return { kind: 'ARROW', fromX: from.x, fromY: from.y, toX: to.x, toY: to.y, words: '' };
}

export const label = (at: { x: number; y: number }, words: string): Mark => ({
  kind: 'LABEL',
  fromX: at.x,
  fromY: at.y,
  toX: at.x,
  toY: at.y,
  words,
});

/** The line and the head of an arrow in the picture's pixels. */
export function arrowPath(m: Mark, width: number, height: number): string {
  const [x1, y1, x2, y2] = [m.fromX * width, m.fromY * height, m.toX * width, m.toY * height];
  const along = Math.atan2(y2 - y1, x2 - x1);
  const head = HEAD * Math.max(width, height);
  const wing = (turn: number) =>
    `${(x2 - head * Math.cos(along + turn)).toFixed(1)} ${(y2 - head * Math.sin(along + turn)).toFixed(1)}`;
  return `M${x1.toFixed(1)} ${y1.toFixed(1)}L${x2.toFixed(1)} ${y2.toFixed(1)}M${wing(0.5)}L${x2.toFixed(1)} ${y2.toFixed(1)}L${wing(-0.5)}`;
}
