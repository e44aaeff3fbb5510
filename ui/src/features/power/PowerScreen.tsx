import './power.css';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { powerQuery } from '../../shared/api/queries';
import type { Schemas } from '../../shared/api/client';
import { Waiting } from '../../shared/kit/Waiting';
import { useStandpoint } from '../../shared/job/useStandpoint';
import { WornAs } from '../../shared/job/WornAs';
import { fixed } from '../../shared/format/units';
import { BatteryPlan } from './BatteryPlan';
import { atHour, DayChart, inWords } from './DayChart';
import { DayStates } from './DayStates';
import { FeedDrawing } from './FeedDrawing';
import { FeedTable } from './FeedTable';
import { useDayStates } from './useDayStates';
import { Pick } from '../../shared/kit/Pick';
import { NumberField } from '../../shared/kit/NumberField';

/** Will it run the day: where power goes, how the day draws it down, and what another battery or charger would do. */
export function PowerScreen({ session }: { session: Schemas['Session'] }) {
  const at = useStandpoint();
  const { spot, build, data } = at;
  const [battery, setBattery] = useState('');
  const [moreBatteries, setMoreBatteries] = useState(0);
  const [moreBays, setMoreBays] = useState(0);
  const query = useQuery({
    ...powerQuery(spot, { battery, moreBatteries, moreBays }),
    enabled: build !== undefined,
    placeholderData: keepPreviousData,
  });
  const states = useDayStates(spot);
  if (query.isError) return <p className="page error">{query.error.message}</p>;
  if (!build || query.isPending) return <Waiting />;
  const p = query.data;
  const bench = (part: string) => at.at('bench', { part });
  const others = [...new Map(p.plates.flatMap((x) => x.others).map((o) => [o.item, o])).values()];
  return (
    <main className="power">
      <section className="wide" aria-labelledby="feed-title">
        <div className="power-head">
          <h2 id="feed-title">Feed</h2>
          <WornAs at={at} />
          <Button type="text" onClick={() => window.print()}>
            Print
          </Button>
        </div>
        <FeedDrawing rows={p.tree} bench={bench} />
      </section>
      <section aria-label="Feed in figures">
        <FeedTable rows={p.tree} bench={bench} />
        {p.islands.length > 0 && (
          <p>
            On cells of their own:{' '}
            {p.islands
              .map(
                (i) =>
                  `${i.title}, ${fixed(i.hours, 0)} h a set, ${i.changes === 0 ? 'no change in this day' : `${i.changes} ${i.changes === 1 ? 'change' : 'changes'} in this day`}`,
              )
              .join('; ')}
            .
          </p>
        )}
        {p.flown.length > 0 && (
          <>
            <h3>If the job flies</h3>
            <table className="sheet flown">
              <tbody>
                {p.flown.map((f) => (
                  <tr key={f.battery}>
                    <td className="nowrap">
                      {f.count} × {f.battery}
                    </td>
                    <td className="num right">{fixed(f.wattHours, 0)} Wh</td>
                    <td>
                      <span
                        className={`mark ${f.rule === 'FREE' ? 'met' : f.rule === 'APPROVAL' ? 'caution' : 'stop'}`}
                      >
                        {f.words}
                      </span>
                    </td>
                    <td className="num right">
                      {f.people > 0 ? `${f.people} ${f.people === 1 ? 'person' : 'people'}` : ''}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
            <p className="soft">The usual rule for cabins, as of November 2026; the carrier and local law decide.</p>
          </>
        )}
      </section>
      {p.plates.length > 0 && (
        <section aria-labelledby="day-title">
          <div className="power-head">
            <h2 id="day-title">The day</h2>
            {!p.dayWritten && (
              <span className="soft">
                on end to end: write the day in blocks in the <Link to={at.at('brief')}>brief</Link>
              </span>
            )}
          </div>
          <div className="power-try" role="group" aria-label="Try">
            <label>
              Try{' '}
              <Pick
                label="Try"
                value={battery}
                onChange={setBattery}
                options={[
                  { value: '', label: 'the batteries there are' },
                  ...others.map((o) => ({ value: o.item, label: `${o.title}, all of them` })),
                ]}
              />
            </label>
            <Count label="more batteries" value={moreBatteries} onChange={setMoreBatteries} />
            <Count label="more charger bays" value={moreBays} onChange={setMoreBays} />
          </div>
          {p.plates.map((plate) => (
            <PlateDay key={plate.battery + plate.plate} plate={plate} day={p.day} />
          ))}
          <p className="soft">
            The finding “Charge for the day” comes of this day. Plates of one standard, on all builds of the job, take
            their batteries and bays in turn. Time counts while on, not while rolling. Charge by makers’ figures, health
            and the block’s temperature; measured draw replaces them once it is on file. Lithium cells: none damaged,
            terminals covered, charged in sight; the carrier’s and local rules decide.
          </p>
        </section>
      )}
      {p.devices.length > 0 && p.dayWritten && (
        <section className="wide" aria-labelledby="states-title">
          <div className="power-head">
            <h2 id="states-title">What is on, block by block</h2>
            <span className="soft">A device that is off takes what lives off it with it. Time counts while on.</span>
          </div>
          <DayStates
            day={p.day}
            devices={states.shown(p.devices, p.day)}
            bench={bench}
            canEdit={session.editsBriefs && data?.stage !== 'DISPATCHED'}
            onState={states.put}
          />
        </section>
      )}
    </main>
  );
}

function Count({ label, value, onChange }: { label: string; value: number; onChange: (value: number) => void }) {
  return (
    <label>
      <NumberField min={0} max={40} value={value} onChange={(v) => onChange(v ?? 0)} aria-label={label} /> {label}
    </label>
  );
}

function PlateDay({ plate, day }: { plate: Schemas['PlateView']; day: Schemas['DayBlock'][] }) {
  const { now } = plate;
  const then = plate.then ?? undefined;
  const title = plate.plate ? `${plate.battery} on ${plate.plate}` : plate.battery;
  if (!now) {
    return (
      <p>
        {title}:{' '}
        {plate.unknown.length > 0
          ? `no draw or capacity on file for ${plate.unknown.join(', ')}`
          : 'nothing lives off it'}
        .
      </p>
    );
  }
  return (
    <article className="plate-day">
      <h3>
        {title}{' '}
        <span className="soft">
          {plate.keepsOn}
          {plate.carriedHours !== null && `, for up to ${atHour(plate.carriedHours)}`}
        </span>
      </h3>
      <DayChart title={title} day={day} now={now} then={then} />
      <BatteryPlan title={title} hours={day.reduce((n, b) => n + b.hours, 0)} turns={(then ?? now).turns} />
      <p className="soft plan-key">
        <span className="swatch rig" /> on the rig <span className="swatch bay" /> in a bay{then && ', as tried'}
      </p>
      <table className="sheet">
        <thead>
          <tr>
            <td />
            <th className="right">Batteries put on</th>
            <th className="right">Nothing left for</th>
            <th className="right">Waits for boots</th>
            <th className="right">Drawn</th>
            <th className="right">To recharge</th>
            <th className="right">All full again in</th>
          </tr>
        </thead>
        <tbody>
          <Line
            name={`as packed: ${plate.atHand} ${plate.atHand === 1 ? 'battery' : 'batteries'}, ${plate.bays} bays`}
            day={now}
          />
          {then && <Line name="as tried" day={then} />}
        </tbody>
      </table>
      <p>
        <span className="num">{fixed(plate.runningWatts, 0)} W</span> running
        {plate.lostWatts >= 0.5 && (
          <>
            , <span className="num">{fixed(plate.lostWatts, 0)} W</span> of it lost in converters
          </>
        )}
        , <span className="num">{fixed(plate.idleWatts, 0)} W</span> on standby. Without charging during the day it
        takes <span className="num">{plate.needed}</span> of the fitted kind;{' '}
        <span className="num">{plate.atHand}</span> for this plate are packed. {inWords(then ?? now)}
        {nightly(then ?? now, plate)}
        {!plate.hotSwap &&
          plate.bootSeconds > 0 &&
          now.swaps.length > 0 &&
          ` Each change costs ${fixed(plate.bootSeconds, 0)} s until all is there again.`}
      </p>
    </article>
  );
}

/** What it takes that all are full again by the next call. */
function nightly(day: Schemas['DayView'], plate: Schemas['PlateView']): string {
  const bays = day.baysForTheNight;
  const night = `a night of ${fixed(plate.nightHours, plate.nightHours % 1 === 0 ? 0 : 1)} h`;
  if (day.fullByMorning) return ` In ${night} all are full again.`;
  if (bays === null) return ` No number of bays fills all of them in ${night}.`;
  return ` For all to be full again in ${night} it takes ${bays} bays; ${plate.bays === 0 ? 'none is' : `${plate.bays} are`} there for this plate.`;
}

function Line({ name, day }: { name: string; day: Schemas['DayView'] }) {
  return (
    <tr>
      <th scope="row">{name}</th>
      <td className="num right">{day.used}</td>
      <td className="num right">
        {day.darkHours > 0.005 ? (
          <span className="mark stop">{atHour(day.darkHours)}</span>
        ) : (
          <span className="mark met">never</span>
        )}
      </td>
      <td className="num right">{day.bootMinutes > 0 ? `${fixed(day.bootMinutes, 1)} min` : 'never'}</td>
      <td className="num right">{fixed(day.drawnWattHours, 0)} Wh</td>
      <td className="num right">{day.toRecharge}</td>
      <td className="num right">{day.rechargeHours === null ? 'no charger packed' : atHour(day.rechargeHours)}</td>
    </tr>
  );
}
