import { useQuery } from '@tanstack/react-query';
import { Input, Modal, Select } from 'antd';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { fitQuery, portsQuery } from '../../api/queries';
import type { Spot } from '../../api/queries';
import { massText } from './StackPanel';

interface Props {
  spot: Spot;
  revision: number;
  placement: string;
  onClose: () => void;
  onAdd: (port: string, offer: Schemas['OfferView']) => void;
}

/** Pick a free port, see only what mates with it. Parts of the kit come first. */
export function FitDialog({ spot, revision, placement, onClose, onAdd }: Props) {
  const ports = useQuery(portsQuery(spot, revision));
  const own = ports.data?.filter((p) => p.ref.startsWith(`${placement}:`)) ?? [];
  const [picked, setPicked] = useState('');
  const [search, setSearch] = useState('');
  const port = picked || own[0]?.ref || '';
  const offers = useQuery(fitQuery(spot, port, revision));
  const shown = (offers.data ?? []).filter((o) => `${o.name} ${o.maker}`.toLowerCase().includes(search.toLowerCase()));
  return (
    <Modal open title="Add a part" footer={null} onCancel={onClose} width={620}>
      <div className="fit">
        <label className="field">
          <span>On this free port</span>
          <Select
            autoFocus
            value={port || undefined}
            placeholder={ports.isPending ? 'Loading' : 'This part has no free port; pick another'}
            showSearch={{ optionFilterProp: 'label' }}
            onChange={(v: string) => setPicked(v)}
            options={(ports.data ?? []).map((p) => ({ value: p.ref, label: `${p.part}: ${p.title}` }))}
          />
        </label>
        <Input placeholder="Search what mates" aria-label="Search what mates" value={search} onChange={(e) => setSearch(e.target.value)} />
        <ul className="offers">
          {shown.map((o) => (
            <li key={o.item}>
              <span>
                <strong>{o.name}</strong> <span className="soft">by its {o.portTitle}</span>
              </span>
              <span className="num soft">{o.inKit > 0 ? `${o.inKit} in kit` : 'from stock'}</span>
              <span className="num">{massText(o.mass)}</span>
              <button className="btn" type="button" onClick={() => onAdd(port, o)}>
                Add
              </button>
            </li>
          ))}
        </ul>
        {port && offers.data && shown.length === 0 && (
          <p className="soft">{search ? 'Nothing that mates matches the search.' : 'Nothing that mates fits on this port: no such part in the catalogue, or no stretch left that is long enough.'}</p>
        )}
      </div>
    </Modal>
  );
}
