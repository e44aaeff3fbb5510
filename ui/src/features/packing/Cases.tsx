import { Button } from 'antd';
import type { ReactNode } from 'react';
import { kilograms } from '../../shared/format/units';
import type { PackBox } from './packing';

interface Props {
  /** Photos of a thing, as "case:3". */
  photosOf: (of: string) => ReactNode;
  boxes: readonly PackBox[];
  chosen: number;
  onChoose: (box: number) => void;
}

/** The cases with what is in them and what they weigh; one is open. */
export function Cases({ photosOf, boxes, chosen, onChoose }: Props) {
  return (
    <ol className="cases" aria-label="Cases">
      {boxes.map((b) => {
        const inside = b.contents.reduce((n, c) => n + c.pieces, 0);
        const planned = b.plan.reduce((n, c) => n + c.pieces, 0);
        return (
          <li key={b.number}>
            <Button
              type="text"
              className="case-row"
              aria-current={b.number === chosen ? 'true' : undefined}
              onClick={() => onChoose(b.number)}
            >
              <span className="num case-number">{b.number}</span>
              <span className="case-name">{b.name}</span>
              <span className="num">
                {inside} of {planned}
              </span>
              <span className="num case-mass">
                {b.unweighed > 0 && 'at least '}
                {kilograms(b.grams)}
              </span>
            </Button>
            {b.number === chosen && photosOf(`case:${b.number}`)}
            {b.forTwo && <span className="mark caution">lift by two</span>}
            {b.number === chosen && (
              <ul className="case-inside">
                {b.contents.map((c) => (
                  <li key={c.type}>
                    <span className="num">{c.pieces}</span> {c.title}{' '}
                    <span className="soft num">{c.codes.join(' ')}</span>
                  </li>
                ))}
                {b.plan
                  .map((c) => ({
                    ...c,
                    left: c.pieces - (b.contents.find((i) => i.type === c.type)?.pieces ?? 0),
                  }))
                  .filter((c) => c.left > 0)
                  .map((c) => (
                    <li key={`plan-${c.type}`} className="soft">
                      <span className="num">{c.left}</span> {c.title}, to come
                    </li>
                  ))}
              </ul>
            )}
          </li>
        );
      })}
    </ol>
  );
}
