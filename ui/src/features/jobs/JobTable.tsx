import type { TableColumnsType } from 'antd';
import { Link } from 'react-router';
import { filterOf } from '../../shared/kit/columns';
import { Sheet } from '../../shared/kit/Sheet';
import type { Schemas } from '../../shared/api/client';
import { dayAndTime, monthOf } from '../../shared/format/units';
import { stateOf, weight } from './arrange';

type Job = Schemas['JobLine'];

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
          {j.stale ? (
            <span className="mark caution" title={j.verdict}>
              Being judged
            </span>
          ) : (
            <span className={`mark ${j.clear ? 'met' : 'stop'}`}>{j.clear ? 'Clear' : 'Held'}</span>
          )}
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
  return <Sheet<Job> rowKey="id" columns={columns(jobs)} dataSource={jobs} empty={empty} />;
}
