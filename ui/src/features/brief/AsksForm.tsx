import { Checkbox, Input, Select } from 'antd';
import type { Schemas } from '../../shared/api/client';
import { JobWays } from './JobWays';
import { Drop, Lines } from './Lines';
import { ShootForm } from './ShootForm';
import { NumberField } from '../../shared/kit/NumberField';

type Asks = Schemas['Asks'];

interface Option {
  value: string;
  label: string;
}

interface Props {
  asks: Asks;
  worn: Option[];
  lenses: Option[];
  builds?: readonly { id: string; title: string }[];
  onChange: (asks: Asks) => void;
}

const SPARED: Option[] = [
  'BATTERY',
  'CABLE',
  'MEDIA',
  'MONITOR',
  'TRANSMISSION',
  'TIMECODE',
  'SOUND',
  'PLATE',
  'ADAPTER',
  'BRACKET',
  'ROD',
].map((c) => ({
  value: c,
  label: c.toLowerCase(),
}));

/** Changes, room, spares and distances: lists that grow a line at a time. */
export function AsksForm({ asks, worn, lenses, builds, onChange }: Props) {
  const first = worn[0]?.value ?? '';
  const second = worn[1]?.value ?? '';
  const edit = <K extends 'changes' | 'spares' | 'tapes'>(key: K, i: number, line: Partial<Asks[K][number]>) =>
    onChange({ ...asks, [key]: asks[key].map((old, k) => (k === i ? { ...old, ...line } : old)) });
  const drop = (key: 'changes' | 'spares' | 'tapes', i: number) =>
    onChange({ ...asks, [key]: asks[key].filter((_, k) => k !== i) });
  return (
    <>
      <Lines
        title="Changes between configurations"
        add={
          worn.length > 1
            ? () =>
                onChange({
                  ...asks,
                  changes: [...asks.changes, { from: first, to: second, minutes: 5, toolFree: false }],
                })
            : undefined
        }
        empty={
          worn.length > 1 ? 'None is asked for.' : 'The build has one configuration; nothing changes into another.'
        }
      >
        {asks.changes.map((c, i) => (
          <div key={i} className="ask-line">
            <Select aria-label="From" value={c.from} options={worn} onChange={(from) => edit('changes', i, { from })} />
            <Select aria-label="To" value={c.to} options={worn} onChange={(to) => edit('changes', i, { to })} />
            <NumberField
              aria-label="Minutes at most"
              value={c.minutes}
              min={0.5}
              max={480}
              step={0.5}
              suffix="min"
              onChange={(v) => edit('changes', i, { minutes: Number(v ?? 5) })}
            />
            <Checkbox checked={c.toolFree} onChange={(e) => edit('changes', i, { toolFree: e.target.checked })}>
              no tools
            </Checkbox>
            <Drop onClick={() => drop('changes', i)} />
          </div>
        ))}
      </Lines>
      <fieldset>
        <legend>Room where it is worn</legend>
        <label className="field">
          <span>Depth along the lens, 0 for any</span>
          <NumberField
            value={asks.room.depthMm}
            min={0}
            max={100000}
            suffix="mm"
            style={{ width: '100%' }}
            onChange={(v) => onChange({ ...asks, room: { ...asks.room, depthMm: Number(v ?? 0) } })}
          />
        </label>
        <label className="field">
          <span>Height, 0 for any</span>
          <NumberField
            value={asks.room.heightMm}
            min={0}
            max={100000}
            suffix="mm"
            style={{ width: '100%' }}
            onChange={(v) => onChange({ ...asks, room: { ...asks.room, heightMm: Number(v ?? 0) } })}
          />
        </label>
        <label className="field wide">
          <span>Binds these, or all when none is named</span>
          <Select
            mode="multiple"
            value={asks.room.configurations}
            options={worn}
            onChange={(v: string[]) => onChange({ ...asks, room: { ...asks.room, configurations: v } })}
          />
        </label>
      </fieldset>
      <Lines
        title="Spares of each type"
        add={() => onChange({ ...asks, spares: [...asks.spares, { category: 'CABLE', pieces: 1 }] })}
        empty="No policy: the kit is as it is."
      >
        {asks.spares.map((s, i) => (
          <div key={i} className="ask-line">
            <Select
              aria-label="Category"
              value={s.category}
              options={SPARED}
              onChange={(category) => edit('spares', i, { category })}
            />
            <NumberField
              aria-label="Pieces"
              value={s.pieces}
              min={1}
              max={100}
              suffix="pieces"
              onChange={(v) => edit('spares', i, { pieces: Number(v ?? 1) })}
            />
            <Drop onClick={() => drop('spares', i)} />
          </div>
        ))}
      </Lines>
      <Lines
        title="Taped distances"
        add={() => onChange({ ...asks, tapes: [...asks.tapes, { what: '', distanceMm: 1000, lens: '' }] })}
        empty="Nothing is taped yet. Tape from the sensor mark to the subject."
      >
        {asks.tapes.map((t, i) => (
          <div key={i} className="ask-line">
            <Input
              aria-label="What was taped"
              value={t.what}
              required
              maxLength={60}
              placeholder="what, or which mark"
              onChange={(e) => edit('tapes', i, { what: e.target.value })}
            />
            <NumberField
              aria-label="Distance"
              value={t.distanceMm}
              min={10}
              max={1000000}
              suffix="mm"
              onChange={(v) => edit('tapes', i, { distanceMm: Number(v ?? 1000) })}
            />
            <Select
              aria-label="With lens"
              value={t.lens}
              options={[{ value: '', label: 'any lens' }, ...lenses]}
              onChange={(lens) => edit('tapes', i, { lens })}
            />
            <Drop onClick={() => drop('tapes', i)} />
          </div>
        ))}
      </Lines>
      <ShootForm shoot={asks.shoot} builds={builds} onChange={(shoot) => onChange({ ...asks, shoot })} />
      <JobWays ways={asks.ways} onChange={(ways) => onChange({ ...asks, ways })} />
    </>
  );
}
