import type { Schemas } from '../api/client';
import { rodLine } from './wants';

/** Axis, plumb line, slide, dimension and bearing lines; their words are placed apart. */
export function Marks({ drawing, text }: { drawing: Schemas['DrawingView']; text: number }) {
  const [ax = 0, ay = 0, bx = 0, by = 0] = drawing.axis;
  const plumb = drawing.plumb[0];
  const front = drawing.view === 'FRONT';
  return (
    <g className="marks">
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
    </g>
  );
}

function RodHeight({ rod, view, text }: { rod: Schemas['RodHeight']; view: string; text: number }) {
  const [, ay = 0] = rod.axis;
  const [cx = 0, cy = 0] = rod.centres;
  const x = rodLine(rod, view, text);
  const tick = text * 0.4;
  return (
    <g className={`dimension ${rod.met ? 'met' : 'missed'}`}>
      <path d={`M${x} ${-ay}V${-cy}M${x - tick} ${-ay}h${2 * tick}M${x - tick} ${-cy}h${2 * tick}`} />
      <path className="lead" d={`M${cx} ${-cy}H${x}`} />
    </g>
  );
}
