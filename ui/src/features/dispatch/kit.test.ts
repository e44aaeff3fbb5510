import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../shared/api/client';
import { added, changed, packed } from './kit';

const line = (item: string, inKit: number, onRig = 0): Schemas['Line'] => ({
  item,
  category: 'BATTERY',
  maker: 'Fennholt',
  name: item,
  onRig,
  inKit,
  pieces: onRig + inKit,
  eachGrams: 0,
  lineGrams: 0,
  massKnown: true,
  serves: [],
});

describe('the kit while it is packed', () => {
  const now = [line('rods@1', 2, 1), line('body@1', 0, 1)];

  it('begins with what is in it', () => {
    expect(packed(now).map((l) => [l.item, l.count])).toEqual([['rods@1', 2]]);
  });

  it('takes more, and a part that is there gets the new count', () => {
    const more = [
      { item: 'rods@1', name: 'rods', category: 'ROD', onRig: 0, count: 5 },
      { item: 'body@1', name: 'body', category: 'BODY', onRig: 0, count: 1 },
    ];
    const next = added(packed(now), more);
    expect(next.map((l) => [l.item, l.count])).toEqual([
      ['body@1', 1],
      ['rods@1', 5],
    ]);
    expect(changed(now, next)).toEqual([
      { item: 'body@1', count: 1 },
      { item: 'rods@1', count: 5 },
    ]);
  });

  it('sends nothing that did not change', () => {
    expect(changed(now, packed(now))).toEqual([]);
  });
});
