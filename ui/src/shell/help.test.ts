import { describe, expect, it } from 'vitest';
import { helpFor } from './help';

describe('help', () => {
  it('knows every screen of the application by its address', () => {
    const titles = [
      '/jobs',
      '/jobs/kiln/brief',
      '/jobs/kiln/bench',
      '/jobs/kiln/lenses',
      '/jobs/kiln/assembly',
      '/jobs/kiln/power',
      '/jobs/kiln/signal',
      '/jobs/kiln/media',
      '/jobs/kiln/changeover',
      '/jobs/kiln/tests',
      '/jobs/kiln/packing',
      '/jobs/kiln/dispatch',
      '/stock',
      '/catalogue',
      '/catalogue/make/plate',
      '/catalogue/parts/box@1',
      '/calculators',
      '/house',
      '/people',
      '/me',
    ].map((path) => helpFor(path)?.title);
    expect(titles).toEqual([
      'Jobs',
      'Brief',
      'Bench',
      'Lenses',
      'Assembly',
      'Power',
      'Signal',
      'Media',
      'Changeover',
      'Tests',
      'Packing',
      'Dispatch',
      'Stock',
      'Catalogue',
      'New part',
      'Catalogue',
      'Calculators',
      'House',
      'People',
      'Your account',
    ]);
    expect(helpFor('/sign-in')).toBeUndefined();
  });
});
