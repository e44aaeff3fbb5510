import type { ViewName } from '../api/queries';

/** The sides a rig is drawn from. */
export const VIEWS: { id: ViewName; title: string }[] = [
  { id: 'RIGHT', title: 'right' },
  { id: 'LEFT', title: 'left' },
  { id: 'FRONT', title: 'front' },
  { id: 'ABOVE', title: 'above' },
];

/** The view that can be turned. */
export const SPACE = 'SPACE';

/** All of them, to be chosen from. */
export const LOOKS_FROM: { value: string; label: string }[] = [
  ...VIEWS.map((v) => ({ value: v.id, label: v.title })),
  { value: SPACE, label: 'in space' },
];
