import type { Schemas } from '../../shared/api/client';

type State = Schemas['DayBlock']['state'];

/** The day with one part's state in one block said anew; {@code null} lets it do as the rig again. */
export function withState(
  day: readonly Schemas['DayBlock'][],
  block: number,
  build: string,
  part: string,
  state: State | null,
): Schemas['DayBlock'][] {
  return day.map((b, i) => {
    if (i !== block) return b;
    const others = b.parts.filter((p) => p.build !== build || p.part !== part);
    return { ...b, parts: state === null ? others : [...others, { build, part, state }] };
  });
}

/** How a row of the feed stands, in words; the judgement is the server's. */
export function stateInWords(state: Schemas['FeedRow']['state']): string {
  return { FINE: '', FOUND: 'out of range', UNDECIDED: 'undecided', NOT_CHECKED: 'not known' }[state];
}

/** A state chosen for a part in a block of the day, counted from 0. */
export interface StatePut {
  block: number;
  part: string;
  state: State | null;
}

/** The devices as if what is on its way stood; what they draw follows from the server. */
export function devicesWith(
  devices: readonly Schemas['DeviceDay'][],
  day: readonly Schemas['DayBlock'][],
  puts: readonly StatePut[],
): Schemas['DeviceDay'][] {
  return devices.map((d) => {
    const mine = puts.filter((p) => p.part === d.placement);
    return mine.reduce(
      (shown, { block, state }) => ({
        ...shown,
        states: shown.states.map((s, i) => (i === block ? (state ?? day[i]?.state ?? s) : s)),
        own: shown.own.map((o, i) => (i === block ? state !== null : o)),
      }),
      d,
    );
  });
}
