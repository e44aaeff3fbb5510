import { fixed } from '../../shared/format/units';

/** A figure of the house with as many decimals as it was written with, and its unit. */
export function ruleFigure(value: number, unit: string): string {
  const decimals = Math.min(3, (String(value).split('.')[1] ?? '').length);
  return `${fixed(value, decimals)} ${unit}`.trim();
}
