import type { Schemas } from '../../shared/api/client';
import { fixed, massText, words } from '../../shared/format/units';

const INCH = 25.4;
const OUNCE = 28.349523125;

/** Mass in both systems, with its range and where it comes from; never a zero for an unknown. */
export function massWords(m: Schemas['Figure']): string {
  return m.kind === 'UNKNOWN' ? `not weighed: ${m.reason}` : massText(m);
}

export function provenance(m: Schemas['Figure']): string {
  if (m.kind === 'UNKNOWN') return '';
  return [words(m.source), m.by && `by ${m.by}`, m.when.slice(0, 10)].filter(Boolean).join(', ');
}

/** Millimetres with inches beside them, for a bench that reads both rulers. */
export function bothLengths(mm: number): string {
  return mm <= 0 ? '' : `${fixed(mm, 1)} mm (${fixed(mm / INCH, 2)} in)`;
}

export function bothMasses(m: Schemas['Figure']): string {
  return m.kind === 'UNKNOWN' ? massWords(m) : `${massWords(m)} (${fixed(m.value / OUNCE, 1)} oz)`;
}

export function size(l: { width: number; height: number; length: number }): string {
  if (l.width + l.height + l.length <= 0) return '';
  return `${fixed(l.width, 0)} × ${fixed(l.height, 0)} × ${fixed(l.length, 0)}`;
}
