import type { Schemas } from '../../shared/api/client';
import { counted, fixed } from '../../shared/format/units';

/** What lives on cells of its own, and how often they are changed. */
export function OwnCells({ islands }: { islands: Schemas['Power']['islands'] }) {
  if (islands.length === 0) return null;
  return (
    <p>
      On cells of their own:{' '}
      {islands
        .map(
          (i) =>
            `${i.title}, ${fixed(i.hours, 0)} h a set, ${i.changes === 0 ? 'no change in this day' : `${counted(i.changes, 'change')} in this day`}`,
        )
        .join('; ')}
      .
    </p>
  );
}

/** What of the batteries may fly, by the usual rule for cabins. */
export function Flown({ batteries }: { batteries: Schemas['Power']['flown'] }) {
  if (batteries.length === 0) return null;
  return (
    <>
      <h3>If the job flies</h3>
      <table className="sheet flown">
        <tbody>
          {batteries.map((f) => (
            <tr key={f.battery}>
              <td className="nowrap">
                {f.count} × {f.battery}
              </td>
              <td className="num right">{fixed(f.wattHours, 0)} Wh</td>
              <td>
                <span className={`mark ${f.rule === 'FREE' ? 'met' : f.rule === 'APPROVAL' ? 'caution' : 'stop'}`}>
                  {f.words}
                </span>
              </td>
              <td className="num right">{f.people > 0 ? counted(f.people, 'person', 'people') : ''}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="soft">The usual rule for cabins, as of November 2026; the carrier and local law decide.</p>
    </>
  );
}
