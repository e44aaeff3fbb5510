import { Button } from 'antd';
import type { Schemas } from '../../shared/api/client';
import { amperes, degreesCelsius, fixed, hours, kilograms } from '../../shared/format/units';
import { along } from './logic';

type Standing = Schemas['RodMeter']['standing'];
type State = 'met' | 'caution' | 'stop';

/** The server judges; what is open is marked like a caution. */
const STATES: Record<Standing, State> = { MET: 'met', OPEN: 'caution', CAUTION: 'caution', STOP: 'stop' };

interface MeterProps {
  title: string;
  value: string;
  note: string;
  state: State;
  fill: number;
  mark?: number;
  /** Opens what is behind the figure. */
  onMore?: () => void;
}

function Meter({ title, value, note, state, fill, mark, onMore }: MeterProps) {
  return (
    <div className={`meter ${state}`}>
      {onMore ? (
        <Button type="link" size="small" className="meter-more" onClick={onMore}>
          {title}
        </Button>
      ) : (
        <span className="soft">{title}</span>
      )}
      <b className="num">
        {value}
        {state !== 'met' && (
          <span className={`mark ${state}`}>
            <span className="hush">{state}</span>
          </span>
        )}
      </b>
      <span className="bar" aria-hidden="true">
        <span style={{ width: `${fill * 100}%` }} />
        {mark !== undefined && <i style={{ left: `${mark * 100}%` }} />}
      </span>
      <span className="num soft">{note}</span>
    </div>
  );
}

function massMeter(m: Schemas['MassMeter']): MeterProps {
  const top = (m.ceiling || m.carried) * 1.2;
  const open = m.unweighed.length;
  const whole = m.wholeUnweighed.length;
  return {
    title: 'mass carried',
    value: kilograms(m.carried) + (open ? ` + ${open} unweighed` : ''),
    note: `all ${kilograms(m.whole)}${whole ? ` + ${whole} unweighed` : ''}`,
    state: STATES[m.standing],
    fill: along(m.carried, 0, top),
    mark: m.ceiling > 0 ? along(m.ceiling, 0, top) : undefined,
  };
}

/** From level to hanging on a post, as far as it is known. */
function dropWords(drop: Schemas['Span']): string {
  if (drop.to <= 0) return '';
  const [from, to] = [fixed(drop.from, 1), fixed(drop.to, 1)];
  return `, drops in ${from === to ? from : `${from} to ${to}`} s`;
}

function balanceMeter(b: Schemas['BalanceMeter']): MeterProps {
  const off = b.standing === 'CAUTION' || b.standing === 'STOP';
  const where = Math.abs(b.off) < 0.05 ? 'centred' : `${fixed(Math.abs(b.off), 1)} mm ${b.off > 0 ? 'nose' : 'tail'}`;
  return {
    title: 'balance on the support',
    value: where,
    note: off
      ? `camera ${fixed(Math.abs(b.shift), 1)} ${b.shift < 0 ? 'back' : 'forward'}`
      : `within ± ${fixed(b.tolerance, 0)} mm${dropWords(b.drop)}`,
    state: STATES[b.standing],
    fill: along(Math.abs(b.off), 0, b.tolerance * 4),
    mark: 0.25,
  };
}

function rodMeter(r: Schemas['RodMeter']): MeterProps {
  return {
    title: 'axis over rods',
    value: `${fixed(r.has, 1)} mm`,
    note: `needs ${fixed(r.needs, 1)} ± ${fixed(r.tolerance, 1)}`,
    state: STATES[r.standing],
    fill: along(r.has, 0, r.needs * 1.25),
    mark: 0.8,
  };
}

function chargeMeter(c: Schemas['ChargeMeter']): MeterProps {
  const unknown = c.unknown.length > 0;
  const top = Math.max(c.neededHours * 1.25, c.allHours);
  return {
    title: `charge at ${degreesCelsius(c.celsius)}`,
    value: hours(c.fittedHours),
    note: unknown
      ? `${c.unknown.length} draws unknown`
      : `${c.written ? 'day' : 'all packed'} ${hours(c.allHours)} of ${hours(c.neededHours)}`,
    state: STATES[c.standing],
    fill: along(c.allHours, 0, top),
    mark: along(c.neededHours, 0, top),
  };
}

function outputMeter(o: Schemas['OutputMeter']): MeterProps {
  return {
    title: 'outputs free',
    value: `${o.free} of ${o.all}`,
    note: `${amperes(o.ampsFree)} free${o.unknown.length ? `, ${o.unknown.length} draws unknown` : ''}`,
    state: STATES[o.standing],
    fill: along(o.all - o.free, 0, Math.max(1, o.all)),
  };
}

/** The figures that decide, always in sight. */
export function MetersBar({ meters, onBalance }: { meters: Schemas['Meters']; onBalance: () => void }) {
  const all = [
    massMeter(meters.mass),
    ...(meters.balance ? [{ ...balanceMeter(meters.balance), onMore: onBalance }] : []),
    ...(meters.rods ? [rodMeter(meters.rods)] : []),
    ...(meters.charge ? [chargeMeter(meters.charge)] : []),
    outputMeter(meters.outputs),
  ];
  return (
    <section className="meters" aria-label="Meters">
      {all.map((m) => (
        <Meter key={m.title} {...m} />
      ))}
    </section>
  );
}
