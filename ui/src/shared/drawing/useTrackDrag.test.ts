import { describe, expect, it } from 'vitest';
import { dragged, trackOf } from './useTrackDrag';
import type { Track } from './useTrackDrag';

const track = (over: Partial<Track> = {}): Track => ({
  key: 'rods:rods:0',
  placement: 'rods',
  moves: ['rods', 'box'],
  perMm: [1, 0],
  from: -80,
  to: -20,
  value: -52,
  step: 0,
  ...over,
});

describe('dragging along a slide', () => {
  it('follows the pointer along the slide only', () => {
    expect(dragged(track(), 10, 40)).toBe(-42);
    expect(dragged(track({ perMm: [-1, 0] }), 10, 0)).toBe(-62);
    expect(dragged(track({ perMm: [0, 1] }), 40, 10)).toBe(-42);
  });

  it('stays inside the travel and on whole steps', () => {
    expect(dragged(track(), 500, 0)).toBe(-20);
    expect(dragged(track(), -500, 0)).toBe(-80);
    expect(dragged(track({ step: 5, value: -50 }), 7.6, 0)).toBe(-40);
    expect(dragged(track(), 0.2, 0)).toBe(-52);
  });

  it('stands still when it is seen end-on', () => {
    expect(dragged(track({ perMm: [0, 0] }), 30, 30)).toBe(-52);
  });

  it('takes a part’s own slide before one that carries it along', () => {
    const own = track({ key: 'box:rods:0', placement: 'box', moves: ['box'] });
    expect(trackOf([track(), own], 'box')?.key).toBe('box:rods:0');
    expect(trackOf([track()], 'box')?.key).toBe('rods:rods:0');
    expect(trackOf([track()], 'body')).toBeUndefined();
    expect(trackOf([track({ perMm: [0.01, 0] })], 'rods')).toBeUndefined();
  });
});
