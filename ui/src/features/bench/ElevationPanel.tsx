import { Button, Dropdown, Segmented, Tooltip } from 'antd';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import type { Ref } from 'react';
import { drawingQuery } from '../../shared/api/queries';
import type { Spot } from '../../shared/api/queries';
import { Elevation } from '../../shared/drawing/Elevation';
import type { Sheet } from '../../shared/drawing/Elevation';
import { printFullSize, saveText, svgText } from '../../shared/drawing/exportSvg';
import type { LayerSet } from '../../shared/drawing/Layers';
import type { Slide } from '../../shared/drawing/useTrackDrag';
import { InSpace } from '../../shared/drawing/space/InSpace';
import { useSize } from '../../shared/drawing/useSize';
import { LOOKS_FROM, SPACE, VIEWS } from '../../shared/drawing/views';

interface Props {
  spot: Spot;
  revision: number;
  view: string;
  chosen: string;
  lit: readonly string[];
  litAs: string;
  measuring: boolean;
  onMeasure: () => void;
  onChoose: (placement: string) => void;
  onHover: (placement: string) => void;
  onView: (view: string) => void;
  slide?: Slide;
  sheet: Ref<Sheet>;
}

const NO_GHOSTS: ReadonlySet<string> = new Set();
const LIT: Record<string, string> = {
  stop: '--stop',
  caution: '--caution-mark',
  note: '--chosen',
  pointed: '--chosen',
};

const LAYERS: [keyof LayerSet, string][] = [
  ['rooms', 'keep clear'],
  ['ports', 'ports'],
  ['cables', 'cables'],
  ['view', 'lens view'],
];

/** The rig drawn to scale from one side, with what is laid over it. */
export function ElevationPanel({ spot, revision, view, measuring, onMeasure, onView, ...drawn }: Props) {
  const name = VIEWS.find((v) => v.id === view)?.id ?? 'RIGHT';
  const inSpace = view === SPACE;
  const query = useQuery({
    ...drawingQuery(spot, name, revision),
    placeholderData: keepPreviousData,
    enabled: !inSpace,
  });
  const lit = useMemo(() => new Set(drawn.lit), [drawn.lit]);
  const [box, size] = useSize({ width: 660, height: 600 });
  const [layers, setLayers] = useState<LayerSet>({ rooms: false, ports: false, cables: false, view: false });
  const svg = () => box.current?.querySelector('svg') ?? undefined;
  const save = () => {
    const drawing = svg();
    if (drawing) saveText(`${spot.job}-${spot.build}-${name.toLowerCase()}.svg`, 'image/svg+xml', svgText(drawing));
  };
  const toggle = (layer: keyof LayerSet) => setLayers({ ...layers, [layer]: !layers[layer] });
  const on = LAYERS.filter(([layer]) => layers[layer]);
  const layerItems = LAYERS.map(([layer, title]) => ({
    key: layer,
    label: layers[layer] ? `${title}: shown` : title,
    onClick: () => toggle(layer),
  }));
  const paper = [
    { key: 'svg', label: 'Save as SVG', onClick: save },
    { key: 'full', label: 'Print at full size, 1:1', onClick: () => printFullSize(svg()) },
  ];
  return (
    <section className="drawing" aria-label="Elevation">
      <div className="panel-head">
        <h2>From</h2>
        <Segmented
          aria-label="View from"
          className="quiet-choice"
          value={inSpace ? SPACE : name}
          options={LOOKS_FROM}
          onChange={onView}
        />
        <div className={inSpace ? 'layers away' : 'layers'} role="group" aria-label="Layers">
          <span className="each">
            {LAYERS.map(([layer, title]) => (
              <Button key={layer} type="text" size="small" aria-pressed={layers[layer]} onClick={() => toggle(layer)}>
                {title}
              </Button>
            ))}
          </span>
          <Dropdown trigger={['click']} menu={{ items: layerItems }}>
            <Button type="text" size="small" className="together" aria-haspopup="menu" aria-pressed={on.length > 0}>
              layers
            </Button>
          </Dropdown>
          <Tooltip title="Distance, angle and height over the rods, between two points (d)">
            <Button type="text" size="small" aria-pressed={measuring} onClick={onMeasure}>
              measure
            </Button>
          </Tooltip>
          <Dropdown trigger={['click']} menu={{ items: paper }}>
            <Button type="text" size="small" aria-haspopup="menu">
              paper
            </Button>
          </Dropdown>
        </div>
      </div>
      <div className="drawing-box" ref={box}>
        {query.isError && <p className="error">{query.error.message}</p>}
        {inSpace && (
          <InSpace
            spot={spot}
            revision={revision}
            chosen={drawn.chosen}
            lit={lit}
            litAs={LIT[drawn.litAs] ?? '--caution-mark'}
            ghosts={NO_GHOSTS}
            onChoose={drawn.onChoose}
          />
        )}
        {!inSpace && query.data && (
          <Elevation drawing={query.data} size={size} layers={layers} measuring={measuring} {...drawn} />
        )}
      </div>
    </section>
  );
}
