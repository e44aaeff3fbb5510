import { Checkbox, Select } from 'antd';
import type { Schemas } from '../../shared/api/client';
import { NumberField } from '../../shared/kit/NumberField';
import { Line, Lines, useLines } from './Lines';
import type { AsksProps } from './Lines';

/** How quickly, and with what, one configuration must become another. */
export function ChangeLines({ asks, worn, onChange }: AsksProps) {
  const { edit, drop, add } = useLines(asks.changes, (changes: Schemas['ChangeDemand'][]) =>
    onChange({ ...asks, changes }),
  );
  const [from, to] = worn;
  return (
    <Lines
      title="Changes between configurations"
      add={from && to && (() => add({ from: from.value, to: to.value, minutes: 5, toolFree: false }))}
      empty={to ? 'None is asked for.' : 'The build has one configuration; nothing changes into another.'}
    >
      {asks.changes.map((c, i) => (
        <Line key={i} place={`brief.asks.changes[${i}]`} onDrop={() => drop(i)}>
          <Select aria-label="From" value={c.from} options={worn} onChange={(v) => edit(i, { from: v })} />
          <Select aria-label="To" value={c.to} options={worn} onChange={(v) => edit(i, { to: v })} />
          <NumberField
            aria-label="Minutes at most"
            value={c.minutes}
            min={0.5}
            max={480}
            step={0.5}
            suffix="min"
            onChange={(v) => edit(i, { minutes: Number(v ?? 5) })}
          />
          <Checkbox checked={c.toolFree} onChange={(e) => edit(i, { toolFree: e.target.checked })}>
            no tools
          </Checkbox>
        </Line>
      ))}
    </Lines>
  );
}
