import { useState } from 'react';
import { api, unwrap } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { fixed } from '../../shared/format/units';
import { all, Figure, number } from './Numbers';
import { useAnswer } from './useAnswer';

/** The thinnest wire that still leaves a device its volts. */
export function CablePick() {
  const [watts, setWatts] = useState('60');
  const [volts, setVolts] = useState('12.0');
  const [least, setLeast] = useState('11.0');
  const [length, setLength] = useState('3000');
  const answer = useAnswer(
    ['cable', watts, volts, least, length],
    async () =>
      unwrap(
        await api.GET('/api/calculators/power/cable', {
          params: {
            query: {
              watts: number(watts),
              endVolts: number(volts),
              leastVolts: number(least),
              lengthMm: number(length),
            },
          },
        }),
      ),
    all(watts, volts, least, length),
  );
  const first = answer.data?.find((w) => w.met);
  return (
    <div className="calc">
      <div>
        <Figure title="Load" unit="W" value={watts} onChange={setWatts} />
        <Figure title="At the end of the charge" unit="V" value={volts} onChange={setVolts} />
        <Figure title="The device needs at least" unit="V" value={least} onChange={setLeast} />
        <Figure title="Cable, one way" unit="mm" value={length} onChange={setLength} />
      </div>
      <output className="calc-answer">
        {answer.isError && <p className="error">{answer.error.message}</p>}
        {answer.data && (
          <>
            <p className="big num">{first ? `${fixed(first.sectionMm2, 2)} mm² or more` : 'none that is made'}</p>
            <WireTable wires={answer.data} />
          </>
        )}
        <p className="soft">
          There and back, copper at 20 °C, without the contacts. A fuse and the plug’s own limit decide too.
        </p>
      </output>
    </div>
  );
}

/** What each cross-section leaves; through one that is too thin nothing holds at all. */
function WireTable({ wires }: { wires: Schemas['Wire'][] }) {
  return (
    <table className="sheet">
      <thead>
        <tr>
          <th className="right">Copper</th>
          <th className="right">Lost</th>
          <th className="right">There</th>
          <th />
        </tr>
      </thead>
      <tbody>
        {wires.map((w) => {
          const holds = w.voltsThere > 0;
          return (
            <tr key={w.sectionMm2}>
              <td className="num right">{fixed(w.sectionMm2, 2)} mm²</td>
              <td className="num right">{holds ? `${fixed(w.dropVolts, 2)} V` : ''}</td>
              <td className="num right">{holds ? `${fixed(w.voltsThere, 2)} V` : ''}</td>
              <td>
                {w.met ? (
                  <span className="mark met">enough</span>
                ) : (
                  <span className="mark stop">{holds ? 'too little' : 'collapses'}</span>
                )}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
