import { Input } from 'antd';
import type { Schemas } from '../../shared/api/client';
import { Field } from '../../shared/kit/Field';
import { NumberField } from '../../shared/kit/NumberField';
import { WhenPicker } from '../../shared/kit/WhenPicker';

type Brief = Schemas['BriefView'];

export interface FieldsProps {
  brief: Brief;
  onChange: (change: Partial<Brief>) => void;
}

/** When and where. */
export function DatesFields({ brief, onChange }: FieldsProps) {
  return (
    <fieldset>
      <legend>Dates and place</legend>
      <Field label="Prep" place="brief.prep">
        <WhenPicker value={brief.prep} onChange={(prep) => onChange({ prep })} />
      </Field>
      <Field label="Loads out" place="brief.load">
        <WhenPicker withTime value={brief.load} onChange={(load) => onChange({ load })} />
      </Field>
      <Field label="Shoots from" place="brief.shoot">
        <WhenPicker value={brief.shoot} onChange={(shoot) => onChange({ shoot })} />
      </Field>
      <Field label="Returns" place="brief.back">
        <WhenPicker value={brief.back} onChange={(back) => onChange({ back })} />
      </Field>
      <Field wide label="Place" place="brief.place">
        <Input value={brief.place} maxLength={120} onChange={(e) => onChange({ place: e.target.value })} />
      </Field>
    </fieldset>
  );
}

type Figure = 'temperatureC' | 'hoursOn' | 'massFloorKg' | 'massCeilingKg';

/** How cold, how long and how heavy. */
export function DayFields({ brief, onChange }: FieldsProps) {
  const number = (key: Figure, label: string, [min, max]: [number, number], unit: string) => (
    <Field label={label} place={`brief.${key}`}>
      <NumberField
        value={brief[key]}
        min={min}
        max={max}
        step={0.5}
        suffix={unit}
        onChange={(v) => onChange({ [key]: Number(v ?? 0) })}
      />
    </Field>
  );
  return (
    <fieldset>
      <legend>Day and climate</legend>
      {number('temperatureC', 'Temperature', [-60, 60], '°C')}
      {brief.asks.shoot.day.length > 0 ? (
        <Field label="Camera on, a day">
          <Input readOnly value="as the blocks below say" />
        </Field>
      ) : (
        number('hoursOn', 'Camera on, a day', [0.25, 24], 'h')
      )}
      {number('massFloorKg', 'Lightest carried mass, 0 for none', [0, 200], 'kg')}
      {number('massCeilingKg', 'Heaviest carried mass, 0 for none', [0, 200], 'kg')}
    </fieldset>
  );
}
