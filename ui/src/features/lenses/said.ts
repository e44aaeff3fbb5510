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

/** What a drive does on its ring, in a few words. */
export function driveText(drive: Schemas['LensDrive']): string {
  const ring = words(drive.ring);
  if (drive.state === 'FINE') return `${ring}, ${fixed(drive.turns, 1)} turns`;
  if (!drive.rods.some((r) => r.swings.length > 0)) return `${ring}: does not reach`;
  return `${ring}: ${mm(Math.abs(drive.aheadMm))} too far ${drive.aheadMm > 0 ? 'back' : 'forward'}`;
}

/** Whether nothing of a lens is found, and nothing is open. */
export const isFine = (row: LensRow) =>
  row.edges.every((e) => e.out || e.stops.state === 'FINE') &&
  (row.circle?.state ?? 'FINE') === 'FINE' &&
  row.boxes.every((b) => b.roomMm >= 0 && b.frontMm <= b.largestMm) &&
  row.drives.every((d) => d.state === 'FINE');

export const focal = (row: LensRow) =>
  row.longestMm === null ? `${fixed(row.focalMm, 0)} mm` : `${fixed(row.focalMm, 0)}–${fixed(row.longestMm, 0)} mm`;
