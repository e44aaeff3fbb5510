import type { Schemas } from '../../shared/api/client';

interface Option {
  value: string;
  label: string;
}

/** Each configuration or lens once, however many bodies have it: a brief that names it asks it of every body that does. */
export function onBodies(builds: readonly Schemas['BuildRef'][], kind: 'configurations' | 'lenses'): Option[] {
  const all = new Map<string, Option & { bodies: string[] }>();
  for (const build of builds) {
    for (const one of build[kind]) {
      const known = all.get(one.id);
      if (known) known.bodies.push(build.title);
      else all.set(one.id, { value: one.id, label: one.title, bodies: [build.title] });
    }
  }
  return [...all.values()].map(({ value, label, bodies }) => ({
    value,
    label:
      builds.length > 1 ? `${label} (${bodies.length === builds.length ? 'every body' : bodies.join(', ')})` : label,
  }));
}
