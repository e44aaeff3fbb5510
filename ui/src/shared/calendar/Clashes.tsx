import './clashes.css';
import { Link } from 'react-router';
import { clashText } from './clash';
import type { ClashLine } from './clash';

interface Props {
  clashes: readonly ClashLine[];
  /** A job that is on the screen and needs no link. */
  here?: string;
}

/** What several jobs want on the same days, each with the jobs that want it. */
export function Clashes({ clashes, here = '' }: Props) {
  return (
    <ul className="clashes" aria-label="Wanted twice">
      {clashes.map((c) => (
        <li key={`${c.kind} ${c.what} ${c.from} ${c.by.map((b) => b.job).join(' ')}`}>
          <span className="mark stop">{clashText(c)}</span>{' '}
          {c.by
            .filter((b) => b.job !== here)
            .map((b, i) => (
              <span key={b.job} className="soft">
                {i > 0 && ', '}
                <Link to={`/jobs/${b.job}/brief`}>{b.title}</Link>
                {b.as && ` (${b.as})`}
              </span>
            ))}
        </li>
      ))}
    </ul>
  );
}
