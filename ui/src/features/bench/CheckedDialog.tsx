import { useQuery } from '@tanstack/react-query';
import { Checkbox, Modal } from 'antd';
import type { TableColumnsType } from 'antd';
import { useState } from 'react';
import { checksQuery } from '../../shared/api/queries';
import type { Schemas } from '../../shared/api/client';
import { counted } from '../../shared/format/units';
import { Sheet } from '../../shared/kit/Sheet';
import { Waiting } from '../../shared/kit/Waiting';
import { filterOf, numbers } from '../../shared/kit/columns';

type Looked = Schemas['Looked'];

interface Props {
  job: string;
  revision: number;
  onClose: () => void;
}

/** What every check has looked at: what looked at nothing has found nothing out. */
export function CheckedDialog({ job, revision, onClose }: Props) {
  const query = useQuery(checksQuery(job, revision));
  return (
    <Modal open title="What was checked" footer={null} onCancel={onClose} width={960}>
      {query.isPending && <Waiting />}
      {query.isError && <p className="error">{query.error.message}</p>}
      {query.data && <Checked rows={query.data} />}
    </Modal>
  );
}

const columns = (rows: readonly Looked[]): TableColumnsType<Looked> => [
  { title: 'Check', dataIndex: 'title', width: 270, sorter: (a, b) => a.title.localeCompare(b.title) },
  { title: 'Of', dataIndex: 'family', width: 112, ...filterOf(rows, (r) => r.family) },
  { title: 'Looked at', dataIndex: 'looked', ...numbers<Looked>((r) => r.looked) },
  { title: 'Fine', dataIndex: 'fine', ...numbers<Looked>((r) => r.fine) },
  { title: 'Found', dataIndex: 'found', ...numbers<Looked>((r) => r.found) },
  { title: 'Undecided', dataIndex: 'undecided', ...numbers<Looked>((r) => r.undecided) },
  { title: 'Not checked', dataIndex: 'notChecked', ...numbers<Looked>((r) => r.notChecked) },
];

function Checked({ rows }: { rows: readonly Looked[] }) {
  const [idle, setIdle] = useState(false);
  const nothing = rows.filter((r) => r.looked === 0);
  return (
    <>
      <p className="soft">
        In every way this job is worn and with every lens. {counted(nothing.length, 'check')} had nothing to look at
        here, and so found nothing out.
      </p>
      <Checkbox checked={idle} onChange={(e) => setIdle(e.target.checked)}>
        only what looked at nothing
      </Checkbox>
      <Sheet<Looked>
        className="checked-table"
        rowKey="check"
        dataSource={idle ? nothing : rows}
        columns={columns(rows)}
        empty="Every check had something to look at."
        scroll={{ y: 420 }}
      />
    </>
  );
}
