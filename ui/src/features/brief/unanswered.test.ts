import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../shared/api/client';
import { unanswered } from './unanswered';

const full = {
  operator: 'Ines Varga',
  focusPuller: 'Tomas Roedholt',
  massFloorKg: 9,
  massCeilingKg: 15,
  lenses: ['a40'],
  profile: { heightMm: 1680 },
  asks: { shoot: { day: [{}], viewers: [{}], recordings: [{}] } },
} as unknown as Schemas['BriefView'];

const what = (b: Schemas['BriefView']) => unanswered(b).map((o) => o.what);

describe('what the brief does not say', () => {
  it('is nothing when all is said', () => expect(what(full)).toEqual([]));

  it('is the height only of somebody who operates', () => {
    const nobody = { ...full, operator: '', profile: { ...full.profile, heightMm: null } };
    expect(what(nobody)).toEqual(['who operates']);
    expect(what({ ...nobody, operator: 'Ines Varga' })).toEqual(['the operator’s height']);
  });

  it('tells the weightiest first, and what follows', () => {
    const open = {
      ...full,
      massFloorKg: 0,
      massCeilingKg: 0,
      lenses: [],
      asks: { shoot: { day: [], viewers: [], recordings: [] } },
    };
    expect(what(open as unknown as Schemas['BriefView'])).toEqual([
      'the day in blocks',
      'how heavy it may be',
      'the lens set',
      'who else looks',
      'the recording mode',
    ]);
    expect(unanswered(open as unknown as Schemas['BriefView'])[0]?.until).toContain('end to end');
  });
});
