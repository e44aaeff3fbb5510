import { describe, expect, it } from 'vitest';
import { blankPart, nextRevision, readFields, withFields } from './editing';
import { figureName } from '../../shared/format/units';
import { bothLengths, bothMasses, size } from './text';

const fieldsOf = (text: string) => {
  const fields = readFields(text);
  if (!fields) throw new Error('the text is a part');
  return fields;
};

describe('a part as fields and text', () => {
  it('reads the fields from the text', () => {
    expect(readFields(blankPart())).toEqual({ name: '', maker: '', category: '', massGrams: '' });
    expect(readFields('{ not json')).toBeNull();
  });

  it('writes a field back and leaves the rest as it was', () => {
    const before = blankPart();
    const fields = fieldsOf(before);
    const after = withFields(before, {
      ...fields,
      name: 'Clamp',
      category: 'BRACKET',
      massGrams: '42',
    });
    expect(readFields(after)).toEqual({ name: 'Clamp', maker: '', category: 'BRACKET', massGrams: '42' });
    expect(JSON.parse(after).ports).toEqual(JSON.parse(before).ports);
    expect(JSON.parse(withFields(after, { ...fields, massGrams: '' })).links[0].massGrams).toEqual({
      unknown: 'not weighed',
    });
  });

  it('keeps a ranged mass that nobody touched', () => {
    const part = JSON.parse(blankPart());
    part.links[0].massGrams = { value: 680, low: 640, high: 725, source: 'CLAIMED', by: '', when: '' };
    const text = JSON.stringify(part);
    const after = withFields(text, { ...fieldsOf(text), name: 'Other' });
    expect(JSON.parse(after).links[0].massGrams.low).toBe(640);
  });

  it('names a new part after its name, until somebody writes another id', () => {
    const start = blankPart();
    const named = withFields(start, { ...fieldsOf(start), name: 'Rail clamp, 1/4-20' });
    expect(JSON.parse(named).ref).toBe('rail-clamp-1-4-20@1');
    const own = named.replace('rail-clamp-1-4-20@1', 'clamp-r1@1');
    expect(JSON.parse(withFields(own, { ...fieldsOf(own), name: 'Clamp' })).ref).toBe('clamp-r1@1');
    const old = nextRevision(named);
    expect(JSON.parse(withFields(old, { ...fieldsOf(old), name: 'Clamp' })).ref).toBe('rail-clamp-1-4-20@2');
  });

  it('counts the revision up', () => {
    expect(JSON.parse(nextRevision(blankPart())).ref).toBe('new-part@2');
  });
});

describe('figures in words', () => {
  const mass = { kind: 'KNOWN', value: 680, low: 640, high: 725, source: 'CLAIMED', by: '', when: '' } as const;
  it('shows both rulers and never a zero for an unknown', () => {
    expect(bothLengths(25.4)).toBe('25.4 mm (1.00 in)');
    expect(bothLengths(0)).toBe('');
    expect(bothMasses(mass)).toBe('680 ± 45 g (24.0 oz)');
    expect(bothMasses({ kind: 'UNKNOWN', reason: 'no label' })).toBe('not weighed: no label');
    expect(size({ width: 60, height: 8, length: 110 })).toBe('60 × 8 × 110');
    expect(figureName('axisHeightMm')).toBe('axis height, mm');
  });
});
