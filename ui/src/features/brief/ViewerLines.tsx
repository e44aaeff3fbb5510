import { Checkbox, Input, Select } from 'antd';
import type { Schemas } from '../../shared/api/client';
import { Drop, Lines } from './Lines';

const TRUSTS = [
  { value: 'FRAME', label: 'frame' },
  { value: 'FOCUS', label: 'focus' },
  { value: 'EXPOSURE', label: 'exposure' },
  { value: 'COLOUR', label: 'colour' },
] satisfies { value: Schemas['Viewer']['trust']; label: string }[];

interface Props {
  shoot: Schemas['Shoot'];
  builds: readonly { id: string; title: string }[];
  onChange: (shoot: Schemas['Shoot']) => void;
}

/** Who looks beside the operator, at which body, and what they judge. */
export function ViewerLines({ shoot, builds, onChange }: Props) {
  const viewer = (i: number, line: Partial<Schemas['Viewer']>) =>
    onChange({ ...shoot, viewers: shoot.viewers.map((v, k) => (k === i ? { ...v, ...line } : v)) });
  return (
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
  );
}
