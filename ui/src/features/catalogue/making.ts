import type { Schemas } from '../../shared/api/client';

export type Face = Schemas['FaceAsked'];
type Side = Face['side'];
type View = Schemas['PartSketch']['view'];

export const SIDES: { value: Side; label: string }[] = [
  { value: 'TOP', label: 'on top' },
  { value: 'BOTTOM', label: 'below' },
  { value: 'LEFT', label: 'at camera left' },
  { value: 'RIGHT', label: 'at camera right' },
  { value: 'FRONT', label: 'at the front' },
  { value: 'REAR', label: 'at the rear' },
];

/** What the two figures of a face's place mean, by the side it is on. */
export const AXES: Record<Side, [string, string]> = {
  TOP: ['left', 'ahead'],
  BOTTOM: ['left', 'ahead'],
  FRONT: ['left', 'up'],
  REAR: ['left', 'up'],
  LEFT: ['ahead', 'up'],
  RIGHT: ['ahead', 'up'],
};

/** The drawing on which a side is seen, or seen through. */
export function viewOf(side: Side): View {
  if (side === 'TOP' || side === 'BOTTOM') return 'ABOVE';
  return side === 'FRONT' || side === 'REAR' ? 'FRONT' : 'LEFT';
}

const plain = (v: number) => (v === 0 ? 0 : v);

/** A place on the paper of a drawing as a place on the part: seen from the left ahead is at left, from above left is. */
export function pointed(view: View, across: number, upward: number): { across: number; along: number } {
  return { across: plain(view === 'FRONT' ? across : -across), along: upward };
}
