import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { drawingQuery } from '../../shared/api/queries';
import type { Spot, ViewName } from '../../shared/api/queries';
import { Elevation } from '../../shared/drawing/Elevation';
import { saveText, svgText } from '../../shared/drawing/exportSvg';
import type { LayerSet } from '../../shared/drawing/Layers';
import type { Slide } from '../../shared/drawing/useTrackDrag';

interface Props {
  spot: Spot;
  revision: number;
  view: string;
  chosen: string;
  lit: readonly string[];
  litAs: string;
  onChoose: (placement: string) => void;
  onView: (view: string) => void;
  slide?: Slide;
}

export const VIEWS: { id: ViewName; title: string }[] = [
  { id: 'RIGHT', title: 'right' },
  { id: 'LEFT', title: 'left' },
  { id: 'FRONT', title: 'front' },
  { id: 'ABOVE', title: 'above' },
];

export function ElevationPanel({ spot, revision, view, chosen, lit, litAs, onChoose, onView, slide }: Props) {
  const name = VIEWS.find((v) => v.id === view)?.id ?? 'RIGHT';
  const query = useQuery({ ...drawingQuery(spot, name, revision), placeholderData: keepPreviousData });
  const box = useRef<HTMLDivElement>(null);
  const [aspect, setAspect] = useState(1.1);
  const [layers, setLayers] = useState<LayerSet>({ rooms: false, ports: false, cables: false });
  const save = () => {
    const svg = box.current?.querySelector('svg');
    if (svg) saveText(`${spot.job}-${spot.build}-${name.toLowerCase()}.svg`, 'image/svg+xml', svgText(svg));
  };
  useEffect(() => {
    const element = box.current;
    if (!element) return;
    const observer = new ResizeObserver(() => setAspect(element.clientWidth / Math.max(1, element.clientHeight)));
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return (
    <section className="drawing" aria-label="Elevation">
      <div className="panel-head">
        <h2>Elevation, from</h2>
        <div className="views" role="group" aria-label="View from">
          {VIEWS.map((v) => (
            <button key={v.id} type="button" aria-pressed={v.id === name} onClick={() => onView(v.id)}>
              {v.title}
            </button>
          ))}
        </div>
        <div className="views layers" role="group" aria-label="Layers">
          <button
            type="button"
            aria-pressed={layers.rooms}
            onClick={() => setLayers({ ...layers, rooms: !layers.rooms })}
          >
            keep clear
          </button>
          <button
            type="button"
            aria-pressed={layers.ports}
            onClick={() => setLayers({ ...layers, ports: !layers.ports })}
          >
            ports
          </button>
          <button
            type="button"
            aria-pressed={layers.cables}
            onClick={() => setLayers({ ...layers, cables: !layers.cables })}
          >
            cables
          </button>
          <button type="button" onClick={save}>
            save SVG
          </button>
        </div>
        <span className="num soft grid-note">grid 50 mm</span>
      </div>
      <div className="drawing-box" ref={box}>
        {query.isError && <p className="error">{query.error.message}</p>}
        {query.data && (
          <Elevation
            drawing={query.data}
            aspect={aspect}
            chosen={chosen}
            lit={lit}
            litAs={litAs}
            layers={layers}
            onChoose={onChoose}
            slide={slide}
          />
        )}
      </div>
    </section>
  );
}
