import { Input, Select } from 'antd';
import { Field } from '../../shared/kit/Field';
import type { FieldsProps } from './DatesFields';
import { ProfileForm } from './ProfileForm';

const SIDES = [
  { value: 'RIGHT', label: 'right' },
  { value: 'LEFT', label: 'left' },
];

interface Props extends FieldsProps {
  worn: { value: string; label: string }[];
  lenses: { value: string; label: string }[];
}

/** What must be clear, with which lenses, and who works with it. */
export function CrewFields({ brief, worn, lenses, onChange }: Props) {
  return (
    <fieldset>
      <legend>Configurations, lenses and crew</legend>
      <Field wide label="Configurations that must be clear" place="brief.configurations">
        <Select
          mode="multiple"
          value={brief.configurations}
          options={worn}
          onChange={(configurations: string[]) => onChange({ configurations })}
        />
      </Field>
      <Field wide label="Lens set" place="brief.lenses">
        <Select
          mode="multiple"
          value={brief.lenses}
          options={lenses}
          onChange={(chosen: string[]) => onChange({ lenses: chosen })}
        />
      </Field>
      <Field label="Operator" place="brief.operator">
        <Input value={brief.operator} maxLength={80} onChange={(e) => onChange({ operator: e.target.value })} />
      </Field>
      <Field label="Focus" place="brief.focusPuller">
        <Input value={brief.focusPuller} maxLength={80} onChange={(e) => onChange({ focusPuller: e.target.value })} />
      </Field>
      <Field label="Shoulder">
        <Select value={brief.shoulder} options={SIDES} onChange={(shoulder) => onChange({ shoulder })} />
      </Field>
      <Field label="Eye">
        <Select value={brief.eye} options={SIDES} onChange={(eye) => onChange({ eye })} />
      </Field>
      <ProfileForm profile={brief.profile} onChange={(profile) => onChange({ profile })} />
      <Field wide label="Notes" place="brief.notes">
        <Input.TextArea
          value={brief.notes}
          maxLength={4000}
          rows={3}
          onChange={(e) => onChange({ notes: e.target.value })}
        />
      </Field>
    </fieldset>
  );
}
