import { Button, Input, Modal, Segmented } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import type { Schemas } from '../../shared/api/client';
import { handQuery } from '../../shared/api/queries';
import type { Deed, Spot } from '../../shared/api/queries';
import { Waiting } from '../../shared/kit/Waiting';

interface Props {
  spot: Spot;
  revision: number;
  part: string;
  title: string;
  deed: Deed;
  onClose: () => void;
  onRequest: (request: Schemas['EditRequest']) => void;
}

interface How {
  value: Deed;
  label: string;
  act: string;
  empty: string;
}

/** Asked of a whole rig, not of one part. */
const CARRY: How = {
  value: 'CARRY',
  label: 'Carry it',
  act: 'Add it',
  empty: 'Nothing on file carries this rig as it is to be worn, with or without plates between.',
};

const DEEDS: How[] = [
  { value: 'EXCHANGE', label: 'Exchange', act: 'Exchange', empty: 'No other part of this kind goes where it is held.' },
  { value: 'MOVE', label: 'Move', act: 'Move it there', empty: 'No free port on this rig takes one of its faces.' },
  {
    value: 'OTHER_SIDE',
    label: 'To the other side',
    act: 'Move it there',
    empty: 'No free port mirrors the one it hangs on.',
  },
  {
    value: 'DUPLICATE',
    label: 'One more',
    act: 'Add it',
    empty: 'No free port takes one more of it as it is. Add a part here (f) finds ports through adapters.',
  },
  {
    value: 'INSERT',
    label: 'Put a part under it',
    act: 'Put it under',
    empty: 'No part on file has a face for each of the two.',
  },
  {
    value: 'CLOSE',
    label: 'Join a second face',
    act: 'Join them',
    empty: 'None of its free faces is near one that it fits: within 60 mm and 20°. Set the parts nearer first.',
  },
  { value: 'OPEN', label: 'Open a second face', act: 'Open it', empty: 'It has no second face joined.' },
];

/** What hands do with a part that is on the rig: each way with what it costs, before anyone decides. */
export function HandDialog({ spot, revision, part, title, deed, onClose, onRequest }: Props) {
  const [doing, setDoing] = useState<Deed>(deed);
  const [search, setSearch] = useState('');
  const query = useQuery(handQuery(spot, part, doing, useDeferredValue(search.trim()), revision));
  const how = [...DEEDS, CARRY].find((d) => d.value === doing);
  return (
    <Modal open title={title} footer={null} onCancel={onClose} width={860}>
      <div className="fit">
        {deed !== 'CARRY' && (
          <Segmented<Deed>
            aria-label="What to do with it"
            value={doing}
            options={DEEDS.map(({ value, label }) => ({ value, label }))}
            onChange={setDoing}
          />
        )}
        <Input
          placeholder="Search"
          aria-label="Search the ways"
          value={search}
          onChange={(e) => setSearch(e.target.value)}
        />
        {query.isPending && <Waiting />}
        {query.isError && <p className="error">{query.error.message}</p>}
        <Offers offers={query.data?.offers ?? []} act={how?.act ?? ''} onRequest={onRequest} />
        {query.data?.total === 0 && <p className="soft">{search ? 'Nothing matches the search.' : how?.empty}</p>}
        {query.data && query.data.total > query.data.offers.length && (
          <p className="soft">
            {query.data.offers.length} of {query.data.total} shown; search for the others.
          </p>
        )}
      </div>
    </Modal>
  );
}

interface OffersProps {
  offers: Schemas['HandOffer'][];
  act: string;
  onRequest: (request: Schemas['EditRequest']) => void;
}

/** Ways to do something, each with what it costs. */
export function Offers({ offers, act, onRequest }: OffersProps) {
  return (
    <ul className="offers plain" tabIndex={0} aria-label="Ways to do it">
      {offers.map((o, i) => (
        <li key={i}>
          <span>
            <strong>{o.title}</strong> <span className="soft effect">{o.detail}</span>
            {o.lost.map((l) => (
              <span key={l} className="mark caution effect">
                lost: {l}
              </span>
            ))}
          </span>
          <Button aria-label={`${act}: ${o.title}`} onClick={() => onRequest(o.request)}>
            {act}
          </Button>
        </li>
      ))}
    </ul>
  );
}
