import './drawing.css';
import { useMemo, useState } from 'react';
import type { Schemas } from '../api/client';
import { fixed } from '../format/units';
import { Hatches } from './Hatches';
import { Cables, Clashes, Ports, Rooms } from './Layers';
import type { LayerSet } from './Layers';
import { frameOf, gridLines, hatchOf, path } from './paper';
import { useTrackDrag } from './useTrackDrag';
import type { Slide, Track } from './useTrackDrag';

const NO_TRACKS: readonly Track[] = [];
const NO_SLIDE: Slide = { onDrop: () => Promise.resolve() };

interface Props {
  drawing: Schemas['DrawingView'];
  aspect: number;
  chosen: string;
  lit: readonly string[];
  litAs: string;
  layers: LayerSet;
  onChoose: (placement: string) => void;
  slide?: Slide;
}

/** One elevation to scale, drawn from the computed outlines; the farthest part first. */
export function Elevation({ drawing, aspect, chosen, lit, litAs, layers, onChoose, slide }: Props) {
  const [hovered, setHovered] = useState('');
  const { drag, shown, down, move, up } = useTrackDrag(slide ? drawing.tracks : NO_TRACKS, slide ?? NO_SLIDE);
  const shift = shown ? shown.value - shown.track.value : 0;
  const moved = (placement: string): string | undefined =>
    shown?.track.moves.includes(placement)
      ? `translate(${(shown.track.perMm[0] ?? 0) * shift} ${-(shown.track.perMm[1] ?? 0) * shift})`
      : undefined;
  const frame = useMemo(() => frameOf(drawing, aspect), [drawing, aspect]);
  const grid = useMemo(() => gridLines(frame), [frame]);
  const text = frame.width / 64;
  return (
    <svg
      className="elevation"
      viewBox={`${frame.left} ${frame.top} ${frame.width} ${frame.height}`}
      role="img"
      aria-label={`Elevation from ${drawing.view.toLowerCase()}, ${drawing.parts.length} parts`}
    >
      <Hatches />
      <g className="grid">
        {grid.across.map((x) => (
          <path key={`a${x}`} d={`M${x} ${frame.top}v${frame.height}`} />
        ))}
        {grid.down.map((y) => (
          <path key={`d${y}`} d={`M${frame.left} ${y}h${frame.width}`} />
        ))}
      </g>
      {drawing.parts.map((part) => (
        <g
          key={part.placement}
          className={[
            'part',
            part.placement === chosen ? 'chosen' : '',
            lit.includes(part.placement) ? `lit-${litAs}` : '',
            part.category === 'LEGS' ? 'faint' : '',
          ].join(' ')}
          transform={moved(part.placement)}
          onClick={() => onChoose(part.placement)}
          onPointerEnter={() => setHovered(part.placement)}
          onPointerLeave={() => setHovered('')}
          onPointerDown={part.placement === chosen && slide ? down(part.placement) : undefined}
          onPointerMove={drag ? move : undefined}
          onPointerUp={drag ? up : undefined}
        >
          <title>{part.title}</title>
          {part.shapes.map((shape, i) => {
            const d = path(shape.border) + path(shape.bore);
            return (
              <g key={i} fillRule="evenodd">
                <path className="body" d={d} />
                {hatchOf(part.category) !== 'none' && (
                  <path
                    className="hatch"
                    d={d}
                    fill={
                      hatchOf(part.category) === 'solid' ? 'var(--caution-mark)' : `url(#h-${hatchOf(part.category)})`
                    }
                  />
                )}
              </g>
            );
          })}
        </g>
      ))}
      <Rooms drawing={drawing} all={layers.rooms} text={text} />
      {!shown && <Clashes drawing={drawing} />}
      <Marks drawing={drawing} text={text} />
      {layers.cables && <Cables drawing={drawing} of={hovered || chosen || '-'} text={text} />}
      {layers.ports ? (
        <Ports drawing={drawing} of={null} text={text} />
      ) : (
        !shown && <Ports drawing={drawing} of={hovered || chosen || '-'} text={text} />
      )}
      {drag && (
        <text className="dragging" x={frame.left + text} y={frame.top + text * 2} fontSize={text * 1.2}>
          {`${fixed(drag.value, 1)} mm, ${shift >= 0 ? '+' : '−'}${fixed(Math.abs(shift), 1)}`}
        </text>
      )}
    </svg>
  );
}

function Marks({ drawing, text }: { drawing: Schemas['DrawingView']; text: number }) {
  const [ax = 0, ay = 0, bx = 0, by = 0] = drawing.axis;
  const plumb = drawing.plumb[0];
  const front = drawing.view === 'FRONT';
  return (
    <g className="marks" fontSize={text}>
      {!front && <path className="axis" d={`M${ax} ${-ay}L${bx} ${-by}`} />}
      {drawing.view !== 'ABOVE' &&
        drawing.rodHeights.map((r) => <RodHeight key={r.rods} rod={r} view={drawing.view} text={text} />)}
      {drawing.slideBar[0] && !front && <SlideBar bar={drawing.slideBar[0]} text={text} view={drawing.view} />}
      {!front &&
        drawing.view !== 'ABOVE' &&
        drawing.bearings.map((b) => <Bearing key={b.words} bearing={b} text={text} />)}
      {plumb && <Plumb plumb={plumb} text={text} view={drawing.view} />}
    </g>
  );
}

function Plumb({ plumb, text, view }: { plumb: Schemas['Plumb']; text: number; view: string }) {
  const [cx = 0, cy = 0] = plumb.centre;
  const [fx = 0, fy = 0] = plumb.foot;
  const [dx = 0, dy = 0] = plumb.datum;
  const r = text * 0.55;
  return (
    <g className={`plumb ${plumb.balanced ? 'balanced' : 'off'}`}>
      {view !== 'ABOVE' && <path className="thread" d={`M${cx} ${-cy}L${fx} ${-fy}`} />}
      <path className="ground" d={`M${dx} ${-dy}l${-r} ${r * 1.5}h${2 * r}z`} />
      <circle cx={cx} cy={-cy} r={r} />
      <path d={`M${cx - r * 1.5} ${-cy}h${r * 3}M${cx} ${-cy - r * 1.5}v${r * 3}`} />
    </g>
  );
}

/** A worn rig: from the pad to the hands, or from the hook to the centre of mass, with what that means. */
function Bearing({ bearing, text }: { bearing: Schemas['Bearing']; text: number }) {
  const [ax = 0, ay = 0] = bearing.from;
  const [bx = 0, by = 0] = bearing.to;
  const r = text * 0.4;
  return (
    <g className={`bearing ${bearing.met ? 'met' : 'missed'}`}>
      <path d={`M${ax} ${-ay}L${bx} ${-by}`} />
      <circle cx={ax} cy={-ay} r={r} />
      <circle cx={bx} cy={-by} r={r} />
      <text x={bx} y={-by + text * 3.2} textAnchor="middle">
        {bearing.words}
      </text>
    </g>
  );
}

function SlideBar({ bar, text, view }: { bar: Schemas['SlideBar']; text: number; view: string }) {
  const [bx = 0, by = 0] = bar.back;
  const [fx = 0, fy = 0] = bar.front;
  const [sx = 0, sy = 0] = bar.balanced;
  const [nx = 0, ny = 0] = bar.now;
  const tick = text * 0.55;
  const upright = view === 'ABOVE';
  const mark = (x: number, y: number, length: number) =>
    upright ? `M${x - length} ${y}h${2 * length}` : `M${x} ${y - length}v${2 * length}`;
  const shift = `${fixed(Math.abs(bar.shiftMm), 1)} ${bar.shiftMm < 0 ? 'back' : 'forward'}`;
  const right = Math.max(bx, fx) + tick;
  return (
    <g className={`slidebar ${bar.inReach ? '' : 'out'}`}>
      <path d={`M${bx} ${-by}L${fx} ${-fy}${mark(bx, -by, tick)}${mark(fx, -fy, tick)}${mark(nx, -ny, tick * 0.6)}`} />
      <path
        className="target"
        d={
          upright
            ? `M${sx} ${-sy}l${-tick * 1.4} ${-tick * 0.8}v${tick * 1.6}z`
            : `M${sx} ${-sy}l${-tick * 0.8} ${-tick * 1.4}h${tick * 1.6}z`
        }
      />
      <text x={right + tick} y={-fy + text * 0.35}>
        {Math.abs(bar.shiftMm) < 0.05 ? 'balanced' : `camera ${shift}`}
      </text>
    </g>
  );
}

function RodHeight({ rod, view, text }: { rod: Schemas['RodHeight']; view: string; text: number }) {
  const [, ay = 0] = rod.axis;
  const [cx = 0, cy = 0] = rod.centres;
  const away = view === 'LEFT' ? -1 : 1;
  const x = cx + away * text * (view === 'FRONT' ? 14 : 3);
  const tick = text * 0.4;
  return (
    <g className={`dimension ${rod.met ? 'met' : 'missed'}`}>
      <path d={`M${x} ${-ay}V${-cy}M${x - tick} ${-ay}h${2 * tick}M${x - tick} ${-cy}h${2 * tick}`} />
      <path className="lead" d={`M${cx} ${-cy}H${x}`} />
      <text x={x} y={-cy + text * 1.5} textAnchor="middle">
        {rod.met ? fixed(rod.hasMm, 1) : `${fixed(rod.hasMm, 1)}, needs ${fixed(rod.needsMm, 1)}`}
      </text>
    </g>
  );
}
