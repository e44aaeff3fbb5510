import type { TableColumnsType } from 'antd';
import { useQuery } from '@tanstack/react-query';
import type { Schemas } from '../../shared/api/client';
import { decisionsQuery } from '../../shared/api/queries';
import { dayAndTime } from '../../shared/format/units';
import { Sheet } from '../../shared/kit/Sheet';

type Decision = Schemas['Decision'];

const SORTS = { TAKEN_OFF: 'taken off', WAIVED: 'waived', READ: 'read', NAMED: 'named' } as const;

/** What was decided on a job, by whom and why: for whoever asks in a week who wanted it so. */
export function Decisions({ job }: { job: string }) {
  const query = useQuery(decisionsQuery(job));
  if (query.isError) return <p className="error">{query.error.message}</p>;
  const people = [...new Set((query.data ?? []).map((d) => d.who))].sort();
  const columns: TableColumnsType<Decision> = [
    {
      title: 'When',
      key: 'when',
      className: 'num nowrap',
      sorter: (a, b) => a.when.localeCompare(b.when),
      render: (_, d) => dayAndTime(d.when),
    },
    {
      title: 'Who',
      dataIndex: 'who',
      filters: people.map((p) => ({ text: p, value: p })),
      onFilter: (v, d) => d.who === v,
    },
    {
      title: 'What',
      key: 'sort',
      filters: Object.entries(SORTS).map(([value, text]) => ({ text, value })),
      onFilter: (v, d) => d.sort === v,
      render: (_, d) => (
        <>
          <span className="soft">{SORTS[d.sort]}</span> {d.what}
          {d.body && <span className="soft"> {d.body}</span>}
        </>
      ),
    },
    { title: 'Why', dataIndex: 'why' },
  ];
  return (
    <div className="decisions" tabIndex={0}>
      <Sheet<Decision>
        rowKey={(d) => `${d.sort} ${d.when} ${d.what} ${d.body}`}
        empty="Nothing was decided yet. Reasons for taking parts off, waivers, cautions read and named states stand here."
        loading={query.isPending}
        columns={columns}
        dataSource={query.data}
      />
    </div>
  );
}
