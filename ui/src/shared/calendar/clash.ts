import type { Schemas } from '../api/client';
import { day } from '../format/units';

export type ClashLine = Schemas['ClashLine'];

/** "4 Dec to 6 Dec", or the day alone. */
export const daysText = (from: string, to: string): string => (from === to ? day(from) : `${day(from)} to ${day(to)}`);

/** What there is not enough of, in a sentence; jobs are told beside it. */
export function clashText(c: ClashLine): string {
  const days = daysText(c.from, c.to);
  if (c.kind === 'TYPE') return `${c.title}: ${c.wanted} wanted, ${c.there} may go, ${days}`;
  return `${c.what}, ${c.kind === 'PERSON' ? 'on two jobs' : 'built into two rigs'}, ${days}`;
}

/** What concerns one job, with the jobs that it is with. */
export const clashesOf = (all: readonly ClashLine[], job: string): ClashLine[] =>
  all.filter((c) => c.by.some((b) => b.job === job));
