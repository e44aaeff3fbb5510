import { describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../shared/api/client';
import { sections } from './found';
import type { InJob } from './found';

const bench = {
  stack: [
    { placement: 'rods', title: 'Rods 15 mm', on: 'Bridge plate' },
    { placement: 'body', title: 'Body', on: 'the rig’s origin' },
  ],
  findings: [{ title: 'Rods 74 mm short', severity: 'STOP', placements: ['rods'], lens: 'a135' }],
} as unknown as Schemas['Bench'];

const here: InJob = { job: 'kiln', title: 'Kiln', asked: new URLSearchParams('build=a&config=vest&lens=l25'), bench };

const told = (search: string, at?: InJob) =>
  sections(search, [{ title: 'Balance with each lens', key: 'b', run: vi.fn() }], at, [], []).map(
    (s) => [s.title, s.hits.map((h) => h.label)] as const,
  );

describe('what is found', () => {
  it('is findings and parts of the rig on view, each where it stands', () => {
    const all = sections('rods', [], here, [], []);
    expect(all.map((s) => s.title)).toEqual(['Findings here', 'Parts on this rig']);
    expect(all[0]?.hits[0]?.to).toBe('/jobs/kiln/bench?build=a&config=vest&lens=a135&part=rods');
    expect(all[1]?.hits[0]?.to).toBe('/jobs/kiln/bench?build=a&config=vest&lens=l25&part=rods');
  });

  it('is what bears the words in its name before what stands on it', () => {
    const stack = [
      { placement: 'box', title: 'Matte box', on: 'Rods 15 mm' },
      { placement: 'rods', title: 'Rods 15 mm', on: 'Bridge plate' },
    ];
    const [parts] = sections(
      'rods 15',
      [],
      { ...here, bench: { ...bench, stack, findings: [] } as unknown as Schemas['Bench'] },
      [],
      [],
    );
    expect(parts?.hits.map((h) => h.label)).toEqual(['Rods 15 mm', 'Matte box']);
  });

  it('is the part that is meant before what is said of it', () => {
    const findings = [{ title: 'Trial fit: arm on Rods 15 mm', severity: 'NOTE', placements: ['arm'], lens: '' }];
    const at = { ...here, bench: { ...bench, findings } as unknown as Schemas['Bench'] };
    expect(told('rods 15', at).map(([title]) => title)).toEqual(['Parts on this rig', 'Findings here']);
    expect(told('trial', at).map(([title]) => title)).toEqual(['Findings here']);
  });

  it('is commands by any of their words, in any order', () => {
    expect(told('lens bal')).toEqual([['Do', ['Balance with each lens']]]);
    expect(told('zeppelin')).toEqual([]);
  });

  it('is a screen of the job with the standpoint kept', () => {
    const [go] = sections('power', [], here, [], []);
    expect(go?.hits[0]).toMatchObject({ label: 'Kiln: power', to: '/jobs/kiln/power?build=a&config=vest&lens=l25' });
  });

  it('is what the server found, unfiltered, a few of each', () => {
    const jobs = Array.from({ length: 20 }, (_, i) => ({ id: `j${i}`, title: `Job ${i}`, place: 'Skerrow' }));
    const [first] = sections('x', [], undefined, jobs as unknown as Schemas['JobLine'][], []);
    expect(first?.hits).toHaveLength(7);
    expect(first?.hits[0]?.to).toBe('/jobs/j0/brief');
  });
});
