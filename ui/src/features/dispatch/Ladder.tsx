import { Link } from 'react-router';
import type { Schemas } from '../../shared/api/client';
import { hasLeft, STAGES, stageText } from '../../shared/job/stages';
import type { Stage } from '../../shared/job/stages';

type Dispatch = Schemas['Dispatch'];

/** The way out and back: where the job is, and how much of each part of the way is done. */
export function Ladder({ d }: { d: Dispatch }) {
  const now = STAGES.indexOf(d.stage);
  return (
    <ol className="stages" aria-label="Way out and back">
      {STAGES.map((s, i) => (
        <li key={s} aria-current={s === d.stage ? 'step' : undefined} className={i < now ? 'past' : undefined}>
          <span className="stage-word">{stageText(s)}</span>
          <Evidence d={d} stage={s} />
        </li>
      ))}
    </ol>
  );
}

/** What a stage rests on, with the screen where it is done. */
function Evidence({ d, stage }: { d: Dispatch; stage: Stage }) {
  const of = (done: Schemas['Done'], what: string, screen: string) => (
    <Link to={`/jobs/${d.job}/${screen}`} className="num">
      {done.done} of {done.of} {what}
    </Link>
  );
  switch (stage) {
    case 'BUILT':
      return of(d.steps, 'steps', 'assembly');
    case 'CHECKED':
      return of(d.tests, 'tests', 'tests');
    case 'SIGNED':
      return <span className="num soft">{d.signatures.length} of 2 names</span>;
    case 'PACKED':
      return of(d.packed, 'pieces', 'packing');
    case 'RECONCILED':
      return hasLeft(d.stage) ? of(d.returned, 'told', 'packing') : null;
    default:
      return null;
  }
}
