import { Select } from 'antd';
import { NumberField } from '../../shared/kit/NumberField';
import { Line, Lines, useLines } from './Lines';
import type { AsksProps } from './Lines';

const SPARED = [
  'BATTERY',
  'CABLE',
  'MEDIA',
  'MONITOR',
  'TRANSMISSION',
  'TIMECODE',
  'SOUND',
  'PLATE',
  'ADAPTER',
  'BRACKET',
  'ROD',
].map((c) => ({ value: c, label: c.toLowerCase() }));

/** How many of each type travel beside what is on the rig. */
export function SpareLines({ asks, onChange }: Pick<AsksProps, 'asks' | 'onChange'>) {
  const { edit, drop, add } = useLines(asks.spares, (spares) => onChange({ ...asks, spares }));
  return (
    <Lines
      title="Spares of each type"
      add={() => add({ category: 'CABLE', pieces: 1 })}
      empty="No policy: the kit is as it is."
    >
      {asks.spares.map((s, i) => (
        <Line key={i} place={`brief.asks.spares[${i}]`} onDrop={() => drop(i)}>
          <Select
            aria-label="Category"
            value={s.category}
            options={SPARED}
            onChange={(category) => edit(i, { category })}
          />
          <NumberField
            aria-label="Pieces"
            value={s.pieces}
            min={1}
            max={100}
            suffix="pieces"
            onChange={(v) => edit(i, { pieces: Number(v ?? 1) })}
          />
        </Line>
      ))}
    </Lines>
  );
}
