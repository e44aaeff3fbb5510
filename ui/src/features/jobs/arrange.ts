import type { Schemas } from '../../shared/api/client';
import { hasLeft } from '../../shared/job/stages';

type Job = Schemas['JobLine'];

/** The more stands in a job's way, the less; what has left comes last. */
export function weight(job: Job): number {
  return hasLeft(job.stage) ? 1000 : job.stale ? 400 : job.clear ? 500 : 100 - job.stops - job.undecided;
}

/** How a job stands, in a word. */
export function stateOf(job: Job): string {
  if (hasLeft(job.stage)) return job.stage === 'DISPATCHED' ? 'Out' : 'Back';
  return job.stale ? 'Being judged' : job.clear ? 'Clear' : 'Held';
}

const DAY_MS = 86_400_000;

/** So many days, the first of them `offset` days after a date as 2026-12-03, before it when negative. */
export function daysFrom(date: string, offset: number, count: number): string[] {
  const start = Date.parse(`${date}T00:00:00Z`);
  return Array.from({ length: count }, (_, i) => new Date(start + (offset + i) * DAY_MS).toISOString().slice(0, 10));
}
