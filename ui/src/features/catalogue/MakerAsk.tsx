import { Input } from 'antd';
import type { Schemas } from '../../shared/api/client';
import { Pick } from '../../shared/kit/Pick';

interface Props {
  ask: Schemas['AskView'];
  first: boolean;
  value: string | undefined;
  doubts: Schemas['DoubtView'][];
  onChange: (value: string) => void;
}

/** One thing that is asked, with how to measure it. */
export function MakerAsk({ ask, first, value, doubts, onChange }: Props) {
  return (
    <label className="maker-ask">
      <span className="maker-what">
        {ask.title}
        {ask.optional && <span className="soft"> may wait</span>}
      </span>
      {ask.kind === 'CHOICE' ? (
        <Pick
          label={ask.title}
          placeholder="choose"
          value={value ?? ''}
          onChange={onChange}
          options={ask.options.map((o) => ({ value: o.id, label: o.title }))}
        />
      ) : (
        <Input
          autoFocus={first}
          aria-label={ask.title}
          inputMode={ask.kind === 'NUMBER' ? 'decimal' : 'text'}
          maxLength={80}
          suffix={ask.unit}
          value={value ?? ''}
          onChange={(e) => onChange(e.target.value)}
        />
      )}
      <span className="soft maker-how">
        {ask.how}
        {doubts.map((d) => (
          <em key={d.text} className={d.blocks ? 'field-wrong' : ''}>
            {' '}
            {d.text}
          </em>
        ))}
      </span>
    </label>
  );
}
