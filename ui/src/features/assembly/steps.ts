import type { Schemas } from '../../shared/api/client';
import type { ViewName } from '../../shared/api/queries';
import { fixed } from '../../shared/format/units';

export type Step = Schemas['AssemblyStep'];
export type Sheet = Schemas['AssemblySheet'];

export const isDone = (step: Step) => step.tick !== null && !step.tick.stale;

/** The first step that is not done; of a rig that is whole the last. */
export function nextStep(steps: readonly Step[]): Step | undefined {
  return steps.find((s) => !isDone(s)) ?? steps[steps.length - 1];
}

/** A tick on its way: who and when are known when it is stored. */
export const SENT: NonNullable<Step['tick']> = { who: '', at: '', minutes: null, remark: '', stale: false };

/** The steps as they will be once these ticks are stored. */
export function withTicks(sheet: Sheet, ticks: readonly Schemas['Tick'][]): Sheet {
  const last = new Map(ticks.map((t) => [t.step, t]));
  const steps = sheet.steps.map((s) => {
    const tick = last.get(s.key);
    return tick ? { ...s, tick: tick.done ? { ...SENT, remark: tick.remark } : null } : s;
  });
  const open = steps.filter((s) => !isDone(s));
  return {
    ...sheet,
    steps,
    done: steps.length - open.length,
    minutesLeft: open.reduce((sum, s) => sum + s.minutes, 0),
  };
}

/** What must be done before a step and is not. */
export function missing(step: Step, steps: readonly Step[]): Step[] {
  const before = new Set(step.before.map((b) => b.step));
  return steps.filter((s) => before.has(s.key) && !isDone(s));
}

/** The step that a code or a name belongs to: of its part, its cable or its title. */
export function stepOf(asked: string, steps: readonly Step[]): Step | undefined {
  const code = asked.trim().toLowerCase();
  if (code === '') return undefined;
  return (
    // Who scans a part has it in the hand to put it on, whether it was tried before or not.
    steps.find((s) => s.act !== 'TRY' && (s.part.toLowerCase() === code || s.cable.toLowerCase() === code)) ??
    steps.find((s) => s.title.toLowerCase().includes(code))
  );
}

/** From where one sees best what a hand does: from the left what is done there, else from the right. */
export const viewFor = (step: Step): ViewName => (step.side.endsWith('left') ? 'LEFT' : 'RIGHT');

export const minutesText = (minutes: number) =>
  minutes < 1 ? `${fixed(minutes * 60, 0)} s` : `${fixed(minutes, minutes < 10 ? 1 : 0)} min`;

/** "two 3/8-16, captive". */
export const screwText = (s: Schemas['StepScrews']) =>
  `${s.count} × ${s.thread}${s.captive ? ', captive' : ', loose: count them'}`;

export const settingText = (s: Schemas['StepSetting']) =>
  `${s.what} to ${fixed(s.value, 1)}${s.unit === '°' ? '°' : ` ${s.unit}`}`;

const ACTS = {
  LAY: ['lay out', 'put away'],
  TRY: ['try', 'try'],
  STAND: ['set up', 'take down'],
  FIT: ['fit', 'off'],
  TIE: ['tie', 'untie'],
  TURN: ['turn', 'turn'],
  LIFT: ['lift', 'lift'],
  PLUG: ['plug', 'unplug'],
  BALANCE: ['balance', 'level'],
} as const;

/** What kind of step it is, in a word; on the way back its opposite. */
export const actText = (step: Step, back: boolean) => ACTS[step.act][back ? 1 : 0];
