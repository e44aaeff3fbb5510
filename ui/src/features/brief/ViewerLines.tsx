import { Checkbox, Input, Select } from 'antd';
import type { Schemas } from '../../shared/api/client';
import { Line, Lines, useLines } from './Lines';

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
  const { edit, drop, add } = useLines(shoot.viewers, (viewers) => onChange({ ...shoot, viewers }));
  return (
    <Lines
      title="Viewers"
      empty="Nobody beside the operator is named."
      add={() => add({ who: 'Director', trust: 'FRAME', byRadio: false, build: '' })}
    >
      {shoot.viewers.map((v, i) => (
        <Line key={i} place={`brief.asks.shoot.viewers[${i}]`} onDrop={() => drop(i)}>
          <Input
            aria-label="Who looks"
            value={v.who}
            maxLength={60}
            required
            onChange={(e) => edit(i, { who: e.target.value })}
          />
          <Select aria-label="Judges" value={v.trust} options={TRUSTS} onChange={(trust) => edit(i, { trust })} />
          {builds.length > 1 && (
            <Select
              aria-label="Looks at"
              value={v.build || builds[0]?.id}
              options={builds.map((b) => ({ value: b.id, label: b.title }))}
              onChange={(build) => edit(i, { build })}
            />
          )}
          <Checkbox checked={v.byRadio} onChange={(e) => edit(i, { byRadio: e.target.checked })}>
            by radio
          </Checkbox>
        </Line>
      ))}
    </Lines>
  );
}
