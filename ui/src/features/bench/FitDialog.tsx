import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { Button, Input, Modal, Select } from 'antd';
import { useDeferredValue, useState } from 'react';
import type { UIEvent } from 'react';
import type { Schemas } from '../../shared/api/client';
import { fitQuery, portsQuery } from '../../shared/api/queries';
import type { Spot } from '../../shared/api/queries';
import { Waiting } from '../../shared/kit/Waiting';
import { fixed, grams, massText } from '../../shared/format/units';

interface Props {
  spot: Spot;
  revision: number;
  placement: string;
  onClose: () => void;
  onAdd: (port: string, offer: Schemas['OfferView']) => void;
}

/** Pick a free port, see only what mates with it, each with what it would do. The most useful come first. */
export function FitDialog({ spot, revision, placement, onClose, onAdd }: Props) {
  const ports = useQuery(portsQuery(spot, revision));
  const own = ports.data?.filter((p) => p.ref.startsWith(`${placement}:`)) ?? [];
  const [picked, setPicked] = useState('');
  const [search, setSearch] = useState('');
  const asked = useDeferredValue(search.trim());
  const port = picked || own[0]?.ref || '';
  const offers = useInfiniteQuery(fitQuery(spot, port, asked, revision));
  const shown = offers.data?.pages.flatMap((p) => p.offers) ?? [];
  const total = offers.data?.pages[0]?.total ?? 0;
  const onScroll = (e: UIEvent<HTMLUListElement>) => {
    const box = e.currentTarget;
    const near = box.scrollHeight - box.scrollTop - box.clientHeight < 240;
    if (near && offers.hasNextPage && !offers.isFetchingNextPage) void offers.fetchNextPage();
  };
  return (
    <Modal open title="Add a part" footer={null} onCancel={onClose} width={760}>
      <div className="fit">
        <label className="field">
          <span>On this free port</span>
          <Select
            autoFocus
            value={port || undefined}
            placeholder={ports.isPending ? 'Loading' : 'This part has no free port; pick another'}
            showSearch={{ optionFilterProp: 'label' }}
            onChange={(v: string) => setPicked(v)}
            options={(ports.data ?? []).map((p) => ({ value: p.ref, label: `${p.part}: ${p.title}, ${p.standard}` }))}
          />
        </label>
        <div className="fit-search">
          <Input
            placeholder="Search what fits"
            aria-label="Search what fits"
            value={search}
            onChange={(e) => setSearch(e.target.value)}
          />
          <span className="num soft">{port && offers.data ? `${total} fit` : ''}</span>
        </div>
        {port && offers.isPending && <Waiting />}
        {offers.isError && <p className="error">{offers.error.message}</p>}
        <ul className="offers" onScroll={onScroll} tabIndex={0} aria-label="Parts that fit">
          {shown.map((o) => (
            <OfferLine key={`${o.item}:${o.port}`} offer={o} onAdd={() => onAdd(port, o)} />
          ))}
          {offers.isFetchingNextPage && <li className="soft">More</li>}
        </ul>
        {port && offers.data && shown.length === 0 && (
          <p className="soft">
            {search
              ? 'Nothing that fits matches the search.'
              : 'Nothing fits on this port: no such part in the catalogue, or no stretch left that is long enough.'}
          </p>
        )}
      </div>
    </Modal>
  );
}

export function effectText(o: Schemas['OfferView']): string {
  const parts: string[] = [];
  const shift = o.shiftMm;
  if (shift !== null && Math.abs(shift) >= 0.05)
    parts.push(`balance ${fixed(Math.abs(shift), 1)} mm ${shift > 0 ? 'forward' : 'back'}`);
  if (o.through.length > 0) {
    const keys = o.throughKeys.length > 0 ? o.throughKeys.join(', ') : 'no tool';
    parts.push(`through ${o.through.join(', then ')}: ${fixed(o.throughMm, 1)} mm between, ${keys}`);
  }
  return parts.join('; ');
}

function OfferLine({ offer: o, onAdd }: { offer: Schemas['OfferView']; onAdd: () => void }) {
  const adds = o.addsGrams > 0 ? `+${grams(o.addsGrams)}` : massText(o.mass);
  return (
    <li className={o.refused ? 'refused' : ''}>
      <span>
        <strong>{o.name}</strong> <span className="soft">by its {o.portTitle}</span>
        <span className="soft effect">{o.refused || effectText(o)}</span>
        {o.trialFits > 0 && <span className="soft effect">asks for a trial fit</span>}
        {o.cleared.map((t) => (
          <span key={`c${t}`} className="mark met effect">
            clears: {t}
          </span>
        ))}
        {o.raised.map((t) => (
          <span key={`r${t}`} className={`mark ${o.stops > 0 ? 'stop' : 'caution'} effect`}>
            raises: {t}
          </span>
        ))}
      </span>
      <span className="num soft">{o.inKit > 0 ? `${o.inKit} in kit` : 'from stock'}</span>
      <span className="num">{adds}</span>
      <Button disabled={o.refused !== ''} onClick={onAdd}>
        Add
      </Button>
    </li>
  );
}
