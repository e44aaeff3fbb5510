import type { ReactNode } from 'react';
import type { Schemas } from '../../shared/api/client';
import { dayAndTime, fixed } from '../../shared/format/units';
import { BACK } from './packing';

interface Props {
  /** Photos of a thing, as "piece:BD-001". */
  photosOf: (of: string) => ReactNode;
  all: Schemas['PackSheet']['notWhole'];
  cost: number;
}

/** What did not come back whole, with what happened and what it costs. */
export function NotWhole({ photosOf, all, cost }: Props) {
  if (all.length === 0) return <p className="soft">Nothing is told of as damaged, missing or used up.</p>;
  return (
    <>
      <ul className="not-whole" aria-label="Not whole">
        {all.map((t) => (
          <li key={`${t.at} ${t.code} ${t.title}`}>
            <span className={`mark ${t.kind === 'CONSUMED' ? 'met' : 'stop'}`}>
              {BACK.find((k) => k.value === t.kind)?.label}
            </span>{' '}
            {t.pieces > 1 && <span className="num">{t.pieces} x </span>}
            {t.title} <span className="num">{t.code}</span>
            {t.remark && <span>: {t.remark}</span>}
            {t.cost !== null && <span className="num">, {fixed(t.cost, 2)}</span>}{' '}
            <span className="soft">
              {t.who}, {dayAndTime(t.at)}
            </span>
            {t.code !== '' && photosOf(`piece:${t.code}`)}
          </li>
        ))}
      </ul>
      {cost > 0 && (
        <p>
          Together <span className="num">{fixed(cost, 2)}</span>, as far as somebody told.
        </p>
      )}
    </>
  );
}
