import { memo } from 'react';
import type { PointerEvent, RefObject } from 'react';
import type { Schemas } from '../api/client';
import { hatchOf, path } from './paper';
import type { Drag } from './useTrackDrag';

/** What pointers do to parts. */
export interface PartHandlers {
  choose: (placement: string) => void;
  hover: (placement: string) => void;
  /** Begins to pull a part along its slide, follows, lets go. */
  down: (placement: string, e: PointerEvent<SVGGElement>) => void;
  move: (e: PointerEvent<SVGGElement>) => void;
  up: () => void;
}

interface Props {
  drawing: Schemas['DrawingView'];
  chosen: string;
  lit: readonly string[];
  litAs: string;
  /** A part on its way along its slide, with what it carries. */
  drag: Drag | null;
  /** The chosen part can be pulled. */
  slides: boolean;
  ghosts: ReadonlySet<string>;
  does: RefObject<PartHandlers>;
}

/** How far a dragged part stands from where it was. */
function shiftOf(drag: Drag | null, placement: string): string | undefined {
  if (!drag?.track.moves.includes(placement)) return undefined;
  const by = drag.value - drag.track.value;
  return `translate(${(drag.track.perMm[0] ?? 0) * by} ${-(drag.track.perMm[1] ?? 0) * by})`;
}

/** The parts by their outlines, the farthest first; drawn anew only when something on them changes, not when one zooms. */
export const Parts = memo(function Parts({ drawing, chosen, lit, litAs, drag, slides, ghosts, does }: Props) {
  return drawing.parts.map((part) => {
    const mine = part.placement === chosen;
    const classes = ['part', mine ? 'chosen' : '', mine && slides ? 'slides' : ''];
    if (lit.includes(part.placement)) classes.push(`lit-${litAs}`);
    if (part.category === 'LEGS') classes.push('faint');
    if (ghosts.has(part.placement)) classes.push('ghost');
    return (
      <g
        key={part.placement}
        className={classes.filter(Boolean).join(' ')}
        transform={shiftOf(drag, part.placement)}
        onClick={() => does.current.choose(part.placement)}
        onPointerEnter={() => does.current.hover(part.placement)}
        onPointerLeave={() => does.current.hover('')}
        onPointerDown={mine && slides ? (e) => does.current.down(part.placement, e) : undefined}
        onPointerMove={mine && slides ? (e) => does.current.move(e) : undefined}
        onPointerUp={mine && slides ? () => does.current.up() : undefined}
      >
        <title>{part.title}</title>
        {part.shapes.map((shape, i) => (
          <Shape key={i} d={path(shape.border) + path(shape.bore)} hatch={hatchOf(part.category)} />
        ))}
      </g>
    );
  });
});

function Shape({ d, hatch }: { d: string; hatch: string }) {
  const fill = hatch === 'solid' ? 'var(--caution-mark)' : `url(#h-${hatch})`;
  return (
    <g fillRule="evenodd">
      <path className="body" d={d} />
      {hatch !== 'none' && <path className="hatch" d={d} fill={fill} />}
    </g>
  );
}
