import { useQuery } from '@tanstack/react-query';
import { Modal, Select } from 'antd';
import { useState } from 'react';
import type { Schemas } from '../../shared/api/client';
import type { Spot } from '../../shared/api/queries';
import { plugOffersQuery } from '../../shared/api/queries';
import { fixed, words } from '../../shared/format/units';

interface Props {
  spot: Spot;
  open: Schemas['Open'][];
  onPlug: (from: string, to: string, item: string) => void;
  onClose: () => void;
}

const choice = (c: Schemas['Choice']) =>
  `${c.type.title}: ${fixed(c.lengthMm, 0)} mm of ${fixed(c.neededMm, 0)} needed${!c.reaches ? ', too short' : ''}, ${c.inKit > 0 ? `${c.inKit} in the kit` : 'to be booked'}`;

/** A cable by hand: from an open socket to one that it fits, by a cable that joins the two. */
export function PlugDialog({ spot, open, onPlug, onClose }: Props) {
  const [from, setFrom] = useState('');
  const [to, setTo] = useState('');
  const [item, setItem] = useState('');
  const offers = useQuery({ ...plugOffersQuery(spot, from), enabled: from !== '' });
  const offer = offers.data?.find((o) => o.to.ref === to);
  const cable = item || (offer?.cables[0]?.type.item ?? '');
  const nothing = offers.data?.length === 0;
  return (
    <Modal
      open
      title="Plug a cable"
      okText="Plug it"
      okButtonProps={{ disabled: offer === undefined || cable === '' }}
      onOk={() => onPlug(from, to, cable)}
      onCancel={onClose}
      width={600}
    >
      <div className="lay">
        <label className="field">
          <span>From</span>
          <Select
            showSearch
            aria-label="From"
            value={from || undefined}
            placeholder="an open socket"
            style={{ width: '100%' }}
            optionFilterProp="label"
            options={open.map((o) => ({
              value: o.ref,
              label: `${o.part}, ${o.title} (${words(o.kind)} ${words(o.direction)}, ${o.connector})`,
            }))}
            onChange={(v) => {
              setFrom(v);
              setTo('');
              setItem('');
            }}
          />
        </label>
        <label className="field">
          <span>To</span>
          <Select
            aria-label="To"
            value={to || undefined}
            disabled={from === '' || nothing}
            loading={offers.isFetching}
            placeholder={from === '' ? 'choose where it begins first' : 'an open socket that a cable leads to'}
            style={{ width: '100%' }}
            options={(offers.data ?? []).map((o) => ({ value: o.to.ref, label: `${o.to.part}, ${o.to.title}` }))}
            onChange={(v) => {
              setTo(v);
              setItem('');
            }}
          />
        </label>
        {nothing && <p>No cable of the catalogue leads from there to an open socket of another part.</p>}
        {offers.isError && <p className="error">{offers.error.message}</p>}
        {offer && (
          <label className="field">
            <span>By</span>
            <Select
              aria-label="By"
              value={cable}
              style={{ width: '100%' }}
              options={offer.cables.map((c) => ({ value: c.type.item, label: choice(c) }))}
              onChange={setItem}
            />
          </label>
        )}
      </div>
    </Modal>
  );
}
