import type { Schemas } from '../../shared/api/client';

export type PaperSize = 'A4' | 'LETTER';
export type Sheet = Schemas['SheetLine'];

const KEPT = 'harbor.paper';

/** The paper that was chosen last on this device. */
export function keptPaper(store: Storage): PaperSize {
  try {
    return store.getItem(KEPT) === 'LETTER' ? 'LETTER' : 'A4';
  } catch {
    return 'A4';
  }
}

export function keepPaper(store: Storage, paper: PaperSize) {
  try {
    store.setItem(KEPT, paper);
  } catch {
    // A device that keeps nothing asks for A4 again.
  }
}

/** Where the book of a job is, with just these sheets; with none named it is whole. */
export function bookAddress(job: string, paper: PaperSize, sheets: readonly string[]): string {
  const asked = new URLSearchParams({ paper });
  if (sheets.length > 0) asked.set('sheets', sheets.join(','));
  return `/api/jobs/${encodeURIComponent(job)}/book.pdf?${asked}`;
}

export const cardAddress = (job: string, paper: PaperSize, role: string): string =>
  `/api/jobs/${encodeURIComponent(job)}/cards/${role}.pdf?paper=${paper}`;

/** What is asked for when some sheets are left out: none named while all are wanted. */
export function wanted(sheets: readonly Sheet[], without: ReadonlySet<string>): string[] {
  const there = sheets.filter((s) => s.there);
  const kept = there.filter((s) => !without.has(s.sheet));
  return kept.length === there.length ? [] : kept.map((s) => s.sheet);
}
