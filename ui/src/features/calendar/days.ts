import type { Schemas } from '../../shared/api/client';

export type Phase = Schemas['Phase'];

const A_DAY = 86_400_000;
const stamp = (date: string): number => Date.parse(`${date}T00:00:00Z`);

export const plusDays = (date: string, days: number): string =>
  new Date(stamp(date) + days * A_DAY).toISOString().slice(0, 10);

export const daysBetween = (from: string, to: string): number => Math.round((stamp(to) - stamp(from)) / A_DAY);

/** Monday of the week that a day is in. */
export const monday = (date: string): string => plusDays(date, -((new Date(stamp(date)).getUTCDay() + 6) % 7));

export const isWeekend = (date: string): boolean => [0, 6].includes(new Date(stamp(date)).getUTCDay());

export const PHASES: Record<Phase['kind'], { word: string; short: string }> = {
  PREP: { word: 'prep', short: 'P' },
  TEST: { word: 'tests, charging, packing', short: 'T' },
  LOAD: { word: 'loads out', short: '↗' },
  TRAVEL: { word: 'on the way', short: '–' },
  SHOOT: { word: 'shoots', short: 'S' },
  BACK: { word: 'comes back', short: '↙' },
};

/** Where a phase stands among the days that are shown, from 0; nothing where it is outside of them. */
export function placeOf(phase: Phase, from: string, days: number): { first: number; length: number } | undefined {
  const first = Math.max(0, daysBetween(from, phase.from));
  const last = Math.min(days - 1, daysBetween(from, phase.to));
  return last < first ? undefined : { first, length: last - first + 1 };
}
