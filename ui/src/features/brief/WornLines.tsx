import { useQuery } from '@tanstack/react-query';
import { wornQuery } from '../../shared/api/houseQueries';
import { NumberField } from '../../shared/kit/NumberField';
import { Pick } from '../../shared/kit/Pick';
import { Line, Lines, useLines } from './Lines';
import type { AsksProps } from './Lines';

const KILO = 1000;

/** How each configuration is to be worn, and between which masses where the job's own window is not meant. */
export function WornLines({ asks, worn, onChange }: AsksProps) {
  const ways = useQuery(wornQuery);
  const { edit, drop, add } = useLines(asks.worn, (next) => onChange({ ...asks, worn: next }));
  const free = worn.find((w) => !asks.worn.some((d) => d.configuration === w.value));
  return (
    <Lines
      title="Worn as, and how heavy"
      add={free && (() => add({ configuration: free.value, worn: 'STICKS', floorGrams: 0, ceilingGrams: 0 }))}
      empty="Nobody said: any support will do, and the job’s window holds for all."
    >
      {asks.worn.map((d, i) => (
        <Line key={i} place={`brief.asks.worn[${i}]`} onDrop={() => drop(i)}>
          <Pick
            label="Configuration"
            value={d.configuration}
            onChange={(configuration) => edit(i, { configuration })}
            options={[
              ...worn,
              ...(worn.some((w) => w.value === d.configuration)
                ? []
                : [{ value: d.configuration, label: d.configuration }]),
            ]}
          />
          <Pick
            label="Worn"
            value={d.worn}
            onChange={(way) => edit(i, { worn: way })}
            options={(ways.data ?? []).map((w) => ({ value: w.id, label: w.title }))}
          />
          {(['floorGrams', 'ceilingGrams'] as const).map((limit) => (
            <NumberField
              key={limit}
              aria-label={limit === 'floorGrams' ? 'Lightest carried mass' : 'Heaviest carried mass'}
              prefix={limit === 'floorGrams' ? 'at least' : 'at most'}
              min={0}
              max={200}
              step={0.1}
              suffix="kg"
              value={d[limit] / KILO}
              onChange={(v) => edit(i, { [limit]: Math.round((v ?? 0) * KILO) })}
            />
          ))}
        </Line>
      ))}
    </Lines>
  );
}
