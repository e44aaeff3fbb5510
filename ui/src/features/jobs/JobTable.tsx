import { Table } from 'antd';
import type { TableColumnsType } from 'antd';
import { Link } from 'react-router';
import type { Schemas } from '../../shared/api/client';
import { dayAndTime, monthOf } from '../../shared/format/units';
import { stateOf, weight } from './arrange';

type Job = Schemas['JobLine'];

/** The different answers of a column, each once, as its filter offers them. */
function filterOf(jobs: readonly Job[], of: (job: Job) => string) {
  const all = [...new Set(jobs.map(of))].filter(Boolean).sort();
  return { filters: all.map((v) => ({ text: v, value: v })), onFilter: (v: unknown, job: Job) => of(job) === v };
}

function columns(jobs: readonly Job[]): TableColumnsType<Job> {
  return [
    {
      title: 'Loads out',
      key: 'load',
      className: 'num nowrap',
      render: (_, j) => dayAndTime(j.loadAt),
      defaultSortOrder: 'ascend',
      sorter: (a, b) => a.loadAt.localeCompare(b.loadAt),
      ...filterOf(jobs, (j) => monthOf(j.loadAt)),
    },
    {
      title: 'Job',
      key: 'title',
      render: (_, j) => (
        <Link to={`/jobs/${j.id}/brief`}>
          <strong>{j.title}</strong>
        </Link>
      ),
      sorter: (a, b) => a.title.localeCompare(b.title),
    },
    { title: 'Place', dataIndex: 'place', className: 'soft', sorter: (a, b) => a.place.localeCompare(b.place) },
    { title: 'Operator', dataIndex: 'operator', className: 'soft', ...filterOf(jobs, (j) => j.operator) },
    {
      title: 'State',
      key: 'state',
      className: 'nowrap',
      render: (_, j) => (
        <>
          <span className={`mark ${j.clear ? 'met' : 'stop'}`}>{j.clear ? 'Clear' : 'Held'}</span>
          <span className="soft">, {j.stage.toLowerCase()}</span>
        </>
      ),
      sorter: (a, b) => weight(a) - weight(b),
      ...filterOf(jobs, stateOf),
    },
    {
      title: 'Configurations clear',
      key: 'clear',
      align: 'right',
      className: 'num',
      render: (_, j) => `${j.configurationsClear} of ${j.configurationsAll}`,
    },
    {
      title: 'Stops',
      key: 'stops',
      align: 'right',
      className: 'num',
      render: (_, j) => j.stops + j.undecided,
      sorter: (a, b) => a.stops + a.undecided - b.stops - b.undecided,
    },
    {
      title: 'Unread cautions',
      dataIndex: 'unreadCautions',
      align: 'right',
      className: 'num',
      sorter: (a, b) => a.unreadCautions - b.unreadCautions,
    },
    {
      title: 'Next',
      key: 'next',
      className: 'nowrap',
      render: (_, j) => (
        <Link to={j.clear ? `/jobs/${j.id}/dispatch` : `/jobs/${j.id}/bench?build=${j.firstBuild}`}>{j.nextAct}</Link>
      ),
    },
  ];
}

/** The jobs, sorted and filtered by their columns. */
export function JobTable({ jobs, empty }: { jobs: Job[]; empty: string }) {
  return (
    <Table<Job>
      rowKey="id"
      size="small"
      pagination={false}
      showSorterTooltip={false}
      columns={columns(jobs)}
      dataSource={jobs}
      locale={{ emptyText: empty, filterReset: 'All', filterConfirm: 'Show' }}
    />
  );
}
