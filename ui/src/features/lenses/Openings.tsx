import type { LensEdge, LensRow } from './said';
import { edgeText } from './said';

const MARGIN = 8;

/** What is seen through one opening: its edge, the light of the picture's four corners, and the picture between. */
function Through({ edge }: { edge: LensEdge }) {
  const w = Math.max(edge.halfWidthMm + Math.abs(edge.asideMm), edge.chiefX + edge.radiusX) + MARGIN;
  const h = Math.max(edge.halfHeightMm + Math.abs(edge.upMm), edge.chiefY + edge.radiusY) + MARGIN;
  const state = edge.stops.state === 'FINE' ? '' : edge.cut ? 'stop' : 'caution';
  return (
    <figure className="lens-opening">
      <svg viewBox={`${-w} ${-h} ${2 * w} ${2 * h}`} role="img" aria-label={edgeText(edge)}>
        {edge.round ? (
          <circle className="free" cx={-edge.asideMm} cy={-edge.upMm} r={edge.halfWidthMm} />
        ) : (
          <rect
            className="free"
            x={-edge.asideMm - edge.halfWidthMm}
            y={-edge.upMm - edge.halfHeightMm}
            width={2 * edge.halfWidthMm}
            height={2 * edge.halfHeightMm}
            rx={2}
          />
        )}
        <rect className="picture" x={-edge.chiefX} y={-edge.chiefY} width={2 * edge.chiefX} height={2 * edge.chiefY} />
        {[1, -1].flatMap((x) =>
          [1, -1].map((y) => (
            <ellipse
              key={`${x}${y}`}
              className={`pencil ${state}`}
              cx={x * edge.chiefX}
              cy={y * edge.chiefY}
              rx={edge.radiusX}
              ry={edge.radiusY}
            />
          )),
        )}
      </svg>
      <figcaption className={state ? `mark ${state}` : 'soft'}>{edgeText(edge)}</figcaption>
    </figure>
  );
}

/** The openings before a lens, as the light of the corners meets them. */
export function Openings({ row }: { row: LensRow }) {
  const edges = row.edges.filter((e) => !e.out);
  if (edges.length === 0) return <p className="soft">Nothing stands before this lens in this configuration.</p>;
  return (
    <div className="lens-openings">
      {edges.map((e) => (
        <Through key={e.title} edge={e} />
      ))}
    </div>
  );
}
