import { Input, Select } from 'antd';
import type { Schemas } from '../../shared/api/client';
import { NumberField } from '../../shared/kit/NumberField';
import { Line, Lines, useLines } from './Lines';

interface Props {
  shoot: Schemas['Shoot'];
  builds: readonly { id: string; title: string }[];
  onChange: (shoot: Schemas['Shoot']) => void;
}

/** The recording modes, with what each writes a second. */
export function RecordingLines({ shoot, builds, onChange }: Props) {
  const { edit, drop, add } = useLines(shoot.recordings, (recordings) => onChange({ ...shoot, recordings }));
  return (
    <Lines
      title="Recording modes"
      empty="None is named."
      add={() => add({ mode: '4K', megabits: 800, fps: 25, build: '' })}
    >
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
          <NumberField
            aria-label="Frames"
            placeholder="frames"
            value={r.fps}
            min={1}
            max={10000}
            suffix="/s"
            onChange={(fps) => edit(i, { fps })}
          />
          {builds.length > 1 && (
            <Select
              aria-label="On which body"
              value={r.build}
              options={[{ value: '', label: 'every body' }, ...builds.map((b) => ({ value: b.id, label: b.title }))]}
              onChange={(build) => edit(i, { build })}
            />
          )}
        </Line>
      ))}
    </Lines>
  );
}
