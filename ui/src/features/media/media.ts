import type { Schemas } from '../../shared/api/client';
import { fixed } from '../../shared/format/units';

export type Plan = Schemas['MediaPlan'];
export type Roll = Plan['rolls'][number];
export type RollLine = Schemas['RollLine'];
export type Stage = RollLine['stage'];

/** Minutes since the day began, as hours and minutes. */
export function after(minutes: number): string {
  const whole = Math.round(minutes);
  return `${Math.floor(whole / 60)} h ${String(whole % 60).padStart(2, '0')}`;
}

export const minutesText = (minutes: number): string => (minutes < 100 ? `${fixed(minutes, 0)} min` : after(minutes));

export function gigabytes(value: number): string {
  return value < 1000 ? `${fixed(value, 0)} GB` : `${fixed(value / 1000, 2)} TB`;
}

/** A card's way in words. */
export function rollInWords(r: Roll): string {
  return `${r.name} on ${r.card}: in at ${after(r.fromMinute)}, out at ${after(r.outMinute)} ${
    r.share > 0.995 ? 'full' : `${fixed(r.share * 100, 0)} % full`
  }, read from ${after(r.readMinute)} to ${after(r.copiedMinute)}, free at ${after(r.freeMinute)}`;
}

export const ARRANGED: Record<NonNullable<Schemas['MediaBody']['arrangement']>, string> = {
  SINGLE: 'one card',
  RELAY: 'from one card to the next',
  MIRROR: 'the same on two cards',
  PAIR: 'half on each of two cards',
};

/** Where a roll is, what is done next, and what that is called when it is done. */
export const STAGES: Record<Stage, { is: string; next?: Stage; act?: string }> = {
  RECORDING: { is: 'in the body', next: 'OUT', act: 'Out' },
  OUT: { is: 'out, not copied', next: 'COPIED', act: 'Copied' },
  COPIED: { is: 'copied, not checked', next: 'CHECKED', act: 'Checked' },
  CHECKED: { is: 'checked', next: 'FREED', act: 'Free the card' },
  FREED: { is: 'card free' },
};

export function stageBefore(stage: Stage): Stage | undefined {
  return (Object.keys(STAGES) as Stage[]).find((s) => STAGES[s].next === stage);
}

/** Shown before it is stored: a roll one stage on, or one back. */
export function movedTo(rolls: RollLine[], id: string, stage: Stage): RollLine[] {
  return rolls.map((r) => (r.id === id ? { ...r, stage } : r));
}
