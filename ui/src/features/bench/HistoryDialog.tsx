import { Button, Input, Modal, Tabs } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Schemas } from '../../shared/api/client';
import { journalQuery } from '../../shared/api/queries';
import type { Spot } from '../../shared/api/queries';
import { hasWords } from '../../shared/format/search';
import { dayAndTime } from '../../shared/format/units';
import { Pick } from '../../shared/kit/Pick';
import { Waiting } from '../../shared/kit/Waiting';
import { AsItWas } from './AsItWas';
import { Decisions } from './Decisions';

interface Props {
  spot: Spot;
  revision: number;
  canEdit: boolean;
  onClose: () => void;
  onBack: (seq: number) => void;
}

/** What was done to this build and decided on the job; the build as it was, beside what stands, and the way back. */
export function HistoryDialog({ onClose, ...entries }: Props) {
  return (
    <Modal open title="History of this build" footer={null} onCancel={onClose} width={1120}>
      <Tabs
        tabBarGutter={24}
        size="small"
        items={[
          { key: 'entries', label: 'What was done', children: <Entries {...entries} /> },
          { key: 'decisions', label: 'What was decided', children: <Decisions job={entries.spot.job} /> },
        ]}
      />
    </Modal>
  );
}

type EntriesProps = Omit<Props, 'onClose'>;

function Entries({ spot, revision, canEdit, onBack }: EntriesProps) {
  const query = useQuery(journalQuery(spot, revision));
  const [who, setWho] = useState('');
  const [search, setSearch] = useState('');
  const [chosen, setChosen] = useState<number | null>(null);
  const all = query.data ?? [];
  const people = [...new Set(all.map((e) => e.who))].sort();
  const shown = all.filter((e) => (who === '' || e.who === who) && hasWords(`${e.summary} ${e.name}`, search));
  if (query.isPending) return <Waiting />;
  if (query.isError) return <p className="error">{query.error.message}</p>;
  if (all.length === 0) return <p className="soft">Nothing was changed yet. What is done on the Bench stands here.</p>;
  return (
    <div className="history-columns">
      <div>
        <div className="history-head">
          <Input
            autoFocus
            placeholder="Part, word or name"
            aria-label="Part or word"
            value={search}
            onChange={(e) => setSearch(e.target.value)}
          />
          <Pick
            label="Person"
            value={who}
            onChange={setWho}
            options={[{ value: '', label: 'everybody' }, ...people.map((p) => ({ value: p, label: p }))]}
          />
        </div>
        {shown.length === 0 && <p className="soft">No entry has these words.</p>}
        <ol className="history" aria-label="Entries, the latest first" tabIndex={0}>
          {shown.map((e) => (
            <EntryRow
              key={e.seq}
              entry={e}
              chosen={chosen === e.seq}
              canEdit={canEdit}
              onLook={() => setChosen(e.seq)}
              onBack={onBack}
            />
          ))}
        </ol>
      </div>
      {chosen === null ? (
        <p className="soft history-hint">Look at an entry to see the build as it stood after it.</p>
      ) : (
        <AsItWas key={chosen} spot={spot} revision={revision} seq={chosen} entries={all} canEdit={canEdit} />
      )}
    </div>
  );
}

interface EntryProps {
  entry: Schemas['Entry'];
  chosen: boolean;
  canEdit: boolean;
  onLook: () => void;
  onBack: (seq: number) => void;
}

function EntryRow({ entry: e, chosen, canEdit, onLook, onBack }: EntryProps) {
  return (
    <li className={chosen ? 'chosen' : ''}>
      <div>
        {e.name && <b className="mark met">{e.name}</b>} {e.summary}
        <div className="soft">
          <span className="num">{dayAndTime(e.when)}</span> {e.who}
        </div>
      </div>
      <Button type="text" aria-pressed={chosen} aria-label={`Look at it after: ${e.summary}`} onClick={onLook}>
        Look
      </Button>
      {canEdit && e.kind === 'EDIT' ? (
        <Button type="text" aria-label={`Back to before: ${e.summary}`} onClick={() => onBack(e.seq)}>
          Back to before
        </Button>
      ) : (
        <span />
      )}
    </li>
  );
}
