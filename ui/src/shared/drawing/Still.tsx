import type { Schemas } from '../api/client';
import { Elevation } from './Elevation';

const NO_LAYERS = { rooms: false, ports: false, cables: false, view: false };

interface Props {
  drawing: Schemas['DrawingView'] | undefined;
  /** Pixels. */
  size: { width: number; height: number };
}

/** A rig as it was, to be looked at: nothing is chosen in it or lit. */
export function Still({ drawing, size }: Props) {
  return (
    <div className="left-drawing" style={{ height: size.height }}>
      {drawing && (
        <Elevation
          drawing={drawing}
          size={size}
          chosen=""
          lit={[]}
          litAs=""
          layers={NO_LAYERS}
          onChoose={() => undefined}
        />
      )}
    </div>
  );
}
