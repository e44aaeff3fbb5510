import { Modal, Select } from 'antd';
import { useState } from 'react';
import type { Schemas } from '../../shared/api/client';
import { fixed } from '../../shared/format/units';

interface Props {
  cable: Schemas['CableView'];
  parts: Schemas['PartView'][];
  onLay: (along: string[], stowedIn: string) => void;
  onClose: () => void;
}

/** How a cable is laid: along which parts, in order, and where the rest of it lies. */
export function LayDialog({ cable, parts, onLay, onClose }: Props) {
  const [along, setAlong] = useState<string[]>(cable.along);
  const [stowedIn, setStowedIn] = useState(cable.stowedIn);
  const bays = parts.filter((p) => p.bay);
  return (
    <Modal
      open
      title={`Lay ${cable.name}`}
      okText="Lay it so"
      onOk={() => onLay(along, stowedIn)}
      onCancel={onClose}
      width={560}
    >
      <div className="lay">
        <p>
          From {cable.a.part}, {cable.a.socket}, to {cable.b.part}, {cable.b.socket}. As it lies it needs{' '}
          <span className="num">{fixed(cable.neededMm, 0)} mm</span> and has{' '}
          <span className="num">{fixed(cable.lengthMm, 0)} mm</span>.
        </p>
        <label className="field">
          <span>Led along, in order from {cable.a.part}</span>
          <Select
            mode="multiple"
            aria-label="Led along"
            value={along}
            maxCount={12}
            style={{ width: '100%' }}
            placeholder="nothing: the shortest way along the rig’s axes"
            optionFilterProp="label"
            options={parts.map((p) => ({ value: p.id, label: p.title }))}
            onChange={setAlong}
          />
        </label>
        <label className="field">
          <span>The rest lies in</span>
          <Select
            aria-label="The rest lies in"
            value={stowedIn}
            style={{ width: '100%' }}
            options={[
              { value: '', label: 'nothing: tied where it runs' },
              ...bays.map((b) => ({ value: b.id, label: `the battery bay of ${b.title}` })),
            ]}
            onChange={setStowedIn}
          />
        </label>
        {stowedIn !== '' && (
          <p className="soft">
            A cable in that bay leaves no room for the battery that carries the body through a change.
          </p>
        )}
      </div>
    </Modal>
  );
}
