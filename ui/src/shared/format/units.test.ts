import { describe, expect, it } from 'vitest';
import { amount, day, dayAndTime, degreesCelsius, fixed, grams, hours, kilograms, mm, needed } from './units';

describe('units', () => {
  it('writes a true minus and thin-spaced thousands, and no minus before zero', () => {
    expect(fixed(-4, 1)).toBe('−4.0');
    expect(fixed(-0.04, 1)).toBe('0.0');
    expect(grams(12413)).toBe('12\u2009413 g');
    expect(kilograms(12413)).toBe('12.41 kg');
    expect(mm(2)).toBe('2.0 mm');
    expect(degreesCelsius(-4)).toBe('−4 °C');
    expect(degreesCelsius(2.5)).toBe('2.5 °C');
  });

  it('never promises a minute that is not there', () => {
    expect(hours(1.8116)).toBe('1 h 48');
    expect(hours(7.9999)).toBe('7 h 59');
    expect(hours(11)).toBe('11 h 00');
    expect(hours(999)).toBe('no load');
  });

  it('tells a need by its open side', () => {
    expect(needed(84, 86, 'mm')).toBe('85.0 ± 1.0 mm');
    expect(needed(374, null, 'mm')).toBe('at least 374.0 mm');
    expect(needed(null, 50, 'W')).toBe('at most 50.0 W');
    expect(needed(9000, 15300, 'g')).toBe('9.00 kg to 15.30 kg');
    expect(needed(null, null, 'mm')).toBe('');
    expect(amount(0.983, 'N·m')).toBe('0.98 N·m');
  });

  it('writes days as the desk says them', () => {
    expect(day('2026-12-03')).toBe('Thu 3 Dec');
    expect(dayAndTime('2026-12-03T06:30:00')).toBe('Thu 3 Dec 06:30');
  });
});
