import { Select } from 'antd';
import type { Schemas } from '../../shared/api/client';
import { Field } from '../../shared/kit/Field';
import { NumberField } from '../../shared/kit/NumberField';
import type { AsksProps } from './Lines';

/** How much room there is where the rig is worn. */
export function RoomFields({ asks, worn, onChange }: Omit<AsksProps, 'lenses'>) {
  const put = (line: Partial<Schemas['RoomLimit']>) => onChange({ ...asks, room: { ...asks.room, ...line } });
  return (
    <fieldset>
      <legend>Room where it is worn</legend>
      <Field label="Depth along the lens, 0 for any" place="brief.asks.room">
        <NumberField
          value={asks.room.depthMm}
          min={0}
          max={100000}
          suffix="mm"
          onChange={(v) => put({ depthMm: Number(v ?? 0) })}
        />
      </Field>
      <Field label="Height, 0 for any">
        <NumberField
          value={asks.room.heightMm}
          min={0}
          max={100000}
          suffix="mm"
          onChange={(v) => put({ heightMm: Number(v ?? 0) })}
        />
      </Field>
      <Field wide label="Binds these, or all when none is named">
        <Select
          mode="multiple"
          value={asks.room.configurations}
          options={worn}
          onChange={(configurations: string[]) => put({ configurations })}
        />
      </Field>
    </fieldset>
  );
}
