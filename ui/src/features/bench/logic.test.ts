import { describe, expect, it } from 'vitest';
import { along, counts, evidence, forLens, nudged, settingText, raisedWords } from './logic';
import type { Finding, Setting } from './logic';

const setting = (over: Partial<Setting> = {}): Setting => ({
  key: 'a:b:0',
  title: 'slide',
  value: 10,
  from: -20,
  to: 20,
  step: 0,
  unit: 'mm',
  byFeel: false,
  ...over,
});

const finding = (severity: Finding['severity'], lens = '', waived = false): Finding => ({
  key: `${severity}${lens}`,
  check: 'c',
  severity,
  state: 'FOUND',
  title: 't',
  why: 'w',
  evidence: {
    kind: 'AMOUNT',
    measured: 83,
    range: { from: 83, to: 83 },
    neededFrom: 84,
    neededTo: 86,
    unit: 'mm',
    source: 'MAKER',
  },
  placements: [],
  lens,
  read: false,
  readBy: '',
  waived,
  waiver: '',
  expectation: '',
  formula: '',
  source: '',
});

describe('bench logic', () => {
  it('tells evidence as has and needs', () => {
    expect(evidence(finding('STOP').evidence)).toEqual({ has: '83.0 mm', needs: '85.0 ± 1.0 mm' });
    expect(
      evidence({
        kind: 'AMOUNT',
        measured: 83,
        range: { from: 80, to: 88 },
        neededFrom: 84,
        neededTo: null,
        unit: 'mm',
        source: 'MAKER',
      }).has,
    ).toBe('83.0 mm (80.0 to 88.0)');
    expect(evidence({ kind: 'STATEMENT', measured: 'one', needed: 'two' })).toEqual({ has: 'one', needs: 'two' });
  });

  it('puts the findings of the lens in the slot first', () => {
    const all = [finding('STOP'), finding('STOP', 'a'), finding('CAUTION', 'b')];
    expect(forLens(all, 'a').here).toHaveLength(2);
    expect(forLens(all, 'a').others.map((f) => f.lens)).toEqual(['b']);
  });

  it('counts what stands open in words', () => {
    expect(counts([finding('STOP'), finding('STOP', '', true), finding('CAUTION'), finding('CAUTION')])).toBe(
      '1 stop · 2 cautions',
    );
    expect(counts([])).toBe('');
  });

  it('nudges inside the travel, and by whole teeth', () => {
    expect(nudged(setting(), 1)).toBe(11);
    expect(nudged(setting(), -0.1)).toBe(9.9);
    expect(nudged(setting({ value: 19.5 }), 1)).toBe(20);
    expect(nudged(setting({ value: 12, step: 6, to: 180, unit: '°' }), 1)).toBe(18);
    expect(nudged(setting({ value: 12, step: 6, from: -180, unit: '°' }), -0.1)).toBe(6);
  });

  it('says how a setting was made', () => {
    expect(settingText(setting({ byFeel: true }))).toBe('slide 10.0 by feel');
    expect(settingText(setting({ title: 'tilt', unit: '°', value: -12 }))).toBe('tilt −12.0°');
  });

  it('keeps a bar between its ends', () => {
    expect(along(5, 0, 10)).toBe(0.5);
    expect(along(50, 0, 10)).toBe(1);
    expect(along(1, 1, 1)).toBe(0);
  });
});

describe('raisedWords', () => {
  it('counts trial fits and tells the rest', () => {
    expect(raisedWords(['Rods 4 mm short'], 2)).toEqual(['Rods 4 mm short', '2 trial fits']);
    expect(raisedWords([], 1)).toEqual(['one trial fit']);
    expect(raisedWords([], 0)).toEqual([]);
  });
});
