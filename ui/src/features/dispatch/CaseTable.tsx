import { Fragment } from 'react';
import type { Schemas } from '../../shared/api/client';
import { fixed, kilograms } from '../../shared/format/units';

/** What goes into which case, with its mass and how full it is. */
export function CaseTable({ d }: { d: Schemas['Dispatch'] }) {
  return (
    <>
      {d.insuredValue !== null && (
        <p>
          Insured for <span className="num">{fixed(d.insuredValue, 0)}</span>.
        </p>
      )}
      <table className="sheet">
        <thead>
          <tr>
            <th>Case and contents</th>
            <th className="right">Pieces</th>
            <th className="right">Mass</th>
            <th className="right">Full</th>
          </tr>
        </thead>
        <tbody>
          {d.cases.map((c) => (
            <Fragment key={c.number}>
              <tr className="group">
                <th scope="rowgroup">
                  <span className="num">{c.number}</span> {c.name}{' '}
                  {!c.inKit && <span className="mark caution">not in the kit</span>}{' '}
                  {c.forTwo && <span className="mark caution">lift by two</span>}
                </th>
                <th className="num right">{c.contents.reduce((n, p) => n + p.pieces, 0)}</th>
                <th className="num right">
                  {c.unweighed && 'at least '}
                  {kilograms(c.grams)}
                </th>
                <th className="num right">{fixed(c.fill * 100, 0)} %</th>
              </tr>
              <Contents lines={c.contents} />
            </Fragment>
          ))}
          {d.loose.length > 0 && (
            <>
              <tr className="group">
                <th scope="rowgroup" colSpan={4}>
                  in no case: too long or too heavy for those of the house
                </th>
              </tr>
              <Contents lines={d.loose} />
            </>
          )}
        </tbody>
      </table>
      <p className="soft">
        By bounds and mass, 15 mm of foam all round; whoever packs decides. Batteries travel with covered terminals,
        spares in the cabin by the carrier’s rules.
      </p>
    </>
  );
}

function Contents({ lines }: { lines: Schemas['PackedView'][] }) {
  return lines.map((p) => (
    <tr key={p.item}>
      <td>{p.name}</td>
      <td className="num right">{p.pieces}</td>
      <td />
      <td />
    </tr>
  ));
}
