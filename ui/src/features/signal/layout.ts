import type { Schemas } from '../../shared/api/client';

/** What a link carries, as people say it. */
export const CARRIED: Record<Schemas['LinkRow']['carried'], string> = {
  PICTURE: 'picture',
  FINDER: 'finder picture',
  SOUND: 'sound',
  TIME: 'time',
  TRIGGER: 'trigger',
  LENS: 'lens control',
  NETWORK: 'network',
};

export const BOX = { width: 136, height: 46, gapX: 92, gapY: 16 };

export interface Place {
  x: number;
  y: number;
}

export interface Layout {
  places: Map<string, Place>;
  width: number;
  height: number;
}

/** Boxes by columns from where the picture begins; in a column, near those that lead to them. */
export function layout(boxes: readonly Schemas['BoxRow'][], links: readonly Schemas['LinkRow'][]): Layout {
  const columns = new Map<number, Schemas['BoxRow'][]>();
  for (const box of boxes) columns.set(box.column, [...(columns.get(box.column) ?? []), box]);
  const places = new Map<string, Place>();
  const tallest = Math.max(1, ...[...columns.values()].map((c) => c.length));
  const height = tallest * (BOX.height + BOX.gapY) - BOX.gapY;
  for (const column of [...columns.keys()].sort((a, b) => a - b)) {
    const here = columns.get(column) ?? [];
    const wish = (id: string) => {
      const from = links.filter((l) => l.to === id).flatMap((l) => places.get(l.from)?.y ?? []);
      return from.length > 0 ? from.reduce((a, b) => a + b, 0) / from.length : height / 2;
    };
    const sorted = here.map((b, i) => ({ b, w: wish(b.id), i })).sort((p, q) => p.w - q.w || p.i - q.i);
    const used = here.length * (BOX.height + BOX.gapY) - BOX.gapY;
    sorted.forEach(({ b }, row) =>
      places.set(b.id, { x: column * (BOX.width + BOX.gapX), y: (height - used) / 2 + row * (BOX.height + BOX.gapY) }),
    );
  }
  const last = Math.max(0, ...columns.keys());
  return { places, width: (last + 1) * BOX.width + last * BOX.gapX, height };
}

/** A link from the right of one box to the left of the next; one that runs back goes round below. */
export function curve(from: Place, to: Place): string {
  const y1 = from.y + BOX.height / 2;
  const y2 = to.y + BOX.height / 2;
  if (to.x > from.x) {
    const x1 = from.x + BOX.width;
    const bend = (to.x - x1) / 2;
    return `M${x1} ${y1}C${x1 + bend} ${y1} ${to.x - bend} ${y2} ${to.x} ${y2}`;
  }
  const x = from.x + BOX.width / 2;
  const x2 = to.x + BOX.width / 2;
  const up = from.y < to.y ? from.y + BOX.height : from.y;
  const down = from.y < to.y ? to.y : to.y + BOX.height;
  return `M${x} ${up}C${x} ${(up + down) / 2} ${x2} ${(up + down) / 2} ${x2} ${down}`;
}

/** Where the words of a link stand: over the end of its line, before the box that it leads to. */
export function wordsAt(from: Place, to: Place): Place | null {
  return to.x > from.x ? { x: to.x - 6, y: to.y + BOX.height / 2 - 5 } : null;
}

/** Words in at most two lines of a box. */
export function lines(title: string, most = 21): string[] {
  if (title.length <= most) return [title];
  const cut = title.lastIndexOf(' ', most);
  const first = title.slice(0, cut > 6 ? cut : most);
  const rest = title.slice(first.length).trim();
  return [first, rest.length > most ? `${rest.slice(0, most - 1)}…` : rest];
}
