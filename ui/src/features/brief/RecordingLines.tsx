import { Input } from 'antd';
import type { Schemas } from '../../shared/api/client';
import { NumberField } from '../../shared/kit/NumberField';
import { Line, Lines, useLines } from './Lines';

interface Props {
  shoot: Schemas['Shoot'];
  onChange: (shoot: Schemas['Shoot']) => void;
}

/** The recording modes, with what each writes a second. */
export function RecordingLines({ shoot, onChange }: Props) {
  const { edit, drop, add } = useLines(shoot.recordings, (recordings) => onChange({ ...shoot, recordings }));
  return (
    <Lines title="Recording modes" empty="None is named." add={() => add({ mode: '4K, 25 frames', megabits: 800 })}>
      {shoot.recordings.map((r, i) => (
        <Line key={i} place={`brief.asks.shoot.recordings[${i}]`} onDrop={() => drop(i)}>
          <Input
            aria-label="Mode"
            value={r.mode}
            maxLength={60}
            required
            onChange={(e) => edit(i, { mode: e.target.value })}
          />
          <NumberField
            aria-label="Rate"
            value={r.megabits}
            min={1}
            max={20000}
            suffix="Mbit/s"
            onChange={(v) => edit(i, { megabits: Number(v ?? 1) })}
          />
        </Line>
      ))}
    </Lines>
  );
}
