import { useMemo, useState } from 'react';
import type { PointerEvent } from 'react';
import type { Schemas } from '../api/client';
import { fixed } from '../format/units';
import type { Frame } from './paper';
import { reading, snapped } from './ruler';
import type { Reading, Spot2 } from './ruler';

interface Props {
  drawing: Schemas['DrawingView'];
  frame: Frame;
  text: number;
}

/** How near a corner or a port takes the pointer to itself, against the height of a letter. */
const SNAP = 0.9;

export function inWords(r: Reading): string {
  const height = r.overRods === undefined ? '' : `, ${fixed(r.overRods, 1)} over the rods`;
  return `${fixed(r.distance, 1)} mm: ${fixed(r.across, 1)} along, ${fixed(Math.abs(r.up), 1)} ${r.up < 0 ? 'down' : 'up'}, ${fixed(r.angle, 1)}°${height}`;
}

/** Corners of outlines and ports: what one wants to measure from. */
function corners(drawing: Schemas['DrawingView']): Spot2[] {
  const flat = drawing.parts.flatMap((p) => p.shapes.flatMap((s) => pairs(s.border)));
  return [...flat, ...drawing.ports.map((p) => ({ x: p.at[0] ?? 0, y: p.at[1] ?? 0 }))];
}

function pairs(flat: readonly number[]): Spot2[] {
  return Array.from({ length: Math.floor(flat.length / 2) }, (_, i) => ({
    x: flat[2 * i] ?? 0,
    y: flat[2 * i + 1] ?? 0,
  }));
}

/** From one point to another: a click sets the first, the next the second; a corner or port near by takes the pointer to itself. */
export function Measure({ drawing, frame, text }: Props) {
  const points = useMemo(() => corners(drawing), [drawing]);
  const [from, setFrom] = useState<Spot2 | null>(null);
  const [to, setTo] = useState<Spot2 | null>(null);
  const [fixedTo, setFixedTo] = useState(false);
  const rods = drawing.view === 'ABOVE' ? undefined : drawing.rodHeights[0]?.centres[1];
  const at = (e: PointerEvent<SVGRectElement>): Spot2 => {
    const matrix = e.currentTarget.getScreenCTM();
    if (!matrix) return { x: 0, y: 0 };
    const p = new DOMPoint(e.clientX, e.clientY).matrixTransform(matrix.inverse());
    return snapped({ x: p.x, y: -p.y }, points, SNAP * text);
  };
  const click = (e: PointerEvent<SVGRectElement>) => {
    const p = at(e);
    if (!from || fixedTo) {
      setFrom(p);
      setTo(p);
      setFixedTo(false);
    } else {
      setTo(p);
      setFixedTo(true);
    }
  };
  const r = from && to ? reading(from, to, rods) : null;
  return (
    <g className="measure">
      <rect
        x={frame.left}
        y={frame.top}
        width={frame.width}
        height={frame.height}
        onPointerMove={(e) => !fixedTo && setTo(at(e))}
        onClick={(e) => click(e as unknown as PointerEvent<SVGRectElement>)}
      />
      {to && !from && <circle cx={to.x} cy={-to.y} r={text * 0.4} />}
      {from && to && (
        <>
          <path className="legs" d={`M${from.x} ${-from.y}H${to.x}V${-to.y}`} />
          <path d={`M${from.x} ${-from.y}L${to.x} ${-to.y}`} />
          <circle cx={from.x} cy={-from.y} r={text * 0.4} />
          <circle cx={to.x} cy={-to.y} r={text * 0.4} />
        </>
      )}
      <text className="measured" x={frame.left + text} y={frame.top + text * 2} fontSize={text * 1.1} role="status">
        {r ? inWords(r) : 'Click the point to measure from'}
      </text>
    </g>
  );
}
