import { describe, expect, it } from 'vitest';
import { shimsOf } from './Numbers';

describe('shims at hand', () => {
  it('are read as thickness and count', () => {
    expect(shimsOf('0.5x2 1.0x3, 5')).toEqual([
      { thicknessMm: 0.5, count: 2 },
      { thicknessMm: 1, count: 3 },
      { thicknessMm: 5, count: 1 },
    ]);
    expect(shimsOf('')).toEqual([]);
  });
  it('say which word cannot be read', () => {
    expect(shimsOf('0.5x2 thin')).toBe('“thin” is not a thickness; write 0.5x2 for two of 0.5 mm');
  });
});
