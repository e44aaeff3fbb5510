import { Input, Select } from 'antd';
import type { Schemas } from '../../shared/api/client';
import { Field } from '../../shared/kit/Field';
import { NumberField } from '../../shared/kit/NumberField';

type Profile = Schemas['Profile'];

const HANDS = [
  { value: 'RIGHT', label: 'right' },
  { value: 'LEFT', label: 'left' },
] satisfies { value: Profile['hand']; label: string }[];

const SCREENS = [
  { value: 'ANY', label: 'either side' },
  { value: 'LEFT', label: 'left' },
  { value: 'RIGHT', label: 'right' },
] satisfies { value: Profile['screen']; label: string }[];

const GRIPS = [
  { value: 'ANY', label: 'as they come' },
  { value: 'BOTH', label: 'on both sides' },
  { value: 'LEFT', label: 'on the left' },
  { value: 'RIGHT', label: 'on the right' },
] satisfies { value: Profile['grips']; label: string }[];

/** How the operator is built and likes to work; what is left open asks nothing of the rig. */
export function ProfileForm({ profile, onChange }: { profile: Profile; onChange: (profile: Profile) => void }) {
  return (
    <>
      <Field label="Height, empty while nobody asked">
        <NumberField
          value={profile.heightMm === null ? null : profile.heightMm / 10}
          min={120}
          max={230}
          suffix="cm"
          onChange={(v) => onChange({ ...profile, heightMm: v === null ? null : Number(v) * 10 })}
        />
      </Field>
      <Field label="Starts and stops with the hand">
        <Select value={profile.hand} options={HANDS} onChange={(hand) => onChange({ ...profile, hand })} />
      </Field>
      <Field label="Grips">
        <Select value={profile.grips} options={GRIPS} onChange={(grips) => onChange({ ...profile, grips })} />
      </Field>
      <Field label="Looks at a screen on the">
        <Select value={profile.screen} options={SCREENS} onChange={(screen) => onChange({ ...profile, screen })} />
      </Field>
      <Field wide label="Because, in the operator’s words">
        <Input
          value={profile.reason}
          maxLength={400}
          onChange={(e) => onChange({ ...profile, reason: e.target.value })}
        />
      </Field>
    </>
  );
}
