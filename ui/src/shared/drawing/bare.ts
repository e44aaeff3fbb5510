import type { Schemas } from '../api/client';

/** A drawing without what the Bench marks on it: balance, bearings, heights and clashes; cables only where they are kept. */
export const bare = (
  drawing: Schemas['DrawingView'],
  keeps: (cable: Schemas['DrawingView']['cables'][number]) => boolean = () => false,
): Schemas['DrawingView'] => ({
  ...drawing,
  plumb: [],
  slideBar: [],
  rodHeights: [],
  bearings: [],
  clashes: [],
  cables: drawing.cables.filter(keeps),
});
