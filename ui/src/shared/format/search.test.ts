import { expect, it } from 'vitest';
import { hasWords } from './search';

it('wants every word, in any order and case', () => {
  expect(hasWords('Rail clamp, 1/4-20', 'CLAMP rail')).toBe(true);
  expect(hasWords('Rail clamp, 1/4-20', 'clamp rod')).toBe(false);
  expect(hasWords('Rail clamp', '  ')).toBe(true);
});
