import { Checkbox, Input, Select } from 'antd';
import type { Schemas } from '../../shared/api/client';
import { Drop, Lines } from './Lines';
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

const STATES = [
  { value: 'ON', label: 'on, rolling' },
  { value: 'STANDBY', label: 'on, standby' },
  { value: 'OFF', label: 'off' },
] satisfies { value: Schemas['DayBlock']['state']; label: string }[];

const TRUSTS = [
  { value: 'FRAME', label: 'frame' },
  { value: 'FOCUS', label: 'focus' },
  { value: 'EXPOSURE', label: 'exposure' },
  { value: 'COLOUR', label: 'colour' },
] satisfies { value: Schemas['Viewer']['trust']; label: string }[];

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
  const viewer = (i: number, line: Partial<Schemas['Viewer']>) =>
    onChange({ ...shoot, viewers: shoot.viewers.map((v, k) => (k === i ? { ...v, ...line } : v)) });
  const block = (i: number, line: Partial<Schemas['DayBlock']>) =>
    onChange({ ...shoot, day: shoot.day.map((b, k) => (k === i ? { ...b, ...line } : b)) });
  const recording = (i: number, line: Partial<Schemas['Recording']>) =>
    onChange({ ...shoot, recordings: shoot.recordings.map((r, k) => (k === i ? { ...r, ...line } : r)) });
  return (
    <>
      <fieldset>
        <legend>Picture, power, sound</legend>
        <label className="field">
          <span>The picture stands</span>
          <Select
            value={shoot.orientation}
            options={ORIENTATIONS}
            onChange={(orientation) => onChange({ ...shoot, orientation })}
          />
        </label>
        <label className="field">
          <span>Longest stretch without power-down, 0 for any</span>
          <NumberField
            value={shoot.longestStretchHours}
            min={0}
            max={24}
            step={0.5}
            suffix="h"
            style={{ width: '100%' }}
            onChange={(v) => onChange({ ...shoot, longestStretchHours: Number(v ?? 0) })}
          />
        </label>
        <label className="field">
          <span>Sound</span>
          <Select value={shoot.sound} options={SOUNDS} onChange={(sound) => onChange({ ...shoot, sound })} />
        </label>
        <label className="field">
          <span>Somebody says one battery lasts, empty for nobody</span>
          <NumberField
            value={shoot.claimedHours}
            min={0.5}
            max={48}
            step={0.5}
            suffix="h"
            style={{ width: '100%' }}
            onChange={(v) => onChange({ ...shoot, claimedHours: v === null ? null : Number(v) })}
          />
        </label>
        <label className="field">
          <span>People who fly with the batteries, 0 when nobody flies</span>
          <NumberField
            value={shoot.flyers}
            min={0}
            max={100}
            precision={0}
            style={{ width: '100%' }}
            onChange={(v) => onChange({ ...shoot, flyers: Number(v ?? 0) })}
          />
        </label>
        <label className="field">
          <span>Insured for, empty while nobody asked</span>
          <NumberField
            value={shoot.insuredValue}
            min={1}
            max={1e9}
            step={1000}
            style={{ width: '100%' }}
            onChange={(v) => onChange({ ...shoot, insuredValue: v === null ? null : Number(v) })}
          />
        </label>
        <Checkbox
          className="wide"
          checked={shoot.timecode}
          onChange={(e) => onChange({ ...shoot, timecode: e.target.checked })}
        >
          one time for all recorders
        </Checkbox>
      </fieldset>
      <Lines
        title="The day in blocks"
        empty="Not written: the day is the hours on, end to end."
        add={() =>
          onChange({
            ...shoot,
            day: [
              ...shoot.day,
              {
                what: shoot.day.length === 0 ? 'Call' : 'Block',
                state: 'ON',
                hours: 2,
                celsius: shoot.day.at(-1)?.celsius ?? 20,
                mains: false,
                parts: [],
              },
            ],
          })
        }
      >
        {shoot.day.length > 0 && (
          <p className="soft">
            These blocks decide what the batteries must last. What a single device does in a block is said on the Power
            screen.
          </p>
        )}
        {shoot.day.map((b, i) => (
          <div key={i} className="ask-line">
            <Input
              aria-label="Block"
              value={b.what}
              maxLength={40}
              required
              onChange={(e) => block(i, { what: e.target.value })}
            />
            <Select
              aria-label="The rig is"
              value={b.state}
              options={STATES}
              onChange={(state) => block(i, { state })}
            />
            <NumberField
              aria-label={`Length of ${b.what}`}
              value={b.hours}
              min={0.05}
              max={24}
              step={0.25}
              suffix="h"
              onChange={(v) => block(i, { hours: Number(v ?? 1) })}
            />
            <NumberField
              aria-label={`Climate of ${b.what}`}
              value={b.celsius}
              min={-60}
              max={60}
              suffix="°C"
              onChange={(v) => block(i, { celsius: Number(v ?? 20) })}
            />
            <Checkbox checked={b.mains} onChange={(e) => block(i, { mains: e.target.checked })}>
              mains
            </Checkbox>
            <Drop onClick={() => onChange({ ...shoot, day: shoot.day.filter((_, k) => k !== i) })} />
          </div>
        ))}
      </Lines>
      <Lines
        title="Viewers"
        empty="Nobody beside the operator is named."
        add={() =>
          onChange({
            ...shoot,
            viewers: [...shoot.viewers, { who: 'Director', trust: 'FRAME', byRadio: false, build: '' }],
          })
        }
      >
        {shoot.viewers.map((v, i) => (
          <div key={i} className="ask-line">
            <Input
              aria-label="Who looks"
              value={v.who}
              maxLength={60}
              required
              onChange={(e) => viewer(i, { who: e.target.value })}
            />
            <Select aria-label="Judges" value={v.trust} options={TRUSTS} onChange={(trust) => viewer(i, { trust })} />
            {builds.length > 1 && (
              <Select
                aria-label="Looks at"
                value={v.build || builds[0]?.id}
                options={builds.map((b) => ({ value: b.id, label: b.title }))}
                onChange={(build) => viewer(i, { build })}
              />
            )}
            <Checkbox checked={v.byRadio} onChange={(e) => viewer(i, { byRadio: e.target.checked })}>
              by radio
            </Checkbox>
            <Drop onClick={() => onChange({ ...shoot, viewers: shoot.viewers.filter((_, k) => k !== i) })} />
          </div>
        ))}
      </Lines>
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
    </>
  );
}
