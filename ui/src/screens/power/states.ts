import type { Schemas } from '../../api/client';

type State = Schemas['DayBlock']['state'];

/** The day with one part's state in one block said anew; {@code null} lets it do as the rig again. */
export function withState(day: readonly Schemas['DayBlock'][], block: number, build: string, part: string, state: State | null): Schemas['DayBlock'][] {
  return day.map((b, i) => {
    if (i !== block) return b;
    const others = b.parts.filter((p) => p.build !== build || p.part !== part);
    return { ...b, parts: state === null ? others : [...others, { build, part, state }] };
  });
}
