import { Input } from 'antd';
import { useState } from 'react';
import { api, unwrap } from '../../shared/api/client';
import { fixed, hours } from '../../shared/format/units';
import { all, Figure, number } from './Numbers';
import { useAnswer } from './useAnswer';

/** How long a battery lasts, how many the day takes, and what a claimed run time would draw. */
export function Lasting() {
  const [wattHours, setWattHours] = useState('150');
  const [health, setHealth] = useState('1.00');
  const [celsius, setCelsius] = useState('-4');
  const [watts, setWatts] = useState('62');
  const [on, setOn] = useState('6');
  const [claimed, setClaimed] = useState('0');
  const answer = useAnswer(
    ['lasting', wattHours, health, celsius, watts, on, claimed],
    async () =>
      unwrap(
        await api.GET('/api/calculators/power/lasting', {
          params: {
            query: {
              wattHours: number(wattHours),
              health: number(health),
              celsius: number(celsius),
              watts: number(watts),
              hours: number(on),
              claimedHours: number(claimed),
            },
          },
        }),
      ),
    all(wattHours, health, celsius, watts, on, claimed),
  );
  const a = answer.data;
  return (
    <div className="calc">
      <div>
        <Figure title="Battery" unit="Wh" value={wattHours} onChange={setWattHours} />
        <Figure title="What age has left of it, 0 to 1" unit="" value={health} onChange={setHealth} />
        <Figure title="Where it hangs, it is" unit="°C" value={celsius} onChange={setCelsius} />
        <Figure title="Load, running" unit="W" value={watts} onChange={setWatts} />
        <Figure title="On for, in the day" unit="h" value={on} onChange={setOn} />
        <Figure title="Somebody claims that one lasts; 0 for nobody" unit="h" value={claimed} onChange={setClaimed} />
      </div>
      <output className="calc-answer">
        {answer.isError && <p className="error">{answer.error.message}</p>}
        {a && (
          <>
            <p className="big num">
              {hours(a.hoursEach)} each, {a.batteries} {a.batteries === 1 ? 'battery' : 'batteries'} for the day
            </p>
            <p className="num soft">
              {fixed(a.usableWattHours, 1)} Wh of it: factor {fixed(a.factor, 3)} for the temperature,{' '}
              {fixed(a.usable, 2)} usable
            </p>
            {a.impliedWatts > 0 && (
              <p className={`mark ${a.credible ? 'met' : 'caution'}`}>
                The claim would be a draw of {fixed(a.impliedWatts, 0)} W
                {a.credible ? '' : `: too little beside the ${watts} W of the nameplates`}
              </p>
            )}
          </>
        )}
        <p className="soft">Time counts while on, not while rolling. Without charging in between.</p>
      </output>
    </div>
  );
}

/** The devices on one output, against its watts and amperes. */
export function OutputLoad() {
  const [devices, setDevices] = useState('18 9 4');
  const [volts, setVolts] = useState('12.0');
  const [limitWatts, setLimitWatts] = useState('50');
  const [limitAmps, setLimitAmps] = useState('5');
  const watts = devices
    .split(/[\s,+]+/)
    .filter(Boolean)
    .map(Number);
  const answer = useAnswer(
    ['output', devices, volts, limitWatts, limitAmps],
    async () =>
      unwrap(
        await api.GET('/api/calculators/power/output', {
          params: {
            query: { watts, endVolts: number(volts), limitWatts: number(limitWatts), limitAmps: number(limitAmps) },
          },
        }),
      ),
    watts.length > 0 && watts.every(Number.isFinite) && all(volts, limitWatts, limitAmps),
  );
  const a = answer.data;
  return (
    <div className="calc">
      <div>
        <label className="calc-field">
          <span>Draws of the devices on it, W</span>
          <Input className="num" value={devices} onChange={(e) => setDevices(e.target.value)} />
        </label>
        <Figure title="At the end of the charge" unit="V" value={volts} onChange={setVolts} />
        <Figure title="The output gives, for good" unit="W" value={limitWatts} onChange={setLimitWatts} />
        <Figure title="and" unit="A" value={limitAmps} onChange={setLimitAmps} />
      </div>
      <output className="calc-answer">
        {answer.isError && <p className="error">{answer.error.message}</p>}
        {a && (
          <>
            <p className="big num">
              {fixed(a.watts, 1)} W, {fixed(a.amps, 2)} A
            </p>
            <p className={`mark ${a.met ? 'met' : 'stop'}`}>
              {a.met ? 'within both limits' : 'more than the output gives'}
            </p>
          </>
        )}
        <p className="soft">
          Amperes are most when volts are least: a battery that is nearly empty trips what a full one carries.
        </p>
      </output>
    </div>
  );
}

/** What the usual rule says of a battery in an aeroplane. */
export function Cabin() {
  const [wattHours, setWattHours] = useState('98');
  const [spares, setSpares] = useState('6');
  const answer = useAnswer(
    ['cabin', wattHours, spares],
    async () =>
      unwrap(
        await api.GET('/api/calculators/power/cabin', {
          params: { query: { wattHours: number(wattHours), spares: Math.round(number(spares)) } },
        }),
      ),
    all(wattHours, spares),
  );
  const a = answer.data;
  return (
    <div className="calc">
      <div>
        <Figure title="Battery" unit="Wh" value={wattHours} onChange={setWattHours} />
        <Figure title="Spares of it" unit="pieces" value={spares} onChange={setSpares} />
      </div>
      <output className="calc-answer">
        {answer.isError && <p className="error">{answer.error.message}</p>}
        {a && (
          <>
            <p className={`mark ${a.rule === 'FREE' ? 'met' : a.rule === 'APPROVAL' ? 'caution' : 'stop'}`}>
              {a.words}
            </p>
            {a.people > 0 && (
              <p className="num">
                {a.people} {a.people === 1 ? 'person carries' : 'people carry'} them
              </p>
            )}
          </>
        )}
        <p className="soft">
          The usual rule, as of November 2026. Terminals covered, none damaged, spares never in the hold. The carrier
          and local law decide.
        </p>
      </output>
    </div>
  );
}
