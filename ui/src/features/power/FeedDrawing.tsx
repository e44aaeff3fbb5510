import { useNavigate } from 'react-router';
import type { Schemas } from '../../shared/api/client';
import { fixed, words } from '../../shared/format/units';
import { stateInWords } from './states';

type Row = Schemas['FeedRow'];

const WIDTH = 150;
const HEIGHT = 34;
const GAP_X = 34;
const GAP_Y = 10;

interface Node {
  row: Row;
  x: number;
  y: number;
  parent: Node | undefined;
}

/** Rows of the feed, each beside what feeds it: a branch takes as many lines as it has ends. */
export function places(rows: readonly Row[]): Node[] {
  const nodes: Node[] = [];
  const open: Node[] = [];
  let line = -1;
  rows.forEach((row, i) => {
    const before = rows[i - 1];
    if (!before || row.depth <= before.depth) line += 1;
    open.length = row.depth;
    const node: Node = {
      row,
      x: row.depth * (WIDTH + GAP_X),
      y: Math.max(0, line) * (HEIGHT + GAP_Y),
      parent: open[row.depth - 1],
    };
    open[row.depth] = node;
    nodes.push(node);
  });
  return nodes;
}

const said = (r: Row) =>
  [
    r.title,
    r.free ? 'free' : `${fixed(r.runningWatts, 0)} W running, ${fixed(r.peakWatts, 0)} W peak`,
    r.volts === null ? '' : `${fixed(r.volts.from, 1)} V at the end of the charge`,
    r.state === 'FINE' ? '' : stateInWords(r.state),
  ]
    .filter(Boolean)
    .join(', ');

const short = (text: string) => (text.length > 22 ? `${text.slice(0, 21)}…` : text);

/** The feed as a tree: the thicker a line, the more it carries. */
export function FeedDrawing({ rows, bench }: { rows: Row[]; bench: (placement: string) => string }) {
  const navigate = useNavigate();
  if (rows.length === 0) return null;
  const nodes = places(rows);
  const most = Math.max(1, ...rows.map((r) => r.runningWatts));
  const right = Math.max(...nodes.map((n) => n.x)) + WIDTH;
  const bottom = Math.max(...nodes.map((n) => n.y)) + HEIGHT;
  return (
    <svg
      className="feed-drawing"
      viewBox={`-6 -6 ${right + 12} ${bottom + 12}`}
      preserveAspectRatio="xMinYMin meet"
      role="group"
      aria-label="Feed, drawn"
    >
      {nodes.map((n, i) => {
        if (!n.parent) return null;
        const x1 = n.parent.x + WIDTH;
        const y1 = n.parent.y + HEIGHT / 2;
        const y2 = n.y + HEIGHT / 2;
        return (
          <path
            key={i}
            className={`feed-line ${n.row.free ? 'free' : ''} ${n.row.state === 'FINE' ? '' : n.row.state === 'FOUND' ? 'over' : 'open'}`}
            style={{ strokeWidth: n.row.free ? 1 : 1.2 + (5 * n.row.runningWatts) / most }}
            d={`M${x1} ${y1}h${GAP_X / 2}V${y2}H${n.x}`}
          />
        );
      })}
      {nodes.map((n, i) => (
        <g
          key={i}
          className={`feed-node ${words(n.row.kind)} ${n.row.free ? 'free' : ''} ${n.row.state === 'FINE' ? '' : n.row.state === 'FOUND' ? 'over' : 'open'}`}
          transform={`translate(${n.x} ${n.y})`}
          role="link"
          tabIndex={0}
          aria-label={said(n.row)}
          onClick={() => void navigate(bench(n.row.placement))}
          onKeyDown={(e) => e.key === 'Enter' && void navigate(bench(n.row.placement))}
        >
          <title>{said(n.row)}</title>
          <rect width={WIDTH} height={HEIGHT} rx={n.row.kind === 'BATTERY' ? 7 : 2} />
          <text x={7} y={14}>
            {short(n.row.title)}
          </text>
          <text x={7} y={28} className="soft">
            {n.row.free
              ? 'free'
              : `${fixed(n.row.runningWatts, 0)} W${n.row.limitWatts > 0 ? ` of ${fixed(n.row.limitWatts, 0)}` : ''}${n.row.volts === null ? '' : `, ${fixed(n.row.volts.from, 1)} V`}`}
          </text>
        </g>
      ))}
    </svg>
  );
}
