import type { LensEdge, LensRow } from './said';
import { edgeText } from './said';

const MARGIN = 14;

interface Cut {
  half: (e: LensEdge) => number;
  middle: (e: LensEdge) => number;
  chief: (e: LensEdge) => number;
  radius: (e: LensEdge) => number;
}

const FROM_ABOVE: Cut = {
  half: (e) => e.halfWidthMm,
  middle: (e) => e.asideMm,
  chief: (e) => e.chiefX,
  radius: (e) => e.radiusX,
};
const FROM_THE_SIDE: Cut = {
  half: (e) => e.halfHeightMm,
  middle: (e) => e.upMm,
  chief: (e) => e.chiefY,
  radius: (e) => e.radiusY,
};

/** Past its edge in this section: the corner may be lost in the other. */
const isOver = (e: LensEdge, cut: Cut) => Math.abs(cut.middle(e)) + cut.chief(e) + cut.radius(e) > cut.half(e);

/** A lens cut along its axis: its barrel, its pupil, the light of the corners, and the edges they must pass. */
export function Section({ row, from }: { row: LensRow; from: 'above' | 'the side' }) {
  const cut = from === 'above' ? FROM_ABOVE : FROM_THE_SIDE;
  const edges = row.edges.filter((e) => !e.out);
  const last = edges[edges.length - 1];
  if (!last) return null;
  const near = row.pupilMm;
  const reach = Math.max(
    ...edges.map((e) => Math.max(cut.half(e), cut.chief(e) + cut.radius(e)) + Math.abs(cut.middle(e))),
  );
  const half = Math.max(reach, row.frontMm / 2) + MARGIN;
  const left = -row.lengthMm - MARGIN;
  const width = last.aheadMm + MARGIN * 3 - left;
  // From the pupil's middle to where the corner's pencil passes the farthest edge.
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
        <rect
          className="barrel"
          x={-row.lengthMm}
          width={row.lengthMm}
          y={-row.frontMm / 2}
          height={row.frontMm}
          rx={3}
        />
        {[1, -1].map((s) => (
          <polygon
            key={s}
            className="pencil"
            points={`${-near},${radius} ${-near},${-radius} ${last.aheadMm},${s * rise - radius} ${last.aheadMm},${s * rise + radius}`}
          />
        ))}
        <line className="pupil" x1={-near} x2={-near} y1={-radius} y2={radius} />
        {edges.map((e) => {
          const over = isOver(e, cut);
          const middle = from === 'above' ? cut.middle(e) : -cut.middle(e);
          return (
            <g key={e.title} className={over ? (e.cut ? 'edge stop' : 'edge caution') : 'edge'}>
              {[1, -1].map((s) => (
                <line
                  key={s}
                  x1={e.aheadMm}
                  x2={e.aheadMm}
                  y1={middle + s * cut.half(e)}
                  y2={middle + s * (cut.half(e) + MARGIN)}
                />
              ))}
            </g>
          );
        })}
      </svg>
      <figcaption className="soft">from {from}</figcaption>
    </figure>
  );
}
