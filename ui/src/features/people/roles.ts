import type { Schemas } from '../../shared/api/client';

export type Role = Schemas['Person']['roles'][number];

export const ROLES = [
  { value: 'TECHNICIAN', label: 'technician: edits builds and parts' },
  { value: 'DESK', label: 'desk: edits briefs' },
  { value: 'LEAD', label: 'lead: both, and waivers, rules, standards' },
  { value: 'ADMINISTRATOR', label: 'administrator: looks after the people' },
] satisfies { value: Role; label: string }[];

export const STATES = {
  HERE: ['met', 'can sign in'],
  INVITED: ['note', 'has a code'],
  LOCKED_OUT: ['caution', 'needs a code'],
  SUSPENDED: ['stop', 'suspended'],
} as const satisfies Record<Schemas['Person']['state'], readonly [string, string]>;
