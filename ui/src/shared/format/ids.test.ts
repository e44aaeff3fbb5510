import { expect, it } from 'vitest';
import { freshId } from './ids';

it('makes ids in the form of a UUID, each another', () => {
  const all = Array.from({ length: 200 }, freshId);
  expect(new Set(all).size).toBe(200);
  for (const id of all) expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
});
