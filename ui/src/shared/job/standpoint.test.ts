import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { addressOf, spotIn } from './standpoint';

const build = (id: string, configurations: string[], lenses: string[]) =>
  ({
    id,
    title: id,
    configurations: configurations.map((c) => ({ id: c, title: c })),
    lenses: lenses.map((l) => ({ id: l, title: l })),
  }) as unknown as Schemas['BuildRef'];

const builds = [build('a', ['vest', 'low'], ['l35', 'l50']), build('b', ['sticks'], ['l50'])];

describe('where one stands', () => {
  it('is what the address says', () => {
    const { spot } = spotIn('kiln', builds, new URLSearchParams('build=a&config=low&lens=l50'));
    expect(spot).toEqual({ job: 'kiln', build: 'a', configuration: 'low', lens: 'l50' });
  });

  it('is the first of each where the address says nothing that there is', () => {
    expect(spotIn('kiln', builds, new URLSearchParams('build=b&config=low&lens=gone')).spot).toEqual({
      job: 'kiln',
      build: 'b',
      configuration: 'sticks',
      lens: 'l50',
    });
    expect(spotIn('kiln', [], new URLSearchParams()).spot).toEqual({
      job: 'kiln',
      build: '',
      configuration: '',
      lens: '',
    });
  });

  it('goes along from screen to screen, without what belongs to one screen', () => {
    const now = new URLSearchParams('build=a&config=low&lens=l50&part=plate&view=FRONT');
    expect(addressOf('kiln', 'power', now)).toBe('/jobs/kiln/power?build=a&config=low&lens=l50&part=plate');
    expect(addressOf('kiln', 'bench', now, { part: 'rods' })).toBe(
      '/jobs/kiln/bench?build=a&config=low&lens=l50&part=rods',
    );
    expect(addressOf('kiln', 'bench', now, { part: '', config: '' })).toBe('/jobs/kiln/bench?build=a&lens=l50');
    expect(addressOf('kiln', 'brief', new URLSearchParams())).toBe('/jobs/kiln/brief');
  });
});
