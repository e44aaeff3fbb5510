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
