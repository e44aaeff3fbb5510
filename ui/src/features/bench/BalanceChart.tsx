import type { Schemas } from '../../shared/api/client';
import { fixed } from '../../shared/format/units';

const WIDTH = 760;
const LEFT = 150;
const RIGHT = 20;
const ROW = 30;
/** Room at both ends for the words of the axis. */
const SIDE = 74;

/** One line for each lens: the band that the support forgives, where the rig stands now, and where it would stand. */
export function BalanceChart({ lenses, off }: { lenses: Schemas['WithLens'][]; off: number[] }) {
  const most =
    Math.max(20, ...lenses.flatMap((l, i) => [Math.abs(l.offMm), Math.abs(off[i] ?? 0), l.toleranceMm])) * 1.15;
  const x = (mm: number) => LEFT + SIDE + ((mm + most) / (2 * most)) * (WIDTH - LEFT - RIGHT - 2 * SIDE);
  const height = lenses.length * ROW + 34;
  const step = most > 80 ? 40 : most > 40 ? 20 : 10;
  const ticks = Array.from({ length: 2 * Math.floor(most / step) + 1 }, (_, i) => (i - Math.floor(most / step)) * step);
  return (
    <svg
      className="balance-chart"
      viewBox={`0 0 ${WIDTH} ${height}`}
      role="img"
      aria-label="Centre of mass ahead of or behind the support, by lens"
    >
      {ticks.map((t) => (
        <g key={t}>
          <line x1={x(t)} x2={x(t)} y1={4} y2={height - 26} className={t === 0 ? 'zero' : 'tick'} />
          <text x={x(t)} y={height - 10} textAnchor="middle">
            {fixed(t, 0)}
          </text>
        </g>
      ))}
      <text x={LEFT} y={height - 10} textAnchor="start" className="side">
        behind
      </text>
      <text x={WIDTH - RIGHT} y={height - 10} textAnchor="end" className="side">
        ahead, mm
      </text>
      {lenses.map((l, i) => {
        const y = i * ROW + 19;
        const would = off[i] ?? 0;
        const met = Math.abs(would) <= l.surelyMm;
        return (
          <g key={l.lens}>
            <text x={LEFT - 10} y={y + 4} textAnchor="end">
              {l.title}
            </text>
            <rect
              x={x(-l.toleranceMm)}
              width={x(l.toleranceMm) - x(-l.toleranceMm)}
              y={y - 8}
              height={16}
              className="forgives"
            />
            <line x1={x(l.range.from)} x2={x(l.range.to)} y1={y} y2={y} className="range" />
            <line x1={x(l.offMm)} x2={x(would)} y1={y} y2={y} className="move" />
            <circle cx={x(l.offMm)} cy={y} r={3.5} className="now" />
            <path d={`M ${x(would)} ${y - 7} l 6 7 l -6 7 l -6 -7 z`} className={met ? 'would met' : 'would out'} />
          </g>
        );
      })}
    </svg>
  );
}
