import { Checkbox, Input, Select } from 'antd';
import type { Schemas } from '../../shared/api/client';
import { NumberField } from '../../shared/kit/NumberField';
import { Line, Lines, useLines } from './Lines';

const STATES = [
  { value: 'ON', label: 'on, rolling' },
  { value: 'STANDBY', label: 'on, standby' },
  { value: 'OFF', label: 'off' },
] satisfies { value: Schemas['DayBlock']['state']; label: string }[];

interface Props {
  shoot: Schemas['Shoot'];
  onChange: (shoot: Schemas['Shoot']) => void;
}

/** The day in blocks: what the rig does, for how long, how cold, and whether there is mains. */
export function DayLines({ shoot, onChange }: Props) {
  const { edit, drop, add } = useLines(shoot.day, (day) => onChange({ ...shoot, day }));
  return (
    <Lines
      title="The day in blocks"
      note="How long, how cold, and how many minutes each body records: what batteries must last and cards must hold. What a single device does in a block is said on the Power screen."
      empty="Not written: the day is the hours on, end to end."
      add={() =>
        add({
          what: shoot.day.length === 0 ? 'Call' : 'Block',
          state: 'ON',
          hours: 2,
          celsius: shoot.day.at(-1)?.celsius ?? 20,
          mains: false,
          rolledMinutes: null,
          parts: [],
        })
      }
    >
      {shoot.day.map((b, i) => (
        <Line key={i} place={`brief.asks.shoot.day[${i}]`} onDrop={() => drop(i)}>
          <Input
            aria-label="Block"
            value={b.what}
            maxLength={40}
            required
            onChange={(e) => edit(i, { what: e.target.value })}
          />
          <Select aria-label="The rig is" value={b.state} options={STATES} onChange={(state) => edit(i, { state })} />
          <NumberField
            aria-label={`Length of ${b.what}`}
            value={b.hours}
            min={0.05}
            max={24}
            step={0.25}
            suffix="h"
            onChange={(v) => edit(i, { hours: Number(v ?? 1) })}
          />
          <NumberField
            aria-label={`Climate of ${b.what}`}
            value={b.celsius}
            min={-60}
            max={60}
            suffix="°C"
            onChange={(v) => edit(i, { celsius: Number(v ?? 20) })}
          />
          <NumberField
            aria-label={`Recorded in ${b.what}`}
            title="Minutes that each body records in it; empty while nobody said"
            placeholder={b.state === 'ON' ? 'recorded' : ''}
            disabled={b.state !== 'ON'}
            value={b.state === 'ON' ? b.rolledMinutes : null}
            min={0}
            max={b.hours * 60}
            suffix={b.state === 'ON' ? 'min' : ' '}
            onChange={(v) => edit(i, { rolledMinutes: v })}
          />
          <Checkbox checked={b.mains} onChange={(e) => edit(i, { mains: e.target.checked })}>
            mains
          </Checkbox>
        </Line>
      ))}
    </Lines>
  );
}
