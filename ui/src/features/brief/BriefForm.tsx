import { Button, Input, Select } from 'antd';
import { useState } from 'react';
import type { FormEvent, ReactNode } from 'react';
import { api, Problem, unwrap } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { WhenPicker } from '../../shared/kit/WhenPicker';
import { AsksForm } from './AsksForm';
import { ProfileForm } from './ProfileForm';
import { onBodies } from './worn';
import { NumberField } from '../../shared/kit/NumberField';

type Brief = Schemas['BriefView'];

function Field({ label, children }: { label: string; children: ReactNode }) {
  return (
    <label className="field">
      <span>{label}</span>
      {children}
    </label>
  );
}

const SIDES = [
  { value: 'RIGHT', label: 'right' },
  { value: 'LEFT', label: 'left' },
];

/** Edits the fields the checks and the papers use. Nothing is sent until it is saved, and never over another's change. */
export function BriefForm({ job, onDone }: { job: Schemas['JobView']; onDone: (next?: Schemas['JobView']) => void }) {
  const [draft, setDraft] = useState<Brief>(job.brief);
  const [base, setBase] = useState(job.revision);
  const [error, setError] = useState('');
  const [busy, setBusy] = useState(false);
  const put = <K extends keyof Brief>(key: K, value: Brief[K]) => setDraft((d) => ({ ...d, [key]: value }));
  const number = (
    key: 'temperatureC' | 'hoursOn' | 'massFloorKg' | 'massCeilingKg',
    min: number,
    max: number,
    unit: string,
  ) => (
    <NumberField
      value={draft[key]}
      min={min}
      max={max}
      step={0.5}
      suffix={unit}
      style={{ width: '100%' }}
      onChange={(v) => put(key, Number(v ?? 0))}
    />
  );
  const date = (key: 'prep' | 'shoot' | 'back') => <WhenPicker value={draft[key]} onChange={(v) => put(key, v)} />;

  const written = draft.asks.shoot.day.length > 0;
  const worn = onBodies(job.builds, 'configurations');
  const lenses = onBodies(job.builds, 'lenses');

  const save = async (event: FormEvent) => {
    event.preventDefault();
    setBusy(true);
    setError('');
    try {
      const next = unwrap(
        await api.PUT('/api/jobs/{job}/brief', {
          params: { path: { job: job.id } },
          body: { revision: base, brief: draft },
        }),
      );
      onDone(next);
    } catch (e) {
      setBusy(false);
      setError(e instanceof Error ? e.message : 'The brief was not saved.');
      if (e instanceof Problem && e.newer) {
        setBase((e.newer as Schemas['JobView']).revision);
        setError(`${e.message} Save again to put your version over it, or cancel to see theirs.`);
      }
    }
  };

  return (
    <form className="brief-form" onSubmit={(e) => void save(e)}>
      <fieldset>
        <legend>Dates and place</legend>
        <Field label="Prep">{date('prep')}</Field>
        <Field label="Loads out">
          <WhenPicker withTime value={draft.load} onChange={(v) => put('load', v)} />
        </Field>
        <Field label="Shoots from">{date('shoot')}</Field>
        <Field label="Returns">{date('back')}</Field>
        <div className="wide">
          <Field label="Place">
            <Input value={draft.place} maxLength={120} required onChange={(e) => put('place', e.target.value)} />
          </Field>
        </div>
      </fieldset>
      <fieldset>
        <legend>Day and climate</legend>
        <Field label="Temperature">{number('temperatureC', -60, 60, '°C')}</Field>
        <Field label="Camera on, a day">
          {written ? <Input readOnly value="as the blocks below say" /> : number('hoursOn', 0.25, 24, 'h')}
        </Field>
        <Field label="Lightest carried mass, 0 for none">{number('massFloorKg', 0, 200, 'kg')}</Field>
        <Field label="Heaviest carried mass, 0 for none">{number('massCeilingKg', 0, 200, 'kg')}</Field>
      </fieldset>
      <fieldset>
        <legend>Configurations, lenses and crew</legend>
        <div className="wide">
          <Field label="Configurations that must be clear">
            <Select
              mode="multiple"
              value={draft.configurations}
              options={worn}
              onChange={(v: string[]) => put('configurations', v)}
            />
          </Field>
        </div>
        <div className="wide">
          <Field label="Lens set">
            <Select
              mode="multiple"
              value={draft.lenses}
              options={lenses}
              onChange={(v: string[]) => put('lenses', v)}
            />
          </Field>
        </div>
        <Field label="Operator">
          <Input value={draft.operator} maxLength={80} onChange={(e) => put('operator', e.target.value)} />
        </Field>
        <Field label="Focus">
          <Input value={draft.focusPuller} maxLength={80} onChange={(e) => put('focusPuller', e.target.value)} />
        </Field>
        <Field label="Shoulder">
          <Select value={draft.shoulder} options={SIDES} onChange={(v) => put('shoulder', v)} />
        </Field>
        <Field label="Eye">
          <Select value={draft.eye} options={SIDES} onChange={(v) => put('eye', v)} />
        </Field>
        <ProfileForm profile={draft.profile} onChange={(profile) => put('profile', profile)} />
        <div className="wide">
          <Field label="Notes">
            <Input.TextArea
              value={draft.notes}
              maxLength={4000}
              rows={3}
              onChange={(e) => put('notes', e.target.value)}
            />
          </Field>
        </div>
      </fieldset>
      <AsksForm
        asks={draft.asks}
        worn={worn}
        builds={job.builds}
        lenses={lenses}
        onChange={(asks) => put('asks', asks)}
      />
      {error && (
        <p className="error" role="alert">
          {error}
        </p>
      )}
      <div className="brief-actions">
        <Button type="primary" htmlType="submit" disabled={busy}>
          Save the brief
        </Button>
        <Button onClick={() => onDone()}>Cancel</Button>
        {job.stage !== 'DRAFT' && (
          <span className="soft">Saving reopens this job: signatures will not count for it.</span>
        )}
      </div>
    </form>
  );
}
