import { select } from 'd3-selection';
import { zoom, zoomIdentity } from 'd3-zoom';
import type { D3ZoomEvent, ZoomBehavior } from 'd3-zoom';
import { useEffect, useRef, useState } from 'react';
import type { Frame } from './paper';
import { seen } from './ruler';

type Behaviour = ZoomBehavior<HTMLDivElement, unknown>;

/** As near as a screw's head fills the view, as far as the whole tripod. */
const REACH: [number, number] = [0.4, 24];

interface At {
  k: number;
  x: number;
  y: number;
}

/** What the pointer holds already: a part on its slide. */
const held = (target: EventTarget | null) =>
  target instanceof Element && target.closest('.part.chosen.slides') !== null;

/**
 * Zoom and pan of a drawing: wheel and pinch about the pointer, drag, double-click to fit. While it is not fitted, the
 * sheet stays where it was, whatever an edit does to what would fit.
 */
export function useZoom(fitted: Frame, width: number, view: string) {
  // Around the drawing, not the drawing: its own coordinates change as it is zoomed, pixels do not.
  const box = useRef<HTMLDivElement>(null);
  const behaviour = useRef<Behaviour>(undefined);
  const [at, setAt] = useState<{ view: string; zoom: At; frame: Frame } | null>(null);
  const mine = at?.view === view ? at : null;
  const latest = useRef({ fitted, view });
  useEffect(() => {
    latest.current = { fitted, view };
  });
  useEffect(() => {
    const element = box.current;
    if (!element) return;
    const zooms: Behaviour = zoom<HTMLDivElement, unknown>()
      .scaleExtent(REACH)
      .filter((e: MouseEvent) => !held(e.target) && e.button === 0)
      .on('zoom', (e: D3ZoomEvent<HTMLDivElement, unknown>) => {
        const { k, x, y } = e.transform;
        const { fitted: frame, view: of } = latest.current;
        const fits = k === 1 && x === 0 && y === 0;
        setAt((old) => (fits ? null : { view: of, zoom: { k, x, y }, frame: old?.view === of ? old.frame : frame }));
      });
    behaviour.current = zooms;
    const sheet = select(element).call(zooms);
    const fit = () => zooms.transform(sheet, zoomIdentity);
    sheet.on('dblclick.zoom', fit);
    return () => {
      sheet.on('.zoom', null);
    };
  }, []);
  // Another view is another sheet: it begins fitted.
  useEffect(() => {
    if (box.current) behaviour.current?.transform(select(box.current), zoomIdentity);
  }, [view]);
  const by = (factor: number) => box.current && behaviour.current?.scaleBy(select(box.current), factor);
  const fit = () => box.current && behaviour.current?.transform(select(box.current), zoomIdentity);
  return { box, by, fit, zoomed: mine !== null, frame: mine ? seen(mine.frame, mine.zoom, width) : fitted };
}
