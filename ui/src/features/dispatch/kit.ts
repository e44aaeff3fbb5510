import type { Schemas } from '../../shared/api/client';

/** A line of the kit while it is being packed. */
export interface KitLine {
  item: string;
  name: string;
  category: string;
  onRig: number;
  count: number;
}

type Line = Schemas['Line'];

/** What the kit holds now. */
export const packed = (lines: readonly Line[]): KitLine[] =>
  lines
    .filter((l) => l.inKit > 0)
    .map((l) => ({ item: l.item, name: l.name, category: l.category, onRig: l.onRig, count: l.inKit }));

/** More lines; one of a part that is there already puts its count in place of that. */
export function added(lines: readonly KitLine[], more: readonly KitLine[]): KitLine[] {
  const all = [...lines];
  for (const line of more) {
    const at = all.findIndex((l) => l.item === line.item);
    const known = all[at];
    if (known) all[at] = { ...known, count: line.count };
    else all.unshift(line);
  }
  return all;
}

/** What differs from what the kit holds. */
export function changed(now: readonly Line[], lines: readonly KitLine[]): { item: string; count: number }[] {
  const held = new Map(now.map((l) => [l.item, l.inKit]));
  return lines.filter((l) => (held.get(l.item) ?? 0) !== l.count).map(({ item, count }) => ({ item, count }));
}
