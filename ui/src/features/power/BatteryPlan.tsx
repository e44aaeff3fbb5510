import type { Schemas } from '../../shared/api/client';
import { atHour, fixed } from '../../shared/format/units';

const WIDTH = 720;
const LEFT = 44;
const RIGHT = 12;
const ROW = 15;
const BAR = 9;

interface Props {
  title: string;
  hours: number;
  turns: Schemas['Turn'][];
}

const percent = (share: number) => `${fixed(share * 100, 0)} %`;

/** One turn in words: when, where, from how much to how much. */
export function turnInWords(t: Schemas['Turn']): string {
  return `${t.charging ? 'in a bay' : 'on the rig'} from ${atHour(t.fromHour)} to ${atHour(t.toHour)}, ${percent(t.fromShare)} to ${percent(t.toShare)}`;
}

/** A row for every battery that is used: when it is on the rig, and when in a bay. */
export function BatteryPlan({ title, hours, turns }: Props) {
  const batteries = [...new Set(turns.map((t) => t.battery))].sort((a, b) => a - b);
  if (batteries.length === 0) return null;
  const x = (hour: number) => LEFT + (hour / hours) * (WIDTH - LEFT - RIGHT);
  const words = batteries
    .map(
      (b) =>
        `Battery ${b}: ${turns
          .filter((t) => t.battery === b)
          .map(turnInWords)
          .join('; ')}.`,
    )
    .join(' ');
  return (
    <svg
      className="battery-plan"
      viewBox={`0 0 ${WIDTH} ${batteries.length * ROW + 8}`}
      role="img"
      aria-label={`${title}, battery by battery. ${words}`}
    >
      {batteries.map((b, row) => (
        <g key={b} transform={`translate(0 ${4 + row * ROW})`}>
          <text x={LEFT - 6} y={BAR} textAnchor="end">
            {b}
          </text>
          <line x1={LEFT} x2={WIDTH - RIGHT} y1={BAR / 2 + 1} y2={BAR / 2 + 1} />
          {turns
            .filter((t) => t.battery === b)
            .map((t, i) => (
              <rect
                key={i}
                className={t.charging ? 'bay' : 'rig'}
                x={x(t.fromHour)}
                width={Math.max(1, x(t.toHour) - x(t.fromHour))}
                y={1}
                height={BAR}
                rx={1}
              >
                <title>{`Battery ${b} ${turnInWords(t)}`}</title>
              </rect>
            ))}
        </g>
      ))}
    </svg>
  );
}
