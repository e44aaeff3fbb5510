import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../shared/api/client';
import { grouped, matching } from './findings';
import type { Finding } from './logic';

const finding = (key: string, more: Partial<Finding>): Finding =>
  ({
    key,
    title: key,
    why: '',
    check: 'rods.fit',
    expectation: '',
    severity: 'STOP',
    state: 'FOUND',
    lens: '',
    placements: [],
    read: false,
    waived: false,
    ...more,
  }) as Finding;

const all = [
  finding('Rods short', { placements: ['rods'] }),
  finding('Nose-heavy', { check: 'balance.shift', severity: 'CAUTION', lens: 'a135' }),
  finding('Mass unknown', {
    check: 'mass.known',
    severity: 'CAUTION',
    state: 'NOT_CHECKED',
    read: true,
    placements: ['rods'],
  }),
  finding('Waived', { waived: true }),
];
const shown = { lens: 'a40', stack: [{ placement: 'rods', title: 'Rods 15 mm' }] } as unknown as Schemas['Bench'];
const keys = (found: Finding[]) => found.map((f) => f.key);

describe('findings asked for', () => {
  it('are of a kind, undecided, or still to do', () => {
    const of = (kind: 'STOP' | 'CAUTION' | 'OPEN' | 'UNREAD') => keys(matching(all, { search: '', kind, by: 'LENS' }));
    expect(of('CAUTION')).toEqual(['Nose-heavy', 'Mass unknown']);
    expect(of('OPEN')).toEqual(['Mass unknown']);
    expect(of('UNREAD')).toEqual(['Rods short', 'Nose-heavy']);
  });

  it('have all the words, in title, reason or check', () => {
    expect(keys(matching(all, { search: 'SHIFT nose', kind: 'ALL', by: 'LENS' }))).toEqual(['Nose-heavy']);
    expect(matching(all, { search: 'nose short', kind: 'ALL', by: 'LENS' })).toEqual([]);
  });

  it('stand by lens, part or matter', () => {
    expect(grouped(all, 'LENS', shown, 9).map((g) => [g.title, g.findings.length])).toEqual([
      ['', 3],
      ['with other lenses', 1],
    ]);
    expect(grouped(all, 'PART', shown, 9).map((g) => g.title)).toEqual(['Rods 15 mm', 'the whole rig']);
    expect(grouped(all, 'MATTER', shown, 9).map((g) => g.title)).toEqual(['rods', 'balance', 'mass']);
  });

  it('are no more than asked for', () => {
    expect(grouped(all, 'LENS', shown, 2).flatMap((g) => keys(g.findings))).toEqual(['Rods short', 'Mass unknown']);
    expect(grouped(all, 'MATTER', shown, 2).flatMap((g) => keys(g.findings))).toHaveLength(2);
  });
});
