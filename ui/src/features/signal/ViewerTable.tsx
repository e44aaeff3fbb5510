import { Link } from 'react-router';
import type { Schemas } from '../../shared/api/client';
import { fixed } from '../../shared/format/units';

const turned = (quarters: number) => (quarters === 0 ? 'as it is' : `turned by ${quarters * 90}°`);

/** The brief's viewers: what they look at, how the picture gets there, or where its way breaks. */
export function ViewerTable({ seats, blind, brief }: { seats: Schemas['SeatRow'][]; blind: string[]; brief: string }) {
  return (
    <section aria-labelledby="viewers-title">
      <h2 id="viewers-title">Viewers</h2>
      {seats.length === 0 ? (
        <p className="soft">
          The <Link to={brief}>brief</Link> names nobody who looks at this build.
        </p>
      ) : (
        <table className="sheet">
          <thead>
            <tr>
              <th>Viewer</th>
              <th>Picture</th>
              <th>Way</th>
              <th className="right">Sent</th>
              <th>Look on at</th>
              <th>Stands</th>
            </tr>
          </thead>
          <tbody>
            {seats.map((s) => {
              const broken = blind.includes(s.viewer.who);
              return (
                <tr key={s.viewer.who}>
                  <td>
                    <strong>{s.viewer.who}</strong>
                    <div className="soft">
                      for {s.viewer.trust.toLowerCase()}
                      {s.viewer.byRadio ? ', by radio' : ', by cable'}
                    </div>
                  </td>
                  <td>
                    {!s.reached ? (
                      <span className="mark stop">no</span>
                    ) : broken ? (
                      <span className="mark stop">gone</span>
                    ) : (
                      <span className="mark met">yes</span>
                    )}
                  </td>
                  <td>
                    {s.reached ? s.way.join(' › ') : s.whyNot}
                    {s.reached && s.label && <div className="soft">that display is good for {s.label}</div>}
                  </td>
                  <td className="num right">{s.rate > 0 ? `${fixed(s.rate, 1)} Gbit/s` : ''}</td>
                  <td>
                    {s.reached &&
                      (s.looks.length > 1 ? (
                        <span className="mark caution">{s.looks.join(' and ')}</span>
                      ) : (
                        (s.looks[0] ?? 'nowhere')
                      ))}
                  </td>
                  <td>{s.reached ? turned(s.quarterTurns) : ''}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      )}
    </section>
  );
}
