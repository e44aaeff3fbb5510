import type { Edit } from '../../shared/job/acts';
import type { Schemas } from '../../shared/api/client';
import { amount, counted, fixed, needed } from '../../shared/format/units';

/** Several parts chosen together, in words. */
export const severalText = (parts: readonly string[]) => counted(parts.length, 'part');

export type Finding = Schemas['FindingView'];
export type Row = Schemas['Row'];
export type Setting = Schemas['SettingView'];

const OF_CONFIGURATIONS: readonly Schemas['EditRequest']['kind'][] = [
  'DERIVE',
  'COPY',
  'RENAME',
  'UNCONFIGURE',
  'CARRY',
  'PORTRAIT',
  'OTHER_SHOULDER',
];

/** A request, told for the configuration somebody looks at alone when they say so; those about configurations never are. */
export function scoped(request: Schemas['EditRequest'], only: boolean): Edit {
  return { request, only: only && !OF_CONFIGURATIONS.includes(request.kind) };
}

/** What a change raises, in short: trial fits are counted, all else is told. */
export function raisedWords(raised: readonly string[], trialFits: number): string[] {
  return trialFits === 0 ? [...raised] : [...raised, trialFits === 1 ? 'one trial fit' : `${trialFits} trial fits`];
}

/** "has 83.0 mm, needs 85.0 ± 1.0 mm" in two pieces. */
export function evidence(e: Schemas['Evidence']): { has: string; needs: string } {
  if (e.kind === 'STATEMENT') return { has: e.measured, needs: e.needed };
  const spread = e.range.to - e.range.from;
  const has = amount(e.measured, e.unit);
  const range = spread > 0.05 ? ` (${fixed(e.range.from, 1)} to ${fixed(e.range.to, 1)})` : '';
  return { has: e.unit === 'mm' ? has + range : has, needs: needed(e.neededFrom, e.neededTo, e.unit) };
}

/** Findings of the lens in the slot and those of no lens first; those of other lenses after, each group in the given order. */
export function forLens(findings: readonly Finding[], lens: string): { here: Finding[]; others: Finding[] } {
  return {
    here: findings.filter((f) => f.lens === '' || f.lens === lens),
    others: findings.filter((f) => f.lens !== '' && f.lens !== lens),
  };
}

export function counts(findings: readonly Finding[]): string {
  const n = (s: string) => findings.filter((f) => f.severity === s && !f.waived).length;
  return [counted(n('STOP'), 'stop'), counted(n('CAUTION'), 'caution'), counted(n('NOTE'), 'note')]
    .filter((t) => !t.startsWith('0'))
    .join(' · ');
}

/** The value after a nudge: on teeth a whole step, else the given distance; kept to hundredths and inside the travel. */
export function nudged(setting: Setting, by: number): number {
  const distance = setting.step > 0 ? Math.sign(by) * setting.step * Math.max(1, Math.round(Math.abs(by))) : by;
  const raw = Math.round((setting.value + distance) * 100) / 100;
  return Math.min(setting.to, Math.max(setting.from, raw));
}

export function settingText(s: Setting): string {
  const unit = s.unit === '°' ? '°' : '';
  return `${s.title} ${fixed(s.value, 1)}${unit}${s.byFeel ? ' by feel' : ''}`;
}

/** How far along a meter's bar a value stands, 0 to 1. */
export function along(value: number, from: number, to: number): number {
  return to <= from ? 0 : Math.min(1, Math.max(0, (value - from) / (to - from)));
}
