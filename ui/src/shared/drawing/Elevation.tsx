import './drawing.css';
import { useEffect, useImperativeHandle, useMemo, useRef, useState } from 'react';
import type { Ref } from 'react';
import type { Schemas } from '../api/client';
import { fixed } from '../format/units';
import { Hatches } from './Hatches';
import { place } from './labels';
import { Cables, Clashes, LensView, Ports, Rooms } from './Layers';
import type { LayerSet } from './Layers';
import { Marks } from './Marks';
import { Measure } from './Measure';
import { frameOf, gridLines } from './paper';
import type { Frame } from './paper';
import { Parts } from './Parts';
import type { PartHandlers } from './Parts';
import { gridStep } from './ruler';
import { LETTER_PX, ScaleBar, scaleBarRoom } from './ScaleBar';
import { useTrackDrag } from './useTrackDrag';
import type { Drag, Slide, Track } from './useTrackDrag';
import { useZoom } from './useZoom';
import { wantsOf } from './wants';
import { Words } from './Words';

const NO_TRACKS: readonly Track[] = [];
const NO_GHOSTS: ReadonlySet<string> = new Set();
const NO_SLIDE: Slide = { onDrop: () => Promise.resolve() };

/** What the keys do to the sheet. */
export interface Sheet {
  by: (factor: number) => void;
  fit: () => void;
}

interface Props {
  drawing: Schemas['DrawingView'];
  /** Of the sheet on the screen, pixels. */
  size: { width: number; height: number };
  chosen: string;
  lit: readonly string[];
  litAs: string;
  layers: LayerSet;
  measuring?: boolean;
  onChoose: (placement: string) => void;
  /** The part pointed at, or none. */
  onHover?: (placement: string) => void;
  slide?: Slide;
  sheet?: Ref<Sheet>;
  /** Parts that are not there yet: shown as a shadow of where they come. */
  ghosts?: ReadonlySet<string>;
}

/** One elevation to scale, drawn from the computed outlines; it can be zoomed, moved and measured on. */
export function Elevation({ drawing, size, layers, measuring = false, slide, sheet, ...props }: Props) {
  const [hovered, setHovered] = useState('');
  const { drag, shown, down, move, up } = useTrackDrag(slide ? drawing.tracks : NO_TRACKS, slide ?? NO_SLIDE);
  const fitted = useMemo(() => frameOf(drawing, size.width / Math.max(1, size.height)), [drawing, size]);
  const { box, frame, by, fit } = useZoom(fitted, size.width, drawing.view);
  useImperativeHandle(sheet, () => ({ by, fit }));
  const mmPerPx = frame.width / Math.max(1, size.width);
  const text = LETTER_PX * mmPerPx;
  const of = hovered || props.chosen || '-';
  const hover = (placement: string) => {
    setHovered(placement);
    props.onHover?.(placement);
  };
  const handlers: PartHandlers = {
    choose: props.onChoose,
    hover,
    down: (placement, e) => down(placement)(e),
    move,
    up,
  };
  const does = useRef(handlers);
  useEffect(() => {
    does.current = handlers;
  });
  return (
    <div ref={box} className="elevation-sheet">
      <svg
        className={measuring ? 'elevation measuring' : 'elevation'}
        viewBox={`${frame.left} ${frame.top} ${frame.width} ${frame.height}`}
        role="img"
        aria-label={`Elevation from ${drawing.view.toLowerCase()}, ${drawing.parts.length} parts`}
      >
        <Hatches scale={mmPerPx} />
        <Grid frame={frame} step={gridStep(mmPerPx)} />
        <Parts
          drawing={drawing}
          chosen={props.chosen}
          lit={props.lit}
          litAs={props.litAs}
          drag={shown}
          slides={slide !== undefined}
          ghosts={props.ghosts ?? NO_GHOSTS}
          does={does}
        />
        <Rooms drawing={drawing} all={layers.rooms} />
        {!shown && <Clashes drawing={drawing} />}
        <Marks drawing={drawing} text={text} />
        {layers.view && <LensView drawing={drawing} />}
        {layers.cables && <Cables drawing={drawing} />}
        {(layers.ports || !shown) && <Ports drawing={drawing} of={layers.ports ? null : of} text={text} />}
        {!shown && <Labels drawing={drawing} layers={layers} of={of} frame={frame} text={text} />}
        <ScaleBar frame={frame} text={text} step={gridStep(mmPerPx)} />
        {drag && <Dragged drag={drag} frame={frame} text={text} />}
        {measuring && <Measure drawing={drawing} frame={frame} text={text} />}
      </svg>
    </div>
  );
}

function Grid({ frame, step }: { frame: Frame; step: number }) {
  const grid = gridLines(frame, step);
  return (
    <g className="grid">
      {grid.across.map((x) => (
        <path key={`a${x}`} d={`M${x} ${frame.top}v${frame.height}`} />
      ))}
      {grid.down.map((y) => (
        <path key={`d${y}`} d={`M${frame.left} ${y}h${frame.width}`} />
      ))}
    </g>
  );
}

interface LabelProps {
  drawing: Schemas['DrawingView'];
  layers: LayerSet;
  of: string;
  frame: Frame;
  text: number;
}

/** Words find their places on the sheet that is seen; while one moves it, they go along. */
function Labels({ drawing, layers, of, frame, text }: LabelProps) {
  const { left, top, width, height } = frame;
  const placed = useMemo(() => {
    const seen = { left, top, width, height };
    return place(wantsOf(drawing, layers, of, text), text, seen, [scaleBarRoom(seen, text)]);
  }, [drawing, layers, of, text, left, top, width, height]);
  return <Words placed={placed} text={text} />;
}

function Dragged({ drag, frame, text }: { drag: Drag; frame: Frame; text: number }) {
  const by = drag.value - drag.track.value;
  return (
    <text className="dragging" x={frame.left + text} y={frame.top + text * 2} fontSize={text * 1.2}>
      {`${fixed(drag.value, 1)} mm, ${by >= 0 ? '+' : '−'}${fixed(Math.abs(by), 1)}`}
    </text>
  );
}
