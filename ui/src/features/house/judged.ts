import { counted } from '../../shared/format/units';

/** What a change of the house sets going. */
export function judgedAnew({ jobs }: { jobs: number }): string {
  return jobs === 0
    ? 'No job is open.'
    : `${counted(jobs, 'open job')} ${jobs === 1 ? 'is' : 'are'} judged anew by it.`;
}
