import type { Schemas } from '../../shared/api/client';
import { fixed } from '../../shared/format/units';

export type Test = Schemas['TestLine'];
export type Sheet = Schemas['TestSheet'];
export type Found = Schemas['Found'];

export const isDone = (test: Test) => test.standing === 'PASSED' || test.standing === 'WAIVED';

const PLACES: Readonly<Record<Test['place'], string>> = {
  SCALE: 'At the scale',
  SUPPORT: 'Head and support',
  RIG: 'Hands on the rig',
  FRONT: 'Lens and front',
  POWER: 'Power',
  PICTURE: 'Every picture',
  SOUND: 'Sound, time and radio',
  MEDIA: 'Media, and a last look',
};

export const placeText = (place: Test['place']) => PLACES[place];

const WITH: Readonly<Record<Test['instrument'], string>> = {
  NONE: 'eyes, ears and hands',
  SCALE: 'the scale',
  ANALYSER: 'the battery analyser',
  POWER_METER: 'the power meter',
  FLANGE_GAUGE: 'the flange gauge',
  CALIPER: 'a caliper',
  CLOCK: 'a clock',
};

export const withText = (instrument: Test['instrument']) => WITH[instrument];

const STANDINGS: Readonly<Record<Test['standing'], string>> = {
  OPEN: '',
  CHANGED: 'changed',
  UNDECIDED: 'undecided',
  FAILED: 'failed',
  ONCE: 'once more',
  PASSED: '✓',
  WAIVED: 'left out',
};

export const standingText = (test: Test) => STANDINGS[test.standing];

/** So many digits that a step of a thousandth of the figure is seen. */
export function figure(value: number): string {
  const size = Math.abs(value);
  return fixed(value, size >= 1000 ? 0 : size >= 100 ? 1 : size >= 10 ? 2 : 3);
}

/** "14 155 to 15 960 g", "at least 165 MB/s", "as it is, in W". */
export function neededText(test: Test): string {
  const { from, to, unit } = test;
  if (from !== null && to !== null) return `${figure(from)} to ${figure(to)} ${unit}`;
  if (from !== null) return `at least ${figure(from)} ${unit}`;
  return to === null ? `as it is, in ${unit}` : `at most ${figure(to)} ${unit}`;
}

/** The first that is not done; of a body that is through the last. */
export const nextTest = (tests: readonly Test[]): Test | undefined =>
  tests.find((t) => !isDone(t)) ?? tests[tests.length - 1];

/** The test after one that is not done, going round to the first. */
export function openAfter(tests: readonly Test[], key: string): Test | undefined {
  const at = tests.findIndex((t) => t.key === key);
  const round = [...tests.slice(at + 1), ...tests.slice(0, at + 1)];
  return round.find((t) => !isDone(t) && t.standing !== 'ONCE') ?? round.find((t) => !isDone(t));
}

/** Tests by place, in the order of the bench. */
export function byPlace(tests: readonly Test[]): readonly (readonly [Test['place'], readonly Test[]])[] {
  const all = new Map<Test['place'], Test[]>();
  tests.forEach((t) => all.set(t.place, [...(all.get(t.place) ?? []), t]));
  return [...all];
}
