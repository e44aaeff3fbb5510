import { words } from '../../shared/format/units';
import '../../shared/drawing/drawing.css';
import { useQueries } from '@tanstack/react-query';
import type { Schemas } from '../../shared/api/client';
import { partDrawingQuery } from '../../shared/api/houseQueries';
import type { ViewName } from '../../shared/api/queries';
import { Hatches } from '../../shared/drawing/Hatches';
import { hatchOf, path } from '../../shared/drawing/paper';

const VIEWS: [ViewName, string][] = [
  ['LEFT', 'from left'],
  ['FRONT', 'from front'],
  ['ABOVE', 'from above'],
];

/** A part by itself in three views to one scale, with its ports numbered as in the list beside it. */
export function PartViews({ part }: { part: Schemas['PartSheet'] }) {
  const drawings = useQueries({ queries: VIEWS.map(([v]) => partDrawingQuery(part.ref, v)) });
  const extent = Math.max(60, part.width, part.height, part.length) + 56;
  return (
    <div className="part-views">
      {VIEWS.map(([view, title], i) => {
        const drawing = drawings[i]?.data;
        return (
          <figure key={view}>
            {drawing ? (
              <PartView drawing={drawing} category={part.category} extent={extent} ports={part.ports} />
            ) : (
              <div className="blank" />
            )}
            <figcaption className="soft">{title}</figcaption>
          </figure>
        );
      })}
    </div>
  );
}

/** Where on the paper of a drawing the screen was pressed. */
function onPaper(svg: SVGSVGElement, x: number, y: number): DOMPoint | undefined {
  const screen = svg.getScreenCTM();
  return screen ? new DOMPoint(x, y).matrixTransform(screen.inverse()) : undefined;
}

function middleOf(drawing: Schemas['PartSketch']): [number, number] {
  let [l, r, b, t] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const o of drawing.outlines) {
    for (let i = 0; i + 1 < o.border.length; i += 2) {
      l = Math.min(l, o.border[i] ?? 0);
      r = Math.max(r, o.border[i] ?? 0);
      b = Math.min(b, o.border[i + 1] ?? 0);
      t = Math.max(t, o.border[i + 1] ?? 0);
    }
  }
  return Number.isFinite(l) ? [(l + r) / 2, (b + t) / 2] : [0, 0];
}

interface ViewProps {
  drawing: Schemas['PartSketch'];
  category: Schemas['PartSheet']['category'];
  extent: number;
  ports: Schemas['PortLine'][];
  /** Somebody points at a place on the paper, mm from the part's origin. */
  onPoint?: (across: number, upward: number) => void;
}

/** One side of a part, with its ports numbered. */
export function PartView({ drawing, category, extent, ports, onPoint }: ViewProps) {
  const [x, y] = middleOf(drawing);
  const text = extent / 26;
  const hatch = hatchOf(category);
  return (
    <svg
      className={onPoint ? 'elevation part-view pointing' : 'elevation part-view'}
      onClick={(e) => {
        const at = onPoint && onPaper(e.currentTarget, e.clientX, e.clientY);
        if (at) onPoint(Math.round(at.x * 2) / 2, Math.round(-at.y * 2) / 2);
      }}
      viewBox={`${x - extent / 2} ${-y - extent / 2} ${extent} ${extent}`}
      role="img"
      aria-label={`${drawing.view.toLowerCase()} view with ${drawing.ports.length} ports`}
    >
      <Hatches />
      {drawing.outlines.map((o, i) =>
        o.use !== 'SOLID' ? (
          <g key={i} className="rooms">
            <title>{`free for ${words(o.use)}`}</title>
            <path d={path(o.border)} />
          </g>
        ) : (
          <g key={i} fillRule="evenodd">
            <path className="body" d={path(o.border) + path(o.bore)} />
            {hatch !== 'none' && hatch !== 'solid' && (
              <path className="hatch" d={path(o.border) + path(o.bore)} fill={`url(#h-${hatch})`} />
            )}
          </g>
        ),
      )}
      <g className="ports" fontSize={text}>
        {drawing.ports.map((p) => {
          const [ax = 0, ay = 0] = p.at;
          const [ox = 0, oy = 0] = p.out;
          const n = ports.findIndex((l) => l.id === p.id) + 1;
          return (
            <g key={p.id}>
              <title>{p.title}</title>
              <path d={`M${ax} ${-ay}L${ox} ${-oy}`} />
              <circle cx={ax} cy={-ay} r={text * 0.3} />
              <text x={ox + text * 0.35} y={-oy + text * 0.35}>
                {n}
              </text>
            </g>
          );
        })}
      </g>
    </svg>
  );
}
