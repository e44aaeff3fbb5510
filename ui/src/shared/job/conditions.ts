import type { Schemas } from '../api/client';

export type Condition = Schemas['PieceLine']['condition'];

/** In what state a piece is. */
export const CONDITIONS: Readonly<Record<Condition, string>> = {
  READY: 'ready',
  TRIAL: 'on trial',
  NEEDS_SERVICE: 'needs service',
  QUARANTINED: 'quarantined',
  LOST: 'lost',
  RETIRED: 'retired',
};

export const conditionText = (condition: Condition) => CONDITIONS[condition];
