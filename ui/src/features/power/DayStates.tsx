import { Link } from 'react-router';
import type { Schemas } from '../../shared/api/client';
import { fixed } from '../../shared/format/units';
import { Pick } from '../../shared/kit/Pick';

type State = Schemas['DayBlock']['state'];

interface Props {
  day: Schemas['DayBlock'][];
  devices: Schemas['DeviceDay'][];
  bench: (placement: string) => string;
  canEdit: boolean;
  /** {@code null}: it does as the rig again. */
  onState: (block: number, placement: string, state: State | null) => void;
}

const WORDS: Record<State, string> = { ON: 'on', STANDBY: 'standby', OFF: 'off' };

const OWN = (Object.keys(WORDS) as State[]).map((s) => ({ value: s, label: WORDS[s] }));

/** What every device does in each block, and what it takes in the day; one that does other than the rig is marked. */
export function DayStates({ day, devices, canEdit, onState, bench }: Props) {
  return (
    <table className="sheet day-states">
      <thead>
        <tr>
          <th>Device</th>
          {day.map((b, i) => (
            <th key={i}>
              {b.what}
              <div className="soft num">{fixed(b.hours, b.hours % 1 === 0 ? 0 : 1)} h</div>
            </th>
          ))}
          <th className="right">Standby, on, peak</th>
          <th className="right">Boots in</th>
          <th className="right">In the day</th>
        </tr>
      </thead>
      <tbody>
        {devices.map((d) => (
          <tr key={d.placement}>
            <th scope="row">
              <Link to={bench(d.placement)}>{d.title}</Link>
            </th>
            {d.states.map((state, i) => (
              <td key={i} className={d.own[i] ? 'own' : ''}>
                <Pick<State | ''>
                  className={`state ${state.toLowerCase()}`}
                  label={`${d.title} in ${day[i]?.what ?? ''}`}
                  value={d.own[i] ? state : ''}
                  disabled={!canEdit}
                  onChange={(next) => onState(i, d.placement, next || null)}
                  options={[{ value: '', label: `as the rig, ${WORDS[day[i]?.state ?? 'OFF']}` }, ...OWN]}
                />
              </td>
            ))}
            <td className="num right">
              {fixed(d.idleWatts, 0)}, {d.runningWatts === null ? '?' : fixed(d.runningWatts, 0)},{' '}
              {d.peakWatts === null ? '?' : fixed(d.peakWatts, 0)} W
            </td>
            <td className="num right">{d.bootSeconds > 0 ? `${fixed(d.bootSeconds, 0)} s` : ''}</td>
            <td className="num right">{fixed(d.wattHours, 0)} Wh</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
