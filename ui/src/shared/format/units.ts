import type { Schemas } from '../api/client';

/** The one place where numbers become text. Minus is a true minus, thousands are thin-spaced. */

const THIN = '\u2009';

export function fixed(value: number, decimals: number): string {
  const rounded = Number(value.toFixed(decimals));
  const text = Math.abs(rounded).toFixed(decimals);
  const [whole = '0', part] = text.split('.');
  const grouped = whole.replace(/\B(?=(\d{3})+(?!\d))/g, THIN);
  return (rounded < 0 ? '−' : '') + grouped + (part === undefined ? '' : `.${part}`);
}

const PLURALS = new Intl.PluralRules('en');

/** "1 stop", "4 stops", "2 batteries": the word for several is made by an s unless it is given. */
export function counted(n: number, one: string, several = `${one}s`): string {
  return `${fixed(n, 0)} ${PLURALS.select(n) === 'one' ? one : several}`;
}

/** A name of the server's as people read it. */
export const words = (name: string): string => name.toLowerCase().replaceAll('_', ' ');

/** "axisHeightMm" as "axis height, mm". */
export function figureName(name: string): string {
  const spaced = name.replace(/([A-Z])/g, ' $1').toLowerCase();
  return spaced.replace(/ (mm|grams|watts|volts|amps|degrees|nm)$/, ', $1').replace(', nm', ', N·m');
}

/** A number as people type it: a comma or a point before its decimals, a true minus or a hyphen. */
export function plainNumber(typed: string | undefined): string {
  return (typed ?? '')
    .replace(/[\s\u2009]/g, '')
    .replace('−', '-')
    .replace(',', '.');
}

export const mm = (value: number): string => `${fixed(value, 1)} mm`;
export const grams = (value: number): string => `${fixed(value, 0)} g`;
export const kilograms = (value: number): string => `${fixed(value / 1000, 2)} kg`;

/** A mass with what it is off by, both ways; never a zero for an unknown. */
export function massText(m: Schemas['Figure']): string {
  if (m.kind === 'UNKNOWN') return 'not weighed';
  const off = Math.max(m.high - m.value, m.value - m.low);
  return off > 0.5 ? `${fixed(m.value, 0)} ± ${fixed(off, 0)} g` : grams(m.value);
}

export const amperes = (value: number): string => `${fixed(value, 1)} A`;
export const degreesCelsius = (value: number): string => `${fixed(value, Number.isInteger(value) ? 0 : 1)} °C`;

/** Hours as "7 h 16"; never rounded up, so that a charge is not promised longer than it lasts. */
export function hours(value: number): string {
  if (value >= 999) return 'no load';
  const minutes = Math.floor(value * 60 + 1e-6);
  return `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')}`;
}

/** A day in hours as clock-like words: 1.5 is 1 h 30. */
export function atHour(hour: number): string {
  const minutes = Math.round(hour * 60);
  return `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')}`;
}

/** A figure with the unit of its evidence. */
export function amount(value: number, unit: string): string {
  switch (unit) {
    case 'h':
      return hours(value);
    case 'g':
      return kilograms(value);
    case 'N·m':
      return `${fixed(value, 2)} N·m`;
    case 'parts':
    case 'plugs':
      return `${fixed(value, 0)} ${unit}`;
    case '°':
      return `${fixed(value, 1)}°`;
    default:
      return `${fixed(value, 1)} ${unit}`;
  }
}

/** What is needed, open on the side that has no bound. */
export function needed(from: number | null, to: number | null, unit: string): string {
  if (from === null && to === null) return '';
  if (from === null) return `at most ${amount(to ?? 0, unit)}`;
  if (to === null) return `at least ${amount(from, unit)}`;
  const middle = (from + to) / 2;
  const half = (to - from) / 2;
  if (unit === 'mm' && half <= 10) return `${fixed(middle, 1)} ± ${fixed(half, 1)} mm`;
  return `${amount(from, unit)} to ${amount(to, unit)}`;
}

const zone = { timeZone: 'UTC' } as const;
const DAY = new Intl.DateTimeFormat('en-GB', { ...zone, weekday: 'short', day: 'numeric', month: 'short' });
const MONTH = new Intl.DateTimeFormat('en-GB', { ...zone, month: 'long', year: 'numeric' });

const INSTANT = new Intl.DateTimeFormat('en-GB', {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  hour: '2-digit',
  minute: '2-digit',
});

/** "Thu 3 Dec 06:30" from a local date and time as the desk wrote it; a moment is told by the clock of whoever reads. */
export function dayAndTime(local: string): string {
  if (local.endsWith('Z')) return INSTANT.format(Date.parse(local)).replaceAll(',', '');
  const [date = '', time = ''] = local.split('T');
  return `${day(date)} ${time.slice(0, 5)}`.trim();
}

/** "Thu 3 Dec". */
export const day = (date: string): string => DAY.format(Date.parse(`${date}T00:00:00Z`)).replace(',', '');

/** "December 2026". */
export const monthOf = (local: string): string => MONTH.format(Date.parse(`${local.slice(0, 10)}T00:00:00Z`));

/** How far a lens stands from where it focuses to infinity, in a few words. */
export function flangeText(mounted: { flange: string; flangeErrorMm: number | null }): string {
  const { flange, flangeErrorMm: error } = mounted;
  if (error === null || flange === 'NOT_CHECKED') return 'flange distance not on file';
  if (flange === 'FINE') return 'reaches infinity';
  return `${fixed(Math.abs(error), 2)} mm ${error > 0 ? 'short of' : 'beyond'} infinity`;
}
