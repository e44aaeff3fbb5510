import type { Schemas } from '../../shared/api/client';
import { atHour, fixed } from '../../shared/format/units';

const WIDTH = 720;
const HEIGHT = 210;
const LEFT = 44;
const RIGHT = 12;
const TOP = 30;
const BOTTOM = 30;

interface Props {
  title: string;
  day: Schemas['DayBlock'][];
  now: Schemas['DayView'];
  then: Schemas['DayView'] | undefined;
}

/** What the line shows, in words: every change of battery, and for how long nothing was left. */
export function inWords(day: Schemas['DayView']): string {
  const times = day.swaps.map((s) => atHour(s.hour)).join(', ');
  const how = day.swaps.some((s) => s.interrupting) ? 'everything off' : 'power on';
  const changed = day.swaps.length === 0 ? 'No change of battery.' : `Changed with ${how} at ${times}.`;
  return day.darkHours > 0.005 ? `${changed} Nothing left for ${atHour(day.darkHours)}.` : changed;
}

/** The charge of what is fitted through the day, block by block; what is tried is drawn beside it. */
export function DayChart({ title, day, now, then }: Props) {
  const hours = day.reduce((n, b) => n + b.hours, 0);
  const x = (hour: number) => LEFT + (hour / hours) * (WIDTH - LEFT - RIGHT);
  const y = (share: number) => TOP + (1 - share) * (HEIGHT - TOP - BOTTOM);
  const path = (line: Schemas['Point'][]) =>
    line.map((p, i) => `${i === 0 ? 'M' : 'L'}${x(p.hour).toFixed(1)} ${y(p.share).toFixed(1)}`).join('');
  const blocks = day.map((block, i) => ({ block, start: day.slice(0, i).reduce((n, b) => n + b.hours, 0) }));
  const step = hours > 12 ? 2 : 1;
  const ticks = Array.from({ length: Math.floor(hours / step) + 1 }, (_, i) => i * step);
  return (
    <svg
      className="day-chart"
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={`${title}. ${inWords(now)}${then ? ` As tried: ${inWords(then)}` : ''}`}
    >
      {blocks.map(({ block, start }, i) => (
        <g key={i}>
          <rect
            className={`block ${block.state.toLowerCase()}`}
            x={x(start)}
            width={x(start + block.hours) - x(start)}
            y={TOP}
            height={HEIGHT - TOP - BOTTOM}
          />
          {block.mains && (
            <rect
              className="mains"
              x={x(start)}
              width={x(start + block.hours) - x(start)}
              y={HEIGHT - BOTTOM - 5}
              height={5}
            />
          )}
          <text x={x(start) + 4} y={TOP - 16}>
            {block.hours / hours > 0.06 ? block.what : ''}
          </text>
          <text x={x(start) + 4} y={TOP - 4} className="soft">
            {block.hours / hours > 0.06 ? `${fixed(block.celsius, 0)} °C` : ''}
          </text>
        </g>
      ))}
      {[0, 0.5, 1].map((share) => (
        <g key={share}>
          <line className="tick" x1={LEFT} x2={WIDTH - RIGHT} y1={y(share)} y2={y(share)} />
          <text x={LEFT - 6} y={y(share) + 4} textAnchor="end">
            {fixed(share * 100, 0)} %
          </text>
        </g>
      ))}
      {ticks.map((t) => (
        <text key={t} x={x(t)} y={HEIGHT - BOTTOM + 16} textAnchor={t + step > hours ? 'end' : 'middle'}>
          {t} h
        </text>
      ))}
      {then && <path className="line tried" d={path(then.line)} />}
      <path className={`line ${now.darkHours > 0.005 ? 'dark' : ''}`} d={path(now.line)} />
      {now.swaps.map((s, i) => (
        <path
          key={i}
          className={`swap ${s.interrupting ? 'interrupting' : ''}`}
          d={`M${x(s.hour)} ${HEIGHT - BOTTOM}l-5 8h10z`}
        />
      ))}
    </svg>
  );
}
