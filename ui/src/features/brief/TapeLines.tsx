import { Input, Select } from 'antd';
import { NumberField } from '../../shared/kit/NumberField';
import { Line, Lines, useLines } from './Lines';
import type { AsksProps } from './Lines';

/** Distances taped from the sensor plane, which a lens must focus. */
export function TapeLines({ asks, lenses, onChange }: Omit<AsksProps, 'worn'>) {
  const { edit, drop, add } = useLines(asks.tapes, (tapes) => onChange({ ...asks, tapes }));
  return (
    <Lines
      title="Taped distances"
      add={() => add({ what: '', distanceMm: 1000, lens: '' })}
      empty="Nothing is taped yet. Tape from the sensor mark to the subject."
    >
      {asks.tapes.map((t, i) => (
        <Line key={i} place={`brief.asks.tapes[${i}]`} onDrop={() => drop(i)}>
          <Input
            aria-label="What was taped"
            value={t.what}
            required
            maxLength={60}
            placeholder="what, or which mark"
            onChange={(e) => edit(i, { what: e.target.value })}
          />
          <NumberField
            aria-label="Distance"
            value={t.distanceMm}
            min={10}
            max={1000000}
            suffix="mm"
            onChange={(v) => edit(i, { distanceMm: Number(v ?? 1000) })}
          />
          <Select
            aria-label="With lens"
            value={t.lens}
            options={[{ value: '', label: 'any lens' }, ...lenses]}
            onChange={(lens) => edit(i, { lens })}
          />
        </Line>
      ))}
    </Lines>
  );
}
