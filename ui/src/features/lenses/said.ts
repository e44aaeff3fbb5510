import type { Schemas } from '../../shared/api/client';
import { fixed, mm, words } from '../../shared/format/units';

export type LensRow = Schemas['LensRow'];
export type LensEdge = Schemas['LensEdge'];

/** How a fact is marked. */
export const MARKS = { FINE: 'met', FOUND: 'stop', UNDECIDED: 'caution', NOT_CHECKED: 'caution' } as const;

/** The edge that stands deepest in the light of a lens, or nearest to it; of those left out none. */
export function worst(row: LensRow): LensEdge | undefined {
  return row.edges.filter((e) => !e.out).sort((a, b) => a.roomMm - b.roomMm)[0];
}

/** What an edge does to the corners, in a few words. */
export function edgeText(edge: LensEdge): string {
  if (edge.out) return `${edge.title} left out`;
  if (edge.stops.state === 'UNDECIDED') return `${edge.title}: not certain, the pupil is not on file`;
  if (edge.share === 0) return `${edge.title} clear by ${mm(edge.roomMm)}`;
  const stops = edge.stops.value >= 10 ? 'black' : `${fixed(edge.stops.value, 1)} stops darker`;
  return edge.cut ? `${edge.title} cuts the corners, ${stops}` : `${edge.title} shades the corners, ${stops}`;
}

/** How a lens goes into a box, in a few words. */
export function boxText({ room, front }: Schemas['LensBox']): string {
  if (front.state !== 'FINE') return `too thick: it takes ${mm(front.need)}`;
  return room.value < 0 ? `${mm(-room.value)} into the filters` : `${mm(room.value)} to the filters`;
}

/** What a drive does on its ring, in a few words. */
export function driveText(drive: Schemas['LensDrive']): string {
  const ring = words(drive.ring);
  if (drive.state === 'FINE') return `${ring}, ${fixed(drive.turns, 1)} turns`;
  if (!drive.rods.some((r) => r.swings.length > 0)) return `${ring}: does not reach`;
  return `${ring}: ${mm(Math.abs(drive.aheadMm))} too far ${drive.aheadMm > 0 ? 'back' : 'forward'}`;
}

export const focal = (row: LensRow) =>
  row.longestMm === null ? `${fixed(row.focalMm, 0)} mm` : `${fixed(row.focalMm, 0)}–${fixed(row.longestMm, 0)} mm`;
