import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../shared/api/client';
import { places } from './FeedDrawing';

const row = (depth: number, title: string) => ({ depth, title }) as Schemas['FeedRow'];

describe('places of the feed', () => {
  it('puts a branch beside what feeds it and the next end a line below', () => {
    const nodes = places([
      row(0, 'battery'),
      row(1, 'out 1'),
      row(2, 'body'),
      row(3, 'aux'),
      row(1, 'out 2'),
      row(2, 'screen'),
    ]);
    const y = nodes.map((n) => n.y);
    expect(y.slice(0, 4)).toEqual([0, 0, 0, 0]);
    expect(y[4]).toBeGreaterThan(0);
    expect(y[5]).toBe(y[4]);
    expect(nodes.map((n) => n.parent?.row.title)).toEqual([undefined, 'battery', 'out 1', 'body', 'battery', 'out 2']);
  });

  it('begins anew with every battery', () => {
    const nodes = places([row(0, 'left'), row(1, 'a'), row(0, 'right'), row(1, 'b')]);
    expect(nodes[2]?.parent).toBeUndefined();
    expect(nodes[3]?.parent?.row.title).toBe('right');
    expect(nodes[2]?.y).toBeGreaterThan(nodes[0]?.y ?? 0);
  });
});
