import './calendar.css';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { Link } from 'react-router';
import { useSearchParams } from 'react-router';
import { calendarQuery } from '../../shared/api/calendarQueries';
import type { Schemas } from '../../shared/api/client';
import { Clashes } from '../../shared/calendar/Clashes';
import { clashesOf, daysText } from '../../shared/calendar/clash';
import { stageText } from '../../shared/job/stages';
import { Waiting } from '../../shared/kit/Waiting';
import { PHASES, isWeekend, monday, placeOf, plusDays } from './days';

const SHOWN = 28;
const STEP = 14;
const DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', timeZone: 'UTC' });
const MONTH = new Intl.DateTimeFormat('en-GB', { month: 'short', timeZone: 'UTC' });

/** Four weeks of the house: what each job is at, and what is wanted twice. */
export function CalendarScreen({ today }: { today: string }) {
  const [asked, setAsked] = useSearchParams();
  const from = asked.get('from') ?? monday(today);
  const query = useQuery(calendarQuery(from, SHOWN));
  if (query.isError) return <p className="page error">{query.error.message}</p>;
  if (query.isPending) return <Waiting />;
  const { jobs, clashes, all } = query.data;
  const show = (first: string) => setAsked(first === monday(today) ? {} : { from: first });
  return (
    <main className="calendar">
      <header className="calendar-head">
        <h1>Calendar</h1>
        <Button type="text" size="small" onClick={() => show(plusDays(from, -STEP))}>
          ‹ two weeks before
        </Button>
        <Button type="text" size="small" disabled={from === monday(today)} onClick={() => show(monday(today))}>
          Today
        </Button>
        <Button type="text" size="small" onClick={() => show(plusDays(from, STEP))}>
          two weeks on ›
        </Button>
        <Button type="link" size="small" href="/api/calendar.ics" download>
          ICS
        </Button>
        <Key />
      </header>
      {clashes.length > 0 && (
        <section aria-labelledby="clashes-title">
          <h2 id="clashes-title">Wanted twice</h2>
          <Clashes clashes={clashes} />
        </section>
      )}
      {jobs.length === 0 ? (
        <p className="soft">
          No job in these four weeks. <Link to="/jobs">Jobs</Link> that have a load-out stand here by themselves.
        </p>
      ) : (
        <Days jobs={jobs} clashes={clashes} from={query.data.from} today={today} />
      )}
      {!all && <p className="soft">More jobs than are laid out here: only the first 200 by load-out are compared.</p>}
    </main>
  );
}

function Key() {
  return (
    <ul className="calendar-key" aria-label="What the bars say">
      {(Object.keys(PHASES) as (keyof typeof PHASES)[]).map((k) => (
        <li key={k}>
          <span className={`phase ${k.toLowerCase()}`}>{PHASES[k].short}</span> {PHASES[k].word}
        </li>
      ))}
    </ul>
  );
}

interface DaysProps {
  jobs: Schemas['JobDays'][];
  clashes: Schemas['ClashLine'][];
  from: string;
  today: string;
}

function Days({ jobs, clashes, from, today }: DaysProps) {
  const days = Array.from({ length: SHOWN }, (_, i) => plusDays(from, i));
  return (
    <div className="days" role="table" aria-label="Jobs by day">
      <div className="days-row days-top" role="row">
        <span role="columnheader">Job</span>
        {days.map((d, i) => (
          <span
            key={d}
            role="columnheader"
            aria-current={d === today ? 'date' : undefined}
            className={`num${isWeekend(d) ? ' weekend' : ''}${d === today ? ' today' : ''}`}
          >
            <span className="month">{i === 0 || d.endsWith('-01') ? MONTH.format(Date.parse(d)) : ''}</span>
            {DAY.format(Date.parse(d))}
          </span>
        ))}
      </div>
      {jobs.map((j) => (
        <JobRow key={j.id} job={j} days={days} twice={clashesOf(clashes, j.id).length} today={today} />
      ))}
    </div>
  );
}

interface JobRowProps {
  job: Schemas['JobDays'];
  days: string[];
  twice: number;
  today: string;
}

function JobRow({ job, days, twice, today }: JobRowProps) {
  const over = job.stage === 'RECONCILED';
  return (
    <div className={`days-row${over ? ' over' : ''}`} role="row">
      <span className="days-job" role="rowheader">
        <Link to={`/jobs/${job.id}/brief`}>{job.title}</Link>
        {twice > 0 && <span className="mark stop">{twice} wanted twice</span>}
        <span className="soft">
          {stageText(job.stage)}
          {job.people.length > 0 && `, ${job.people[0]}`}
        </span>
      </span>
      {days.map((d, i) => (
        <span
          key={d}
          aria-hidden
          className={`days-cell${isWeekend(d) ? ' weekend' : ''}${d === today ? ' today' : ''}`}
          style={{ gridColumn: i + 2 }}
        />
      ))}
      {job.phases.map((p) => {
        const at = placeOf(p, days[0] ?? '', days.length);
        if (!at) return null;
        const { word, short } = PHASES[p.kind];
        return (
          <span
            key={p.kind}
            role="cell"
            className={`phase ${p.kind.toLowerCase()}`}
            style={{ gridColumn: `${at.first + 2} / span ${at.length}` }}
            aria-label={`${word}, ${daysText(p.from, p.to)}`}
            title={`${word}, ${daysText(p.from, p.to)}`}
          >
            {at.length > 2 ? word : short}
          </span>
        );
      })}
    </div>
  );
}
