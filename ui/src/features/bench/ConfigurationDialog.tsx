import { Input, Modal, Radio, Select } from 'antd';
import { useState } from 'react';
import type { Schemas } from '../../shared/api/client';
import { NumberField } from '../../shared/kit/NumberField';

type Request = Schemas['EditRequest'];
type Titled = 'DERIVE' | 'COPY' | 'OTHER_SHOULDER' | 'TIGHT' | 'RENAME';
type Kind = Titled | 'PORTRAIT' | 'CARRY' | 'LEAN' | 'UNCONFIGURE';
type Leaning = NonNullable<Schemas['Bench']['leaning']>;

interface Answers {
  title: string;
  side: 'LEFT' | 'RIGHT';
  carrier: string;
  leaning: Leaning;
}

function requested(kind: Kind, { title, side, carrier, leaning }: Answers): Request {
  switch (kind) {
    case 'PORTRAIT':
      return { kind, title, side };
    case 'CARRY':
      return { kind, placement: carrier };
    case 'LEAN':
      return { kind, ...leaning };
    case 'UNCONFIGURE':
      return { kind };
    default:
      return { kind, title };
  }
}

interface Props {
  bench: Schemas['Bench'];
  onClose: () => void;
  onRequest: (request: Request) => void;
}

const TITLED: readonly Kind[] = ['DERIVE', 'COPY', 'PORTRAIT', 'OTHER_SHOULDER', 'TIGHT', 'RENAME'];

/** What can be made of the configuration someone looks at. */
export function ConfigurationDialog({ bench, onClose, onRequest }: Props) {
  const here = bench.configurations.find((c) => c.id === bench.configuration);
  const [kind, setKind] = useState<Kind>('DERIVE');
  const [title, setTitle] = useState('');
  const [side, setSide] = useState<'LEFT' | 'RIGHT'>('RIGHT');
  const [carrier, setCarrier] = useState('');
  const [leaning, setLeaning] = useState<Leaning>(bench.leaning ?? { rollDegrees: 0, tiltDegrees: 0 });
  const name = here?.title ?? '';
  const carriers = bench.stack.filter((r) => r.canCarry && r.placement !== here?.support);
  const followed = bench.configurations.some((c) => c.basedOn === bench.configuration);
  const choices: [Kind, string, string][] = [
    ['DERIVE', `Derive from ${name}`, 'starts the same and goes on following it; only what differs is kept'],
    ['COPY', `Copy ${name}`, 'starts the same and goes its own way'],
    [
      'PORTRAIT',
      'Turn to portrait',
      'the support goes under a side of the body; plates, doors and faces are judged anew',
    ],
    [
      'OTHER_SHOULDER',
      'For the other shoulder',
      'parts on one side go to the facing port of the other, where one takes them',
    ],
    ['TIGHT', 'For a tight room', 'the battery goes from behind to the face on top that makes the rig the shortest'],
    ['RENAME', `Rename ${name}`, ''],
    ['CARRY', 'Carried by another part', 'hook, pad, head or gimbal that is on the rig'],
    ['LEAN', 'How it leans', bench.leaning ? 'rolled and tilted as it is held' : 'what carries it says how it stands'],
    [
      'UNCONFIGURE',
      `Take ${name} out`,
      followed ? 'another configuration follows it' : 'its changes are dropped; undo brings them back',
    ],
  ];
  const ready = TITLED.includes(kind)
    ? title.trim() !== ''
    : kind === 'CARRY'
      ? carrier !== ''
      : kind === 'LEAN'
        ? bench.leaning !== null
        : bench.configurations.length > 1 && !followed;
  const submit = () => onRequest(requested(kind, { title: title.trim(), side, carrier, leaning }));
  return (
    <Modal
      open
      title="Configurations"
      okText="Do it"
      okButtonProps={{ disabled: !ready }}
      onOk={submit}
      onCancel={onClose}
      width={620}
    >
      <fieldset className="config-kinds">
        <legend className="hush">What to do</legend>
        <Radio.Group vertical value={kind} onChange={(e) => setKind(e.target.value as typeof kind)}>
          {choices.map(([k, words, why]) => (
            <Radio key={k} value={k}>
              {words} <span className="soft">{why}</span>
            </Radio>
          ))}
        </Radio.Group>
      </fieldset>
      {TITLED.includes(kind) && (
        <label className="field">
          <span>Title</span>
          <Input
            autoFocus
            maxLength={40}
            value={title}
            placeholder={kind === 'RENAME' ? name : ''}
            onChange={(e) => setTitle(e.target.value)}
            onPressEnter={() => ready && submit()}
          />
        </label>
      )}
      {kind === 'PORTRAIT' && (
        <label className="field">
          <span>The body’s side that looks down</span>
          <Select
            value={side}
            onChange={setSide}
            options={[
              { value: 'RIGHT', label: 'its right' },
              { value: 'LEFT', label: 'its left' },
            ]}
          />
        </label>
      )}
      {kind === 'CARRY' && (
        <label className="field">
          <span>Part that carries</span>
          <Select
            value={carrier || undefined}
            placeholder={carriers.length === 0 ? 'No other part of this rig says where it carries' : 'Choose'}
            onChange={setCarrier}
            options={carriers.map((c) => ({ value: c.placement, label: c.title }))}
          />
        </label>
      )}
      {kind === 'LEAN' && bench.leaning && <Lean leaning={leaning} onChange={setLeaning} />}
    </Modal>
  );
}

/** By how much, in words that need no sign convention to be known. */
function Lean({ leaning, onChange }: { leaning: Leaning; onChange: (next: Leaning) => void }) {
  return (
    <div className="config-lean">
      <label className="field">
        <span>Camera’s left side higher by, degrees (negative: lower)</span>
        <NumberField
          min={-180}
          max={180}
          step={5}
          value={leaning.rollDegrees}
          onChange={(v) => onChange({ ...leaning, rollDegrees: v ?? 0 })}
        />
      </label>
      <label className="field">
        <span>Lens looks down by, degrees (negative: up)</span>
        <NumberField
          min={-90}
          max={90}
          step={5}
          value={leaning.tiltDegrees}
          onChange={(v) => onChange({ ...leaning, tiltDegrees: v ?? 0 })}
        />
      </label>
    </div>
  );
}
