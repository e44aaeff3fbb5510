import { Button, Input, Modal } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import type { Schemas } from '../../shared/api/client';
import { lensOffersQuery } from '../../shared/api/queries';
import type { Spot } from '../../shared/api/queries';
import { Retitle } from '../../shared/kit/Retitle';
import { Waiting } from '../../shared/kit/Waiting';
import { Offers } from './HandDialog';

interface Props {
  spot: Spot;
  revision: number;
  lenses: Schemas['Bench']['lenses'];
  canEdit: boolean;
  onClose: () => void;
  /** What is asked for; the dialog stays, a set is made of several. */
  onRequest: (request: Schemas['EditRequest']) => void;
}

/** The lens set of this body, in its order, and the lenses that go on its mount. */
export function LensSetDialog({ spot, revision, lenses, canEdit, onClose, onRequest }: Props) {
  const [search, setSearch] = useState('');
  const query = useQuery(lensOffersQuery(spot, useDeferredValue(search.trim()), revision));
  return (
    <Modal open title="Lens set" footer={null} onCancel={onClose} width={760}>
      <ol className="lens-set" aria-label="The set">
        {lenses.map((l, i) => (
          <SetLine key={l.id} lens={l} at={i} last={i === lenses.length - 1} canEdit={canEdit} onRequest={onRequest} />
        ))}
      </ol>
      {lenses.length === 0 && <p className="soft">No lens yet: the slot is empty, and nothing of a lens is judged.</p>}
      {canEdit && (
        <div className="fit">
          <h3>Into the set</h3>
          <Input
            placeholder="Search the lenses that go on this mount"
            aria-label="Search lenses"
            value={search}
            onChange={(e) => setSearch(e.target.value)}
          />
          {query.isPending && <Waiting />}
          {query.isError && <p className="error">{query.error.message}</p>}
          <Offers offers={query.data?.offers ?? []} act="Add" onRequest={onRequest} />
          {query.data?.total === 0 && (
            <p className="soft">
              {search
                ? 'No lens matches the search.'
                : 'No lens on file goes on this mount, with or without an adapter.'}
            </p>
          )}
        </div>
      )}
    </Modal>
  );
}

interface LineProps {
  lens: Schemas['Bench']['lenses'][number];
  at: number;
  last: boolean;
  canEdit: boolean;
  onRequest: (request: Schemas['EditRequest']) => void;
}

function SetLine({ lens, at, last, canEdit, onRequest }: LineProps) {
  const [titling, setTitling] = useState(false);
  const rename = (title: string) => {
    setTitling(false);
    if (title !== lens.title) onRequest({ kind: 'TITLE_LENS', lens: lens.id, title });
  };
  const move = (to: number) => onRequest({ kind: 'ORDER_LENS', lens: lens.id, place: to });
  return (
    <li>
      {titling ? <Retitle title={lens.title} longest={60} onDone={rename} /> : <strong>{lens.title}</strong>}
      {canEdit && (
        <span className="lens-acts">
          <Button type="text" disabled={at === 0} aria-label={`${lens.title} earlier`} onClick={() => move(at - 1)}>
            earlier
          </Button>
          <Button type="text" disabled={last} aria-label={`${lens.title} later`} onClick={() => move(at + 1)}>
            later
          </Button>
          <Button type="text" onClick={() => setTitling(true)}>
            Rename
          </Button>
          <Button
            type="text"
            aria-label={`Take ${lens.title} out`}
            onClick={() => onRequest({ kind: 'DROP_LENS', lens: lens.id })}
          >
            Take out
          </Button>
        </span>
      )}
    </li>
  );
}
