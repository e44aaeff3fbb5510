import { Input, Select } from 'antd';
import type { Schemas } from '../../shared/api/client';
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
      <label className="field">
        <span>Height, empty while nobody asked</span>
        <NumberField
          value={profile.heightMm === null ? null : profile.heightMm / 10}
          min={120}
          max={230}
          suffix="cm"
          style={{ width: '100%' }}
          onChange={(v) => onChange({ ...profile, heightMm: v === null ? null : Number(v) * 10 })}
        />
      </label>
      <label className="field">
        <span>Starts and stops with the hand</span>
        <Select value={profile.hand} options={HANDS} onChange={(hand) => onChange({ ...profile, hand })} />
      </label>
      <label className="field">
        <span>Grips</span>
        <Select value={profile.grips} options={GRIPS} onChange={(grips) => onChange({ ...profile, grips })} />
      </label>
      <label className="field">
        <span>Looks at a screen on the</span>
        <Select value={profile.screen} options={SCREENS} onChange={(screen) => onChange({ ...profile, screen })} />
      </label>
      <label className="field wide">
        <span>Because, in the operator’s words</span>
        <Input
          value={profile.reason}
          maxLength={400}
          onChange={(e) => onChange({ ...profile, reason: e.target.value })}
        />
      </label>
    </>
  );
}
