import type { Schemas } from '../../shared/api/client';
import { day } from '../../shared/format/units';

/** Ten days from the first load-out on: what leaves on which. */
export function WeekStrip({ jobs }: { jobs: Schemas['JobLine'][] }) {
  const open = jobs.filter((j) => j.stage !== 'DISPATCHED');
  const first = open.map((j) => j.loadAt.slice(0, 10)).sort()[0];
  if (!first) return null;
  const days = Array.from({ length: 10 }, (_, i) => {
    const date = new Date(`${first}T00:00:00Z`);
    date.setUTCDate(date.getUTCDate() + i);
    return date.toISOString().slice(0, 10);
  });
  return (
    <ol className="week" aria-label="Load-outs by day">
      {days.map((d) => (
        <li key={d}>
          <span className="num soft">{day(d)}</span>
          {open
            .filter((j) => j.loadAt.startsWith(d))
            .map((j) => (
              <span key={j.id} className={`week-job mark ${j.clear ? 'met' : 'stop'}`}>
                {j.title}
              </span>
            ))}
        </li>
      ))}
    </ol>
  );
}
