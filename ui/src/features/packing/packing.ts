import type { Schemas } from '../../shared/api/client';

export type PackSheet = Schemas['PackSheet'];
export type PackLine = Schemas['PackLine'];
export type PackBox = Schemas['PackBox'];
export type Kind = Schemas['Scan']['kind'];

export const OUT: readonly { value: Kind; label: string }[] = [
  { value: 'INTO_CASE', label: 'into the case' },
  { value: 'OUT_OF_CASE', label: 'out again' },
];

export const BACK: readonly { value: Kind; label: string }[] = [
  { value: 'BACK', label: 'back' },
  { value: 'DAMAGED', label: 'damaged' },
  { value: 'MISSING', label: 'missing' },
  { value: 'CONSUMED', label: 'used up' },
];

/** What became of a scan, in a word or two. */
export const becomes = (kind: Kind, box: number) =>
  kind === 'INTO_CASE' ? `in case ${box}` : ([...OUT, ...BACK].find((k) => k.value === kind)?.label ?? '');

/** Whether it must be said what happened. */
export const asksWhy = (kind: Kind) => kind === 'DAMAGED' || kind === 'MISSING';

/** What is still to do with a line: to pack, or to tell of. */
export const leftOf = (line: PackLine, back: boolean) => (back ? line.untold : line.toPack);

/** A count written before a type, "3 x cable-12", as "3*cable-12" or "3x cable-12" too; of a code it is one. */
export function scanned(text: string): { code: string; count: number } {
  const many = /^\s*(\d{1,3})\s*[x×*]\s*(\S.*)$/i.exec(text);
  return many ? { code: (many[2] ?? '').trim(), count: Number(many[1]) } : { code: text.trim(), count: 1 };
}

/** The code on the label of a case: its number after "case". */
export function caseOf(code: string): number | undefined {
  const found = /^case[-\s]?(\d{1,3})$/i.exec(code);
  return found ? Number(found[1]) : undefined;
}

/** The first planned case of a type that is not in yet; else the case one is at. */
export const caseFor = (line: PackLine | undefined, now: number) => line?.planned[0] ?? now;

/** The number of a case that is not used yet. */
export const nextBox = (boxes: readonly PackBox[], now: number) => Math.max(now, ...boxes.map((b) => b.number)) + 1;
