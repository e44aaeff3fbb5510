/** A label somebody wants near a point; lengths in the drawing's millimetres, y down. */
export interface Want {
  key: string;
  words: string;
  x: number;
  y: number;
  /** Where it goes when there is room: the side of the point on which the words stand. */
  side: 'right' | 'left' | 'above' | 'below';
  /** Height of its letters against the drawing's usual ones. */
  size: number;
  className: string;
}

export interface Box {
  left: number;
  top: number;
  width: number;
  height: number;
}

export interface Placed extends Want {
  box: Box;
  /** From the point to the words when they stand too far from it to be taken for its own. */
  leader?: { x: number; y: number };
}

/** Width of a letter of our monospaced face against its height. */
const LETTER = 0.602;

/** Between two labels, against the height of a letter. */
const GAP = 0.25;

/** How far from its point a label is tried, against the height of a letter; nearer is better. */
const RINGS = [0.7, 1.6, 2.8, 4.2, 6, 8, 10.5, 13.5];

const SIDES: Record<Want['side'], [number, number][]> = {
  right: [
    [1, 0],
    [1, -1],
    [1, 1],
    [0, -1],
    [0, 1],
    [-1, 0],
    [-1, -1],
    [-1, 1],
  ],
  left: [
    [-1, 0],
    [-1, -1],
    [-1, 1],
    [0, -1],
    [0, 1],
    [1, 0],
    [1, -1],
    [1, 1],
  ],
  above: [
    [0, -1],
    [1, -1],
    [-1, -1],
    [1, 0],
    [-1, 0],
    [0, 1],
    [1, 1],
    [-1, 1],
  ],
  below: [
    [0, 1],
    [1, 1],
    [-1, 1],
    [1, 0],
    [-1, 0],
    [0, -1],
    [1, -1],
    [-1, -1],
  ],
};

export function touching(a: Box, b: Box, gap = 0): boolean {
  return (
    a.left < b.left + b.width + gap &&
    b.left < a.left + a.width + gap &&
    a.top < b.top + b.height + gap &&
    b.top < a.top + a.height + gap
  );
}

function inside(box: Box, sheet: Box): boolean {
  return (
    box.left >= sheet.left &&
    box.top >= sheet.top &&
    box.left + box.width <= sheet.left + sheet.width &&
    box.top + box.height <= sheet.top + sheet.height
  );
}

/** All places of a label, the best first: its own side, then the others, ring by ring outwards. */
function* placesOf(want: Want, em: number): Generator<Box> {
  const height = em * want.size * 1.15;
  const width = Math.max(1, want.words.length) * em * want.size * LETTER;
  for (const ring of RINGS) {
    for (const [dx, dy] of SIDES[want.side]) {
      const x = want.x + dx * (ring * em + width / 2);
      const y = want.y + dy * (ring * em + height / 2);
      yield { left: x - width / 2, top: y - height / 2, width, height };
    }
  }
}

function leaderOf(want: Want, box: Box, em: number): Placed['leader'] {
  const x = Math.min(box.left + box.width, Math.max(box.left, want.x));
  const y = Math.min(box.top + box.height, Math.max(box.top, want.y));
  return Math.hypot(x - want.x, y - want.y) > 1.4 * em ? { x, y } : undefined;
}

/**
 * Labels beside their points, none touching another: each takes the best of its candidate places that is free, in the
 * order given; then every label tries once more, since places have become free. The method is that of candidate
 * positions with greedy choice and local improvement (Christensen, Marks and Shieber, 1995). One that finds no place on
 * the sheet, or whose point is not on it, is left out: what it says stands in its part's hint as well.
 */
export function place(wants: readonly Want[], em: number, sheet: Box, taken: readonly Box[] = []): Placed[] {
  const boxes = new Map<string, Box>();
  const free = (want: Want) => {
    const others = [...taken, ...[...boxes].filter(([key]) => key !== want.key).map(([, box]) => box)];
    for (const box of placesOf(want, em)) {
      if (inside(box, sheet) && !others.some((o) => touching(o, box, GAP * em))) return box;
    }
    return undefined;
  };
  const seen = wants.filter((w) => inside({ left: w.x, top: w.y, width: 0, height: 0 }, sheet));
  for (let round = 0; round < 2; round++) {
    for (const want of seen) {
      const box = free(want);
      if (box) boxes.set(want.key, box);
    }
  }
  return seen.flatMap((want) => {
    const box = boxes.get(want.key);
    return box ? [{ ...want, box, leader: leaderOf(want, box, em) }] : [];
  });
}
