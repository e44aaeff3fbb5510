import type { Schemas } from '../api/client';
import { fixed, words } from '../format/units';
import type { Want } from './labels';
import type { LayerSet } from './Layers';

type Drawing = Schemas['DrawingView'];

/** Where the dimension of an axis over its rods is drawn: beside the front of the rods, clear of them. */
export function rodLine(rod: Schemas['RodHeight'], view: string, text: number): number {
  const [cx = 0] = rod.centres;
  const away = view === 'LEFT' ? -1 : 1;
  return cx + away * text * (view === 'FRONT' ? 14 : 3);
}

function rodWants(drawing: Drawing, text: number): Want[] {
  if (drawing.view === 'ABOVE') return [];
  return drawing.rodHeights.map((rod) => ({
    key: `rod ${rod.rods}`,
    words: rod.met ? fixed(rod.hasMm, 1) : `${fixed(rod.hasMm, 1)}, needs ${fixed(rod.needsMm, 1)}`,
    x: rodLine(rod, drawing.view, text),
    y: -(rod.centres[1] ?? 0),
    side: 'below',
    size: 1,
    className: `dimension ${rod.met ? 'met' : 'missed'}`,
  }));
}

function slideWants(drawing: Drawing, text: number): Want[] {
  const bar = drawing.slideBar[0];
  if (!bar || drawing.view === 'FRONT') return [];
  const shift = `${fixed(Math.abs(bar.shiftMm), 1)} ${bar.shiftMm < 0 ? 'back' : 'forward'}`;
  return [
    {
      key: 'slide',
      words: Math.abs(bar.shiftMm) < 0.05 ? 'balanced' : `camera ${shift}`,
      x: Math.max(bar.back[0] ?? 0, bar.front[0] ?? 0) + text * 0.5,
      y: -(bar.front[1] ?? 0),
      side: 'right',
      size: 1,
      className: `slidebar ${bar.inReach ? '' : 'out'}`,
    },
  ];
}

function bearingWants(drawing: Drawing, text: number): Want[] {
  if (drawing.view === 'FRONT' || drawing.view === 'ABOVE') return [];
  return drawing.bearings.map((b) => ({
    key: `bearing ${b.words}`,
    words: b.words,
    x: b.to[0] ?? 0,
    y: -(b.to[1] ?? 0) + text,
    side: 'below',
    size: 1,
    className: `bearing ${b.met ? 'met' : 'missed'}`,
  }));
}

function cableWants(drawing: Drawing, of: string): Want[] {
  return drawing.cables
    .filter((c) => !c.met || c.ends.includes(of))
    .map((c) => {
      const at = middleOfLongest(c.way);
      return {
        key: `cable ${c.id}`,
        words: c.words,
        ...at,
        side: 'above',
        size: 0.85,
        className: `cable ${c.met ? '' : 'short'}`,
      };
    });
}

/** The middle of the longest straight stretch of a cable's way. */
function middleOfLongest(way: readonly number[]): { x: number; y: number } {
  let best = { x: way[0] ?? 0, y: -(way[1] ?? 0), length: -1 };
  for (let i = 0; i + 3 < way.length; i += 2) {
    const [ax = 0, ay = 0, bx = 0, by = 0] = way.slice(i, i + 4);
    const length = Math.hypot(bx - ax, by - ay);
    if (length > best.length) best = { x: (ax + bx) / 2, y: -(ay + by) / 2, length };
  }
  return { x: best.x, y: best.y };
}

function roomWants(drawing: Drawing, all: boolean): Want[] {
  return drawing.rooms.flatMap((r, i) => {
    const blocked = r.intruders.length > 0;
    if (!all && !blocked) return [];
    return [
      {
        key: `room ${i}`,
        words: words(r.use),
        x: r.border[0] ?? 0,
        y: -(r.border[1] ?? 0),
        side: 'below',
        size: 0.85,
        className: `room ${blocked ? 'blocked' : ''}`,
      },
    ];
  });
}

function portWants(drawing: Drawing, of: string): Want[] {
  return drawing.ports
    .filter((p) => p.ref.startsWith(`${of}:`))
    .map((p) => {
      const [x = 0, y = 0] = p.at;
      const [ox = 0, oy = 0] = p.out;
      const level = Math.abs(ox - x) >= Math.abs(oy - y);
      return {
        key: `port ${p.ref}`,
        words: p.title,
        x: ox,
        y: -oy,
        side: level ? (ox < x ? 'left' : 'right') : oy > y ? 'above' : 'below',
        size: 0.85,
        className: 'port',
      };
    });
}

/** All words of a drawing but its ruler's, the weightiest first; `of` is the part pointed at or chosen. */
export function wantsOf(drawing: Drawing, layers: LayerSet, of: string, text: number): Want[] {
  return [
    ...rodWants(drawing, text),
    ...slideWants(drawing, text),
    ...bearingWants(drawing, text),
    ...(layers.cables ? cableWants(drawing, of) : []),
    ...roomWants(drawing, layers.rooms),
    ...(layers.ports ? [] : portWants(drawing, of)),
  ];
}
