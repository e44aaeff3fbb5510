import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { Schemas } from '../../shared/api/client';
import { drawingQuery } from '../../shared/api/queries';
import type { Spot } from '../../shared/api/queries';
import { Silhouette } from '../../shared/drawing/Silhouette';
import { day, degreesCelsius, fixed } from '../../shared/format/units';
import { addressOf } from '../../shared/job/standpoint';

const NOWHERE = new URLSearchParams();

/** The job on one look: its days, the day in blocks, how it is worn, who sees what, and what nobody has said yet. */
export function Glance({ job }: { job: Schemas['JobView'] }) {
  const open = job.unanswered;
  return (
    <section className="glance" aria-label="At a glance">
      <Dates brief={job.brief} />
      {job.brief.asks.shoot.day.length > 0 && <Day blocks={job.brief.asks.shoot.day} />}
      <ul className="worn-as" aria-label="Worn as">
        {job.builds.flatMap((b) =>
          b.configurations.map((c) => (
            <Worn
              key={`${b.id}/${c.id}`}
              spot={{ job: job.id, build: b.id, configuration: c.id, lens: b.lenses[0]?.id ?? '' }}
              revision={job.revision}
              title={c.title}
              body={job.builds.length > 1 ? b.title : ''}
            />
          )),
        )}
      </ul>
      {open.length > 0 && (
        <p className="unanswered">
          <span className="mark note">Not said yet</span>{' '}
          {open.map((o, i) => (
            <span key={o.what} title={`Until then ${o.until}.`}>
              {i > 0 && ', '}
              {o.what}
            </span>
          ))}
        </p>
      )}
    </section>
  );
}

function Dates({ brief }: { brief: Schemas['BriefView'] }) {
  const dates: [string, string][] = [
    ['prep', day(brief.prep)],
    ['loads out', `${day(brief.load.slice(0, 10))} ${brief.load.slice(11, 16)}`],
    ['shoots', day(brief.shoot)],
    ['returns', day(brief.back)],
  ];
  return (
    <ol className="dates">
      {dates.map(([what, when]) => (
        <li key={what}>
          <span className="soft">{what}</span> <b className="num">{when}</b>
        </li>
      ))}
    </ol>
  );
}

/** The day's blocks, each as wide as it is long. */
function Day({ blocks }: { blocks: Schemas['DayBlock'][] }) {
  return (
    <ol className="day-strip" aria-label="The day in blocks">
      {blocks.map((b, i) => (
        <li
          key={i}
          className={b.state.toLowerCase()}
          style={{ flexGrow: b.hours }}
          title={`${b.what}: ${b.state.toLowerCase()}`}
        >
          <b>{b.what}</b>
          <span className="num">
            {fixed(b.hours, Number.isInteger(b.hours) ? 0 : 1)} h {degreesCelsius(b.celsius)}
          </span>
        </li>
      ))}
    </ol>
  );
}

interface WornProps {
  spot: Spot;
  revision: number;
  title: string;
  body: string;
}

function Worn({ spot, revision, title, body }: WornProps) {
  const drawing = useQuery(drawingQuery(spot, 'RIGHT', revision));
  const at = { build: spot.build, config: spot.configuration };
  return (
    <li>
      <Link to={addressOf(spot.job, 'bench', NOWHERE, at)}>
        <span className="worn-drawing">
          {drawing.data && <Silhouette drawing={drawing.data} aspect={1.5} title={`${title}, drawn`} />}
        </span>
        {title}
        {body && <span className="soft"> {body}</span>}
      </Link>
    </li>
  );
}
