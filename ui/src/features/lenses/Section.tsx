import type { LensEdge, LensRow } from './said';
import { edgeText } from './said';

const MARGIN = 12;
const LETTERS = 10;

/** How a lens is cut: what of an edge and of the light is seen then. */
interface Cut {
  half: (e: LensEdge) => number;
  middle: (e: LensEdge) => number;
  chief: (e: LensEdge) => number;
  radius: (e: LensEdge) => number;
}

const CUTS = {
  above: {
    half: (e) => e.halfWidthMm,
    middle: (e) => e.asideMm,
    chief: (e) => e.chiefX,
    radius: (e) => e.radiusX,
  },
  'the side': {
    half: (e) => e.halfHeightMm,
    middle: (e) => -e.upMm,
    chief: (e) => e.chiefY,
    radius: (e) => e.radiusY,
  },
} satisfies Record<string, Cut>;

/** What is found of an edge is shown in the section where the light stands past it. */
const isOver = (e: LensEdge, cut: Cut) =>
  e.stops.state !== 'FINE' && Math.abs(cut.middle(e)) + cut.chief(e) + cut.radius(e) > cut.half(e);

const reachOf = (e: LensEdge, cut: Cut) =>
  Math.max(cut.half(e), cut.chief(e) + cut.radius(e)) + Math.abs(cut.middle(e)) + 2 * MARGIN + LETTERS;

/** A lens seen from beside: mount, barrel and front, as wide as its front is known to be. */
function barrel(row: LensRow): string {
  const front = row.frontMm / 2;
  const at = [
    [-row.lengthMm, 0.66 * front],
    [-0.88 * row.lengthMm, 0.66 * front],
    [-0.84 * row.lengthMm, 0.84 * front],
    [-0.2 * row.lengthMm, 0.84 * front],
    [-0.12 * row.lengthMm, front],
    [0, front],
  ] as const;
  const under = [...at].reverse().map(([x, y]) => `${x},${y}`);
  return [...at.map(([x, y]) => `${x},${-y}`), ...under].join(' ');
}

/** A lens cut along its axis: its barrel, its pupil, the light of the corners, and the edges that it must pass. */
export function Section({ row, from }: { row: LensRow; from: keyof typeof CUTS }) {
  const cut = CUTS[from];
  const edges = row.edges.filter((e) => !e.out);
  const last = edges[edges.length - 1];
  if (!last) return null;
  const near = from === 'above' ? row.pupilAcrossMm : row.pupilMm;
  // Both sections to one scale.
  const half = Math.max(
    row.frontMm / 2 + MARGIN,
    ...edges.flatMap((e) => [reachOf(e, CUTS.above), reachOf(e, CUTS['the side'])]),
  );
  const left = -row.lengthMm - MARGIN;
  const width = last.aheadMm + MARGIN * 3 - left;
  const rise = cut.chief(last);
  const radius = cut.radius(last);
  return (
    <figure className="lens-section">
      <svg
        viewBox={`${left} ${-half} ${width} ${2 * half}`}
        role="img"
        aria-label={`${row.title} from ${from}: ${edges.map(edgeText).join('; ')}`}
      >
        <line className="axis" x1={left} x2={left + width} y1={0} y2={0} />
        <polygon className="barrel" points={barrel(row)} />
        {[1, -1].map((s) => (
          <polygon
            key={s}
            className="pencil"
            points={`${-near},${radius} ${-near},${-radius} ${last.aheadMm},${s * rise - radius} ${last.aheadMm},${s * rise + radius}`}
          />
        ))}
        <line className="pupil" x1={-near} x2={-near} y1={-radius} y2={radius} />
        {[1, -1].map((s) => (
          <polyline
            key={s}
            className="wall"
            points={edges.map((e) => `${e.aheadMm},${cut.middle(e) + s * (cut.half(e) + MARGIN)}`).join(' ')}
          />
        ))}
        {edges.map((e, i) => (
          <g key={e.title} className={isOver(e, cut) ? (e.cut ? 'edge stop' : 'edge caution') : 'edge'}>
            {[1, -1].map((s) => (
              <line
                key={s}
                x1={e.aheadMm}
                x2={e.aheadMm}
                y1={cut.middle(e) + s * cut.half(e)}
                y2={cut.middle(e) + s * (cut.half(e) + MARGIN)}
              />
            ))}
            <text
              x={e.aheadMm}
              y={cut.middle(e) - cut.half(e) - MARGIN - 3 - (i % 2) * LETTERS}
              textAnchor={i === 0 ? 'end' : 'start'}
            >
              {e.title}
            </text>
          </g>
        ))}
      </svg>
      <figcaption className="soft">from {from}</figcaption>
    </figure>
  );
}
