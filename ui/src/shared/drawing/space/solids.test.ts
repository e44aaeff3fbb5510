import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import { joined, lines, merged, ownerOf, solidOf } from './solids';

const part = (more: Partial<Schemas['SpacePart']>): Schemas['SpacePart'] => ({
  placement: 'p',
  title: 'P',
  category: 'LENS',
  turned: [],
  convex: [],
  ...more,
});

/** The box around points, corner to corner. */
function around(points: Float32Array) {
  const of = (axis: number, pick: (...n: number[]) => number) =>
    pick(...Array.from(points).filter((_, i) => i % 3 === axis));
  return [0, 1, 2].map((axis) => [of(axis, Math.min), of(axis, Math.max)]);
}

describe('the matter of a part', () => {
  it('is round about its line, from end to end', () => {
    const bar = solidOf(part({ turned: [{ ends: [0, 0, 10, 0, 0, 110], radius: 20, endRadius: 20, bore: 0 }] }));
    const [x, y, z] = around(bar);
    expect(z?.[0]).toBeCloseTo(10, 3);
    expect(z?.[1]).toBeCloseTo(110, 3);
    expect(x?.[1]).toBeCloseTo(20, 3);
    expect(y?.[0]).toBeCloseTo(-20, 1);
  });

  it('has its wider end where it is wider', () => {
    const hood = solidOf(part({ turned: [{ ends: [0, 0, 0, 0, 0, 40], radius: 10, endRadius: 30, bore: 0 }] }));
    const wide = Array.from(hood).reduce(
      (most, v, i) => (i % 3 === 0 && hood[i + 2] === 40 ? Math.max(most, v) : most),
      0,
    );
    expect(wide).toBeCloseTo(30, 3);
  });

  it('leaves a bore open', () => {
    const ring = solidOf(part({ turned: [{ ends: [0, 0, 0, 0, 6, 0], radius: 50, endRadius: 50, bore: 40 }] }));
    for (let i = 0; i < ring.length; i += 3) {
      expect(Math.hypot(ring[i] ?? 0, ring[i + 2] ?? 0)).toBeGreaterThan(39.9);
    }
  });

  it('is closed by its corners', () => {
    const cube = [0, 1].flatMap((x) => [0, 1].flatMap((y) => [0, 1].flatMap((z) => [x * 4, y * 5, z * 6])));
    const solid = solidOf(part({ convex: [cube] }));
    expect(solid.length).toBe(12 * 9);
    expect(around(solid)).toEqual([
      [0, 4],
      [0, 5],
      [0, 6],
    ]);
  });
});

describe('many parts as one body', () => {
  const one = new Float32Array([0, 0, 0, 1, 0, 0, 0, 0, -1]);
  const two = new Float32Array([...one, ...one]);

  it('knows whose a triangle is', () => {
    const { geometry, starts } = merged(
      [one, two],
      [
        [1, 0, 0],
        [0, 1, 0],
      ],
    );
    expect(starts).toEqual([0, 1]);
    expect([0, 1, 2].map((t) => ownerOf(t, starts))).toEqual([0, 1, 1]);
    expect(ownerOf(0, [])).toBe(-1);
    expect(geometry.getAttribute('position').count).toBe(9);
  });

  it('is brighter where it looks to the light', () => {
    const down = new Float32Array([0, 0, 0, 0, 0, -1, 1, 0, 0]);
    const colour = merged(
      [one, down],
      [
        [1, 1, 1],
        [1, 1, 1],
      ],
    ).geometry.getAttribute('color');
    expect(colour.getX(0)).toBeGreaterThan(colour.getX(3));
  });

  it('joins what is there', () => {
    expect(Array.from(joined([one, new Float32Array([7])]))).toEqual([...one, 7]);
    expect(lines([one]).getAttribute('position').count).toBe(3);
  });
});
