import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../shared/api/client';
import { counted, day } from '../../shared/format/units';
import { daysFrom, stateOf } from './arrange';

const SHOWN = 10;
const WEEK = 7;

const MARK = { Clear: 'met', Held: 'stop', Out: 'note' } as const;

/** Ten days from today on, or weeks before and after: what leaves on which. */
export function WeekStrip({ jobs, today }: { jobs: Schemas['JobLine'][]; today: string }) {
  const [weeks, setWeeks] = useState(0);
  const days = daysFrom(today, weeks * WEEK, SHOWN);
  const later = jobs.filter((j) => j.loadAt.slice(0, 10) > (days.at(-1) ?? '')).length;
  return (
    <div className="week-strip">
      <div className="week-head">
        <Button type="text" size="small" onClick={() => setWeeks(weeks - 1)}>
          ‹ a week before
        </Button>
        {weeks !== 0 && (
          <Button type="text" size="small" onClick={() => setWeeks(0)}>
            Today
          </Button>
        )}
        <Button type="text" size="small" onClick={() => setWeeks(weeks + 1)}>
          a week on ›
        </Button>
        {later > 0 && <span className="soft">{counted(later, 'load-out')} later</span>}
      </div>
      <ol className="week" aria-label="Load-outs by day">
        {days.map((d) => (
          <li key={d} className={d === today ? 'today' : ''} aria-current={d === today ? 'date' : undefined}>
            <span className="num soft">{d === today ? `today, ${day(d)}` : day(d)}</span>
            {jobs
              .filter((j) => j.loadAt.startsWith(d))
              .map((j) => (
                <Link
                  key={j.id}
                  className={`week-job mark ${MARK[stateOf(j) as keyof typeof MARK]}`}
                  to={`/jobs/${j.id}/brief`}
                >
                  {j.title}
                  <span className="hush">, {stateOf(j).toLowerCase()}</span>
                </Link>
              ))}
          </li>
        ))}
      </ol>
    </div>
  );
}
