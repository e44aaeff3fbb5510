import { useQuery } from '@tanstack/react-query';
import { calendarQuery } from '../../shared/api/calendarQueries';
import type { Schemas } from '../../shared/api/client';
import { Clashes } from '../../shared/calendar/Clashes';
import { clashesOf } from '../../shared/calendar/clash';

const WEEKS = 28;

/** What this job and another want on the same days; nothing where there is none. */
export function WantedTwice({ job }: { job: Schemas['JobView'] }) {
  const query = useQuery(calendarQuery(job.brief.prep, WEEKS));
  const clashes = clashesOf(query.data?.clashes ?? [], job.id);
  if (clashes.length === 0) return null;
  return (
    <section aria-labelledby="twice-title">
      <h3 id="twice-title">Wanted on another job too</h3>
      <Clashes clashes={clashes} here={job.id} />
    </section>
  );
}
