import { useEffect, useRef, useState } from 'react';
import type { PointerEvent } from 'react';
import type { Schemas } from '../api/client';

export type Track = Schemas['Track'];

export interface Drag {
  track: Track;
  value: number;
}

/** The value under the pointer: how far it went along the slide's own direction, on whole steps, inside the travel. */
export function dragged(track: Track, across: number, upward: number): number {
  const [dx = 0, dy = 0] = track.perMm;
  const length = dx * dx + dy * dy;
  if (length < 1e-6) return track.value;
  const by = (across * dx + upward * dy) / length;
  const step = track.step > 0 ? track.step : 0.5;
  const value = Math.round((track.value + by) / step) * step;
  return Math.min(track.to, Math.max(track.from, Math.round(value * 100) / 100));
}

/** What a part may be dragged along: its own slide, or that of the nearest part that carries it along. */
export function trackOf(tracks: readonly Track[], placement: string): Track | undefined {
  const carrying = tracks.filter(
    (t) => t.moves.includes(placement) && Math.hypot(t.perMm[0] ?? 0, t.perMm[1] ?? 0) > 0.2,
  );
  return (
    carrying.find((t) => t.placement === placement) ?? [...carrying].sort((a, b) => a.moves.length - b.moves.length)[0]
  );
}

/** How long the pointer rests before what it holds is tried, ms. */
export const REST = 30;

export interface Slide {
  /** Fails when the change is refused: the part goes back to where it was. */
  onDrop: (key: string, value: number) => Promise<unknown>;
  /** The pointer rests here: what would it come to? */
  onRest?: (key: string, value: number) => void;
}

/**
 * Dragging a part along its slide: it follows the pointer at once and stays where it was let go until the drawing of
 * the change is there.
 */
export function useTrackDrag(tracks: readonly Track[], { onDrop, onRest }: Slide) {
  const [drag, setDrag] = useState<Drag | null>(null);
  const [dropped, setDropped] = useState<{ drag: Drag; tracks: readonly Track[] } | null>(null);
  const resting = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(() => () => clearTimeout(resting.current), []);
  const start = useRef<{ x: number; y: number; scale: number } | null>(null);

  const down = (placement: string) => (e: PointerEvent<SVGGElement>) => {
    const track = trackOf(tracks, placement);
    const svg = e.currentTarget.ownerSVGElement;
    const matrix = svg?.getScreenCTM();
    if (!track || !matrix || e.button !== 0) return;
    start.current = { x: e.clientX, y: e.clientY, scale: matrix.a };
    e.currentTarget.setPointerCapture(e.pointerId);
    setDropped(null);
    setDrag({ track, value: track.value });
  };
  const move = (e: PointerEvent<SVGGElement>) => {
    const from = start.current;
    if (!drag || !from) return;
    const value = dragged(drag.track, (e.clientX - from.x) / from.scale, -(e.clientY - from.y) / from.scale);
    if (value === drag.value) return;
    setDrag({ track: drag.track, value });
    clearTimeout(resting.current);
    if (onRest) resting.current = setTimeout(() => onRest(drag.track.key, value), REST);
  };
  const up = () => {
    clearTimeout(resting.current);
    if (drag && Math.abs(drag.value - drag.track.value) > 1e-6) {
      setDropped({ drag, tracks });
      onDrop(drag.track.key, drag.value).catch(() => setDropped(null));
    }
    start.current = null;
    setDrag(null);
  };
  return { drag, shown: drag ?? (dropped?.tracks === tracks ? dropped.drag : null), down, move, up };
}
