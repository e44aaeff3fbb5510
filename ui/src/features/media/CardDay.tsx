import { after, rollInWords, rollTitle } from './media';
import type { Plan } from './media';

const WIDTH = 1200;
const LEFT = 64;
const RIGHT = 14;
const TOP = 22;
const ROW = 17;
const BAR = 10;
const BOTTOM = 22;

/** The day card by card: in the body, waiting to be read, read, looked at; and where recording waits. */
export function CardDay({ plan }: { plan: Plan }) {
  const wrap = plan.day.at(-1)?.toMinute ?? 0;
  const end = Math.max(wrap, ...plan.rolls.map((r) => r.freeMinute)) + 1;
  const rolls = [...plan.rolls].sort((a, b) => a.fromMinute - b.fromMinute || a.name.localeCompare(b.name));
  const short = plan.firstWait === null ? 0 : ROW;
  const height = TOP + Math.max(1, rolls.length) * ROW + short + BOTTOM;
  const x = (minute: number) => LEFT + (minute / end) * (WIDTH - LEFT - RIGHT);
  const bar = (from: number, to: number, kind: string) => (
    <rect className={kind} x={x(from)} width={Math.max(0.8, x(to) - x(from))} y={2} height={BAR} rx={1} />
  );
  const step = end > 12 * 60 ? 120 : 60;
  const ticks = Array.from({ length: Math.floor(end / step) + 1 }, (_, i) => i * step);
  return (
    <svg
      className="card-day"
      viewBox={`0 0 ${WIDTH} ${height}`}
      role="img"
      aria-label={`The day card by card. ${rolls.map(rollInWords).join('. ')}.`}
    >
      {plan.day.map((b, i) => (
        <g key={i}>
          <rect
            className={`stretch ${b.rolled > 0 ? 'on' : ''}`}
            x={x(b.fromMinute)}
            width={x(b.toMinute) - x(b.fromMinute)}
            y={TOP - 4}
            height={height - TOP - BOTTOM + 4}
          />
          {(b.toMinute - b.fromMinute) / end > 0.06 && (
            <text x={x(b.fromMinute) + 4} y={TOP - 9}>
              {b.what}
            </text>
          )}
        </g>
      ))}
      {ticks.map((t) => (
        <text key={t} x={x(t)} y={height - 7} textAnchor={t === 0 ? 'start' : 'middle'} className="soft">
          {t / 60} h
        </text>
      ))}
      {rolls.map((r, row) => (
        <g key={rollTitle(r)} transform={`translate(0 ${TOP + row * ROW})`}>
          <title>{rollInWords(r)}</title>
          <text x={LEFT - 6} y={BAR + 1} textAnchor="end">
            {rollTitle(r)}
          </text>
          {bar(r.fromMinute, r.outMinute, 'in-body')}
          {bar(r.outMinute, r.readMinute, 'waits')}
          {bar(r.readMinute, r.copiedMinute, 'is-read')}
          {bar(r.copiedMinute, r.freeMinute, 'is-seen')}
        </g>
      ))}
      {plan.firstWait !== null && (
        <g className="short">
          <line x1={x(plan.firstWait)} x2={x(plan.firstWait)} y1={TOP - 4} y2={height - BOTTOM} />
          <text x={x(plan.firstWait) + 4} y={height - BOTTOM - 3}>
            waits for a card from {after(plan.firstWait)}
          </text>
        </g>
      )}
      <line className="wrap" x1={x(wrap)} x2={x(wrap)} y1={TOP - 4} y2={height - BOTTOM} />
    </svg>
  );
}

/** What the bars mean. */
export function CardDayKey() {
  return (
    <p className="card-key soft">
      <span className="key in-body" /> in the body <span className="key waits" /> waits to be read{' '}
      <span className="key is-read" /> copied and read back <span className="key is-seen" /> looked at, then free
    </p>
  );
}
