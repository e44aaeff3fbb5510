import type { Schemas } from '../api/client';

export type Stage = Schemas['Dispatch']['stage'];

/** The way out and back, in order. */
export const STAGES: readonly Stage[] = [
  'DRAFT',
  'BUILT',
  'CHECKED',
  'SIGNED',
  'PACKED',
  'DISPATCHED',
  'RETURNED',
  'RECONCILED',
];

/** Whether a job is out of the house, or has been: what it is made of is not changed any more. */
export const hasLeft = (stage: Stage | undefined) =>
  stage !== undefined && STAGES.indexOf(stage) >= STAGES.indexOf('DISPATCHED');

export const stageText = (stage: Stage) => (stage === 'CHECKED' ? 'bench-checked' : stage.toLowerCase());
