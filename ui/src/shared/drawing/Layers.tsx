import type { Schemas } from '../api/client';
import { words } from '../format/units';
import { path } from './paper';

export interface LayerSet {
  rooms: boolean;
  ports: boolean;
  cables: boolean;
}

/** Room kept free, and what stands in it; only the latter is always shown. */
export function Rooms({ drawing, all, text }: { drawing: Schemas['DrawingView']; all: boolean; text: number }) {
  return (
    <g className="rooms" fontSize={text * 0.85}>
      {drawing.rooms
        .filter((r) => all || r.intruders.length > 0)
        .map((r, i) => {
          const blocked = r.intruders.length > 0;
          return (
            <g key={i} className={blocked ? 'blocked' : ''}>
              <title>{`free for ${words(r.use)}`}</title>
              <path d={path(r.border)} />
              {(all || blocked) && (
                <text x={r.border[0] ?? 0} y={-(r.border[1] ?? 0) + text}>
                  {words(r.use)}
                </text>
              )}
            </g>
          );
        })}
    </g>
  );
}

export function Clashes({ drawing }: { drawing: Schemas['DrawingView'] }) {
  return (
    <g className="clashes">
      {drawing.clashes.map((c) => (
        <path key={`${c.a}|${c.b}`} d={path(c.border)}>
          <title>{`${c.a} and ${c.b} are in the same place`}</title>
        </path>
      ))}
    </g>
  );
}

/** Ports of the chosen or pointed-at part, or of all: filled when in use, open when free. */
export function Ports({ drawing, of, text }: { drawing: Schemas['DrawingView']; of: string | null; text: number }) {
  return (
    <g className="ports" fontSize={text * 0.85}>
      {drawing.ports
        .filter((p) => of === null || p.ref.startsWith(`${of}:`))
        .map((p) => {
          const [x = 0, y = 0] = p.at;
          const [ox = 0, oy = 0] = p.out;
          return (
            <g key={p.ref} className={p.used ? 'used' : 'free'}>
              <title>{`${p.title}, ${p.standard}, ${p.used ? 'in use' : 'free'}`}</title>
              <path d={`M${x} ${-y}L${ox} ${-oy}`} />
              <circle cx={x} cy={-y} r={text * 0.32} />
              {of !== null && (
                <text
                  x={ox + (ox < x ? -1 : 1) * text * 0.3}
                  y={-oy + text * 0.3}
                  textAnchor={ox < x ? 'end' : 'start'}
                >
                  {p.title}
                </text>
              )}
            </g>
          );
        })}
    </g>
  );
}

/** Cables on their estimated ways; those of the part pointed at and those too short with the length each needs and has. */
export function Cables({ drawing, of, text }: { drawing: Schemas['DrawingView']; of: string; text: number }) {
  return (
    <g className="cables" fontSize={text * 0.85}>
      {drawing.cables.map((c) => {
        const points = Array.from({ length: c.way.length / 2 }, (_, i) => ({
          x: c.way[2 * i] ?? 0,
          y: -(c.way[2 * i + 1] ?? 0),
        }));
        const spans = points.slice(1).map((p, i) => ({
          a: points[i] ?? p,
          b: p,
          l: Math.hypot(p.x - (points[i]?.x ?? 0), p.y - (points[i]?.y ?? 0)),
        }));
        const longest = spans.reduce(
          (m, s) => (s.l > m.l ? s : m),
          spans[0] ?? { a: { x: 0, y: 0 }, b: { x: 0, y: 0 }, l: 0 },
        );
        return (
          <g key={c.id} className={`${words(c.carries)} ${c.met ? '' : 'short'}`}>
            <title>{`${c.title}: needs ${c.words}`}</title>
            <path d={points.map((p, i) => `${i === 0 ? 'M' : 'L'}${p.x} ${p.y}`).join('')} />
            {(!c.met || c.ends.includes(of)) && (
              <text
                x={(longest.a.x + longest.b.x) / 2}
                y={(longest.a.y + longest.b.y) / 2 - text * 0.3}
                textAnchor="middle"
              >
                {c.words}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}
