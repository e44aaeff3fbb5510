import type { ViewName } from '../../shared/api/queries';

/** The sides a rig is drawn from. */
export const VIEWS: { id: ViewName; title: string }[] = [
  { id: 'RIGHT', title: 'right' },
  { id: 'LEFT', title: 'left' },
  { id: 'FRONT', title: 'front' },
  { id: 'ABOVE', title: 'above' },
];

/** The view that can be turned. */
export const SPACE = 'SPACE';
