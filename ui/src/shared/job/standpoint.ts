import type { Schemas } from '../api/client';
import type { Spot } from '../api/queries';

/** Where someone stands in a job; every screen of the job keeps it, and the address tells it. */
export const PLACE = ['build', 'config', 'lens', 'part'] as const;

export type Place = Partial<Record<(typeof PLACE)[number], string>>;

type Build = Schemas['BuildRef'];

/** What a screen looks at: as the address says, and the first of each where it says nothing that there is. */
export function spotIn(job: string, builds: readonly Build[], asked: URLSearchParams): { build?: Build; spot: Spot } {
  const build = builds.find((b) => b.id === asked.get('build')) ?? builds[0];
  const of = (all: readonly { id: string }[] | undefined, name: 'config' | 'lens') =>
    (all?.find((c) => c.id === asked.get(name)) ?? all?.[0])?.id ?? '';
  const configuration = of(build?.configurations, 'config');
  return { build, spot: { job, build: build?.id ?? '', configuration, lens: of(build?.lenses, 'lens') } };
}

/** The address of another screen of the job with the same standpoint, but for what is changed; an empty value takes a field out. */
export function addressOf(job: string, screen: string, now: URLSearchParams, changed: Place = {}): string {
  const kept = new URLSearchParams();
  for (const name of PLACE) {
    const value = changed[name] ?? now.get(name) ?? '';
    if (value) kept.set(name, value);
  }
  const search = kept.toString();
  return `/jobs/${job}/${screen}${search && `?${search}`}`;
}
