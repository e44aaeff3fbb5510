import { Checkbox, Select } from 'antd';
import type { Schemas } from '../../shared/api/client';
import { DayLines } from './DayLines';
import { RecordingLines } from './RecordingLines';
import { ViewerLines } from './ViewerLines';
import { Field } from '../../shared/kit/Field';
import { NumberField } from '../../shared/kit/NumberField';

type Shoot = Schemas['Shoot'];

const ORIENTATIONS = [
  { value: 'ANY', label: 'not asked' },
  { value: 'LANDSCAPE', label: 'landscape' },
  { value: 'PORTRAIT', label: 'portrait' },
  { value: 'BOTH', label: 'both' },
] satisfies { value: Shoot['orientation']; label: string }[];

const SOUNDS = [
  { value: 'NONE', label: 'none' },
  { value: 'CAMERA', label: 'kept in the camera' },
  { value: 'SEPARATE', label: 'kept apart' },
] satisfies { value: Shoot['sound']; label: string }[];

const FOCUS = [
  { value: 'UNSAID', label: 'not said' },
  { value: 'AT_LENS', label: 'an assistant, at the lens' },
  { value: 'REMOTE', label: 'an assistant, by a drive' },
  { value: 'OPERATOR', label: 'the operator alone' },
  { value: 'CAMERA', label: 'the camera itself' },
] satisfies { value: Shoot['focus']; label: string }[];

/** How the picture stands, how long power may not go, who looks and hears, and how it is recorded. */
export function ShootForm({
  shoot,
  builds = [],
  onChange,
}: {
  shoot: Shoot;
  builds?: readonly { id: string; title: string }[];
  onChange: (shoot: Shoot) => void;
}) {
  return (
    <>
      <fieldset>
        <legend>Picture, power, sound, focus</legend>
        <Field label="The picture stands">
          <Select
            value={shoot.orientation}
            options={ORIENTATIONS}
            onChange={(orientation) => onChange({ ...shoot, orientation })}
          />
        </Field>
        <Field label="Longest stretch without power-down, 0 for any">
          <NumberField
            value={shoot.longestStretchHours}
            min={0}
            max={24}
            step={0.5}
            suffix="h"
            onChange={(v) => onChange({ ...shoot, longestStretchHours: Number(v ?? 0) })}
          />
        </Field>
        <Field label="Sound">
          <Select value={shoot.sound} options={SOUNDS} onChange={(sound) => onChange({ ...shoot, sound })} />
        </Field>
        <Field label="Focus is pulled by">
          <Select value={shoot.focus} options={FOCUS} onChange={(focus) => onChange({ ...shoot, focus })} />
        </Field>
        <Field label="Somebody says one battery lasts, empty for nobody">
          <NumberField
            value={shoot.claimedHours}
            min={0.5}
            max={48}
            step={0.5}
            suffix="h"
            onChange={(v) => onChange({ ...shoot, claimedHours: v === null ? null : Number(v) })}
          />
        </Field>
        <Field label="People who fly with the batteries, 0 when nobody flies">
          <NumberField
            value={shoot.flyers}
            min={0}
            max={100}
            precision={0}
            onChange={(v) => onChange({ ...shoot, flyers: Number(v ?? 0) })}
          />
        </Field>
        <Field label="Insured for, empty while nobody asked">
          <NumberField
            value={shoot.insuredValue}
            min={1}
            max={1e9}
            step={1000}
            onChange={(v) => onChange({ ...shoot, insuredValue: v === null ? null : Number(v) })}
          />
        </Field>
        <Checkbox
          className="wide"
          checked={shoot.timecode}
          onChange={(e) => onChange({ ...shoot, timecode: e.target.checked })}
        >
          one time for all recorders
        </Checkbox>
      </fieldset>
      <DayLines shoot={shoot} onChange={onChange} />
      <ViewerLines shoot={shoot} builds={builds} onChange={onChange} />
      <RecordingLines shoot={shoot} builds={builds} onChange={onChange} />
    </>
  );
}
