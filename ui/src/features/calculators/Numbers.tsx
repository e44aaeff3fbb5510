import { Input } from 'antd';
import { plainNumber } from '../../shared/format/units';

interface Props {
  title: string;
  unit: string;
  value: string;
  onChange: (value: string) => void;
}

/** What somebody typed, by either decimal sign; NaN while it is none. */
export const number = (text: string) => (text.trim() === '' ? NaN : Number(plainNumber(text)));

export const all = (...texts: string[]) => texts.every((t) => Number.isFinite(number(t)));

/** A number with its unit; text until it is asked about, so that nothing is lost while it is typed. */
export function Figure({ title, unit, value, onChange }: Props) {
  return (
    <label className="calc-field">
      <span>{title}</span>
      <span className="calc-input">
        <Input className="num" inputMode="decimal" value={value} onChange={(e) => onChange(e.target.value)} />
        <span className="soft">{unit}</span>
      </span>
    </label>
  );
}

/** "0.5x2 1x3" as sizes and counts; what cannot be read is told. */
export function shimsOf(text: string): { thicknessMm: number; count: number }[] | string {
  const all: { thicknessMm: number; count: number }[] = [];
  for (const word of text.split(/[\s,;]+/).filter(Boolean)) {
    const match = /^(\d+(?:\.\d+)?)(?:[x×*](\d+))?$/.exec(word);
    if (!match) return `“${word}” is not a thickness; write 0.5x2 for two of 0.5 mm`;
    all.push({ thicknessMm: Number(match[1]), count: Number(match[2] ?? 1) });
  }
  return all;
}
