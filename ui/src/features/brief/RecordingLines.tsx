import { Input } from 'antd';
import type { Schemas } from '../../shared/api/client';
import { NumberField } from '../../shared/kit/NumberField';
import { Drop, Lines } from './Lines';

interface Props {
  shoot: Schemas['Shoot'];
  onChange: (shoot: Schemas['Shoot']) => void;
}

/** The recording modes, with what each writes a second. */
export function RecordingLines({ shoot, onChange }: Props) {
  const recording = (i: number, line: Partial<Schemas['Recording']>) =>
    onChange({ ...shoot, recordings: shoot.recordings.map((r, k) => (k === i ? { ...r, ...line } : r)) });
  return (
    <Lines
      title="Recording modes"
      empty="None is named."
      add={() => onChange({ ...shoot, recordings: [...shoot.recordings, { mode: '4K, 25 frames', megabits: 800 }] })}
    >
      {shoot.recordings.map((r, i) => (
        <div key={i} className="ask-line">
          <Input
            aria-label="Mode"
            value={r.mode}
            maxLength={60}
            required
            onChange={(e) => recording(i, { mode: e.target.value })}
          />
          <NumberField
            aria-label="Rate"
            value={r.megabits}
            min={1}
            max={20000}
            suffix="Mbit/s"
            onChange={(v) => recording(i, { megabits: Number(v ?? 1) })}
          />
          <Drop onClick={() => onChange({ ...shoot, recordings: shoot.recordings.filter((_, k) => k !== i) })} />
        </div>
      ))}
    </Lines>
  );
}
