import type { Schemas } from '../api/client';
import { words } from '../format/units';
import { line, path } from './paper';

export interface LayerSet {
  rooms: boolean;
  ports: boolean;
  cables: boolean;
  view: boolean;
}

/** Room kept free, and what stands in it; only the latter is always shown. */
export function Rooms({ drawing, all }: { drawing: Schemas['DrawingView']; all: boolean }) {
  return (
    <g className="rooms">
      {drawing.rooms
        .filter((r) => all || r.intruders.length > 0)
        .map((r, i) => {
          const blocked = r.intruders.length > 0;
          return (
            <g key={i} className={blocked ? 'blocked' : ''}>
              <title>{`free for ${words(r.use)}`}</title>
              <path d={path(r.border)} />
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
    <g className="ports">
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
            </g>
          );
        })}
    </g>
  );
}

/** What the lens sees, as far as it is drawn. */
export function LensView({ drawing }: { drawing: Schemas['DrawingView'] }) {
  return (
    <g className="lens-view">
      {drawing.seen.map((s, i) => (
        <path key={i} className={s.pupilKnown ? '' : 'guessed'} d={path(s.border)}>
          <title>{s.pupilKnown ? 'what the lens sees' : 'what the lens sees, if its pupil is in its middle'}</title>
        </path>
      ))}
    </g>
  );
}

/** Cables on their estimated ways; the one too short is drawn so. */
export function Cables({ drawing }: { drawing: Schemas['DrawingView'] }) {
  return (
    <g className="cables">
      {drawing.cables.map((c) => (
        <g key={c.id} className={`${words(c.carries)} ${c.met ? '' : 'short'}`}>
          <title>{`${c.title}: needs ${c.words}`}</title>
          <path d={line(c.way)} />
        </g>
      ))}
    </g>
  );
}
