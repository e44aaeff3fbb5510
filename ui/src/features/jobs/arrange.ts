import type { Schemas } from '../../shared/api/client';

export interface Order {
  by: 'load' | 'title' | 'state';
  up: boolean;
}

type Job = Schemas['JobLine'];

function weight(job: Job): number {
  return job.stage === 'DISPATCHED' ? 1000 : job.clear ? 500 : 100 - job.stops - job.undecided;
}

/** Search by words in title and place, then sort; ties go by load-out. */
export function arrange(jobs: readonly Job[], search: string, order: Order): Job[] {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  const kept = jobs.filter((job) => {
    const text = `${job.title} ${job.place}`.toLowerCase();
    return words.every((w) => text.includes(w));
  });
  const compare = {
    load: (a: Job, b: Job) => a.loadAt.localeCompare(b.loadAt),
    title: (a: Job, b: Job) => a.title.localeCompare(b.title),
    state: (a: Job, b: Job) => weight(a) - weight(b),
  }[order.by];
  const sign = order.up ? 1 : -1;
  return kept.sort((a, b) => sign * compare(a, b) || a.loadAt.localeCompare(b.loadAt));
}
