import type { ReactNode } from 'react';
import type { Schemas } from '../../shared/api/client';
import { atHour, fixed } from '../../shared/format/units';
import { BatteryPlan } from './BatteryPlan';
import { DayChart, inWords } from './DayChart';

interface PlateDayProps {
  plate: Schemas['PlateView'];
  day: Schemas['DayBlock'][];
  /** What was measured of it. */
  children?: ReactNode;
}

/** A plate through the day: as packed, and beside it as somebody tries it. */
export function PlateDay({ plate, day, children }: PlateDayProps) {
  const { now } = plate;
  const then = plate.then ?? undefined;
  const title = plate.plate ? `${plate.battery} on ${plate.plate}` : plate.battery;
  if (!now) {
    return (
      <article className="plate-day">
        <p>
          {title}:{' '}
          {plate.unknown.length > 0
            ? `no draw or capacity on file for ${plate.unknown.join(', ')}`
            : 'nothing lives off it'}
          .
        </p>
        {plate.unknown.length > 0 && children}
      </article>
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
      {children}
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
