import type { Schemas } from '../../shared/api/client';
import { atHour, fixed } from '../../shared/format/units';

export type Plan = Schemas['MediaPlan'];
export type Roll = Plan['rolls'][number];
export type RollLine = Schemas['RollLine'];
export type Stage = RollLine['stage'];

/** Minutes since the day began, as hours and minutes. */
export const after = (minutes: number): string => atHour(minutes / 60);

export const minutesText = (minutes: number): string => (minutes < 100 ? `${fixed(minutes, 0)} min` : after(minutes));

export function gigabytes(value: number): string {
  return value < 1000 ? `${fixed(value, 0)} GB` : `${fixed(value / 1000, 2)} TB`;
}

/** A roll of a pair has two cards. */
export const rollTitle = (r: Roll): string => (r.second ? `${r.name} /2` : r.name);

/** A card's way in words. */
export function rollInWords(r: Roll): string {
  return `${rollTitle(r)} on ${r.card}: in at ${after(r.fromMinute)}, out at ${after(r.outMinute)} ${
    r.share > 0.995 ? 'full' : `${fixed(r.share * 100, 0)} % full`
  }, read from ${after(r.readMinute)} to ${after(r.copiedMinute)}, free at ${after(r.freeMinute)}`;
}

export const ARRANGED: Record<NonNullable<Schemas['MediaBody']['arrangement']>, string> = {
  SINGLE: 'one card',
  RELAY: 'from one card to the next',
  MIRROR: 'the same on two cards',
  PAIR: 'half on each of two cards',
};

/** Where a roll is; and what it is called to bring one there. */
export const STAGES: Record<Stage, { is: string; act: string }> = {
  RECORDING: { is: 'in the body', act: 'Card in' },
  OUT: { is: 'out, not copied', act: 'Out' },
  COPIED: { is: 'copied, not checked', act: 'Copied' },
  CHECKED: { is: 'checked', act: 'Checked' },
  FREED: { is: 'card free', act: 'Free the card' },
};

/** Shown before it is stored: a roll one stage on, or one back; where it can go from there, the house says. */
export function movedTo(rolls: RollLine[], id: string, stage: Stage): RollLine[] {
  return rolls.map((r) => (r.id === id ? { ...r, stage, next: null, before: null } : r));
}
