import { describe, expect, it } from 'vitest';
import { onBodies } from './worn';

const body = (id: string, configurations: string[]) => ({
  id,
  title: `Body ${id}`,
  body: 'body@1',
  configurations: configurations.map((c) => ({ id: c, title: `As ${c}` })),
  lenses: [],
});

describe('what a brief asks of bodies', () => {
  it('lists a configuration once, however many bodies have it', () => {
    expect(onBodies([body('A', ['studio', 'low']), body('B', ['studio'])], 'configurations')).toEqual([
      { value: 'studio', label: 'As studio (every body)' },
      { value: 'low', label: 'As low (Body A)' },
    ]);
  });

  it('says nothing of bodies where there is one', () => {
    expect(onBodies([body('A', ['studio'])], 'configurations')).toEqual([{ value: 'studio', label: 'As studio' }]);
  });
});
