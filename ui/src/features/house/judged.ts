import { counted } from '../../shared/format/units';

/** What a change of the house did to its open jobs. */
export function judgedAnew({ jobs, changed }: { jobs: number; changed: readonly string[] }): string {
  return `${counted(jobs, 'open job')} judged anew; ${changed.length > 0 ? `changed: ${changed.join(', ')}` : 'none changed its verdict'}.`;
}
