import { Checkbox } from 'antd';
import { useState } from 'react';
import { api, unwrap } from '../../shared/api/client';
import { fixed, flangeText, mm } from '../../shared/format/units';
import { all, Figure, number } from './Numbers';
import { useAnswer } from './useAnswer';

/** What a lens sees, and what an opening before it takes of the corners. */
export function Corners() {
  const [focal, setFocal] = useState('24');
  const [stop, setStop] = useState('2.1');
  const [squeeze, setSqueeze] = useState('1');
  const [width, setWidth] = useState('36');
  const [height, setHeight] = useState('20');
  const [pupil, setPupil] = useState('45');
  const [ahead, setAhead] = useState('40');
  const [wide, setWide] = useState('130');
  const [high, setHigh] = useState('98');
  const [round, setRound] = useState(false);
  const typed = [focal, stop, squeeze, width, height, pupil, ahead, wide, round ? wide : high];
  const answer = useAnswer(
    ['corners', ...typed, round],
    async () =>
      unwrap(
        await api.GET('/api/calculators/lens/corners', {
          params: {
            query: {
              focalMm: number(focal),
              tStop: number(stop),
              squeeze: number(squeeze),
              widthMm: number(width),
              heightMm: number(height),
              pupilMm: number(pupil),
              aheadMm: number(ahead),
              openWidthMm: number(wide),
              openHeightMm: number(round ? wide : high),
              round,
            },
          },
        }),
      ),
    all(...typed),
  );
  const a = answer.data;
  return (
    <div className="calc">
      <div>
        <Figure title="Focal length, of a zoom the shortest" unit="mm" value={focal} onChange={setFocal} />
        <Figure title="T-stop, the widest used" unit="" value={stop} onChange={setStop} />
        <Figure title="Squeeze, 1 for none" unit="" value={squeeze} onChange={setSqueeze} />
        <Figure title="Recorded width" unit="mm" value={width} onChange={setWidth} />
        <Figure title="Recorded height" unit="mm" value={height} onChange={setHeight} />
        <Figure title="Entrance pupil behind the rim" unit="mm" value={pupil} onChange={setPupil} />
        <Figure title="Opening ahead of the rim" unit="mm" value={ahead} onChange={setAhead} />
        <Figure title={round ? 'Its diameter' : 'Its width'} unit="mm" value={wide} onChange={setWide} />
        {!round && <Figure title="Its height" unit="mm" value={high} onChange={setHigh} />}
        <Checkbox checked={round} onChange={(e) => setRound(e.target.checked)}>
          a round opening
        </Checkbox>
      </div>
      <output className="calc-answer">
        {answer.isError && <p className="error">{answer.error.message}</p>}
        {a && (
          <>
            <p className="big num">
              {fixed(a.acrossDegrees, 1)}° × {fixed(a.uprightDegrees, 1)}°
            </p>
            <p className={`mark ${a.state === 'FINE' ? 'met' : a.cut ? 'stop' : 'caution'}`}>
              {a.stops < 0.005
                ? `corners clear by ${mm(a.roomMm)}`
                : a.stops >= 10
                  ? 'the corners are black'
                  : `the corners are ${fixed(a.stops, 2)} stops darker${a.cut ? ': cut' : ''}`}
            </p>
            <p className="num soft">an image circle of {mm(a.diagonalMm)} covers the window</p>
          </>
        )}
        <p className="soft">At the widest stop and infinity. The house lets a corner lose what its rules say.</p>
      </output>
    </div>
  );
}

/** Whether a drive on a rod reaches a ring of a lens. */
export function Gears() {
  const [ring, setRing] = useState('91.2');
  const [module, setModule] = useState('0.8');
  const [teeth, setTeeth] = useState('53');
  const [arm, setArm] = useState('35');
  const [aside, setAside] = useState('30');
  const [under, setUnder] = useState('85');
  const typed = [ring, module, teeth, arm, aside, under];
  const answer = useAnswer(
    ['gears', ...typed],
    async () =>
      unwrap(
        await api.GET('/api/calculators/lens/gears', {
          params: {
            query: {
              ringMm: number(ring),
              moduleMm: number(module),
              teeth: Math.round(number(teeth)),
              armMm: number(arm),
              asideMm: number(aside),
              underMm: number(under),
            },
          },
        }),
      ),
    all(...typed),
  );
  const a = answer.data;
  return (
    <div className="calc">
      <div>
        <Figure title="Ring of the lens, over its teeth" unit="mm" value={ring} onChange={setRing} />
        <Figure title="Module of both" unit="mm" value={module} onChange={setModule} />
        <Figure title="Teeth of the drive" unit="" value={teeth} onChange={setTeeth} />
        <Figure title="Arm, rod to gear" unit="mm" value={arm} onChange={setArm} />
        <Figure title="Rod beside the axis" unit="mm" value={aside} onChange={setAside} />
        <Figure title="Rod under the axis" unit="mm" value={under} onChange={setUnder} />
      </div>
      <output className="calc-answer">
        {answer.isError && <p className="error">{answer.error.message}</p>}
        {a && (
          <>
            <p className={`mark big num ${a.swings.length > 0 ? 'met' : 'stop'}`}>
              {a.swings.length > 0
                ? `meshes, ${a.swings.map((s) => `${fixed(Math.abs(s), 0)}° ${s < 0 ? 'right' : 'left'}`).join(' or ')} of up`
                : 'does not reach'}
            </p>
            <p className="num soft">
              {mm(a.apartMm)} between the middles; from {mm(a.rodMm)} away the arm reaches {mm(a.nearestMm)} to{' '}
              {mm(a.farthestMm)}
            </p>
            <p className="num soft">{fixed(a.turns, 2)} turns of the drive for one of the ring</p>
          </>
        )}
        <p className="soft">The rods of a lightweight pair stand 30 mm beside the axis and 85 under it.</p>
      </output>
    </div>
  );
}

/** Whether a lens focuses to infinity on what is between it and the body. */
export function Flange() {
  const [body, setBody] = useState('26');
  const [adapters, setAdapters] = useState('26.05');
  const [lens, setLens] = useState('52');
  const [focal, setFocal] = useState('35');
  const typed = [body, adapters, lens, focal];
  const answer = useAnswer(
    ['flange', ...typed],
    async () =>
      unwrap(
        await api.GET('/api/calculators/lens/flange', {
          params: {
            query: {
              bodyMm: number(body),
              adaptersMm: number(adapters),
              lensMm: number(lens),
              focalMm: number(focal),
            },
          },
        }),
      ),
    all(...typed),
  );
  const a = answer.data;
  return (
    <div className="calc">
      <div>
        <Figure title="Flange distance of the body" unit="mm" value={body} onChange={setBody} />
        <Figure title="Optical length of all adapters" unit="mm" value={adapters} onChange={setAdapters} />
        <Figure title="Flange distance of the lens" unit="mm" value={lens} onChange={setLens} />
        <Figure title="Focal length" unit="mm" value={focal} onChange={setFocal} />
      </div>
      <output className="calc-answer">
        {answer.isError && <p className="error">{answer.error.message}</p>}
        {a && (
          <>
            <p className={`mark big num ${a.state === 'FINE' ? 'met' : 'stop'}`}>
              {flangeText({ flange: a.state, flangeErrorMm: a.errorMm })}
            </p>
            <p className="num soft">
              {fixed(a.sumMm, 3)} mm from the last face to the sensor, {fixed(number(lens), 3)} wanted
            </p>
            {a.farthestMetres !== null && (
              <p className="num soft">nothing beyond {fixed(a.farthestMetres, 1)} m gets sharp</p>
            )}
          </>
        )}
        <p className="soft">
          PL 52.00, B4 48.00, C-mount 17.526. The house’s tolerance is one of its rules. Behind glass with a factor,
          type the focal length times it.
        </p>
      </output>
    </div>
  );
}
