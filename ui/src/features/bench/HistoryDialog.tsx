import { Button, Input, Modal } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Schemas } from '../../shared/api/client';
import { journalQuery } from '../../shared/api/queries';
import type { Spot } from '../../shared/api/queries';
import { dayAndTime } from '../../shared/format/units';
import { Pick } from '../../shared/kit/Pick';
import { Waiting } from '../../shared/kit/Waiting';

interface Props {
  spot: Spot;
  revision: number;
  canEdit: boolean;
  onClose: () => void;
  onBack: (seq: number) => void;
}

/** Who did what to this build, when; and the way back to how it was before that. */
export function HistoryDialog({ spot, revision, canEdit, onClose, onBack }: Props) {
  const query = useQuery(journalQuery(spot, revision));
  const [who, setWho] = useState('');
  const [search, setSearch] = useState('');
  const all = query.data ?? [];
  const people = [...new Set(all.map((e) => e.who))].sort();
  const shown = all.filter(
    (e) => (who === '' || e.who === who) && e.summary.toLowerCase().includes(search.trim().toLowerCase()),
  );
  return (
    <Modal open title="History of this build" footer={null} onCancel={onClose} width={820}>
      <div className="history-head">
        <Input
          autoFocus
          placeholder="Part or word"
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
      {query.isPending && <Waiting />}
      {query.isError && <p className="error">{query.error.message}</p>}
      {query.data && all.length === 0 && <p className="soft">Nothing was changed yet.</p>}
      {all.length > 0 && shown.length === 0 && <p className="soft">No entry has these words.</p>}
      <ol className="history" aria-label="Entries, the latest first" tabIndex={0}>
        {shown.map((e) => (
          <Entry key={e.seq} entry={e} canEdit={canEdit} onBack={onBack} />
        ))}
      </ol>
    </Modal>
  );
}

interface EntryProps {
  entry: Schemas['Entry'];
  canEdit: boolean;
  onBack: (seq: number) => void;
}

function Entry({ entry: e, canEdit, onBack }: EntryProps) {
  return (
    <li>
      <span className="num soft">{dayAndTime(e.when)}</span>
      <span>{e.who}</span>
      <span>{e.summary}</span>
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
