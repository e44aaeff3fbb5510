import './jobs.css';
import { Button, Input } from 'antd';
import { useInfiniteQuery } from '@tanstack/react-query';
import { useDeferredValue, useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../shared/api/client';
import { jobsQuery } from '../../shared/api/queries';
import { Waiting } from '../../shared/kit/Waiting';
import { dayAndTime } from '../../shared/format/units';
import { arrange } from './arrange';
import type { Order } from './arrange';
import { OpenPackage } from './OpenPackage';
import { WeekStrip } from './WeekStrip';

export function JobsScreen({ session }: { session: Schemas['Session'] }) {
  const [search, setSearch] = useState('');
  const jobs = useInfiniteQuery(jobsQuery(useDeferredValue(search.trim())));
  const loaded = useMemo(() => jobs.data?.pages.flatMap((p) => p.jobs) ?? [], [jobs.data]);
  const [order, setOrder] = useState<Order>({ by: 'load', up: true });
  const shown = useMemo(() => arrange(loaded, search, order), [loaded, search, order]);

  const head = (by: Order['by'], title: string) => (
    <th aria-sort={order.by === by ? (order.up ? 'ascending' : 'descending') : 'none'}>
      <Button type="text" className="sorter" onClick={() => setOrder({ by, up: order.by === by ? !order.up : true })}>
        {title}
        {order.by === by ? (order.up ? ' ↑' : ' ↓') : ''}
      </Button>
    </th>
  );

  return (
    <main className="page jobs">
      <div className="jobs-head">
        <h1>Jobs by load-out</h1>
        <label>
          <span className="hush">Search jobs</span>
          <Input
            allowClear
            type="search"
            placeholder="Search title or place"
            value={search}
            onChange={(e) => setSearch(e.target.value)}
          />
        </label>
        {session.editsBriefs && <OpenPackage canMerge={session.waives} />}
      </div>
      {jobs.isPending && <Waiting />}
      {jobs.isError && <p className="error">{jobs.error.message}</p>}
      {jobs.data && <WeekStrip jobs={loaded} />}
      {jobs.data && (
        <table className="sheet">
          <thead>
            <tr>
              {head('load', 'Loads out')}
              {head('title', 'Job')}
              <th>Place</th>
              {head('state', 'State')}
              <th className="right">Configurations clear</th>
              <th className="right">Stops</th>
              <th className="right">Unread cautions</th>
              <th>Next</th>
            </tr>
          </thead>
          <tbody>
            {shown.map((job) => (
              <tr key={job.id}>
                <td className="num nowrap">{dayAndTime(job.loadAt)}</td>
                <td>
                  <Link to={`/jobs/${job.id}/brief`}>
                    <strong>{job.title}</strong>
                  </Link>
                </td>
                <td className="soft">{job.place}</td>
                <td className="nowrap">
                  <span className={`mark ${job.clear ? 'met' : 'stop'}`}>{job.clear ? 'Clear' : 'Held'}</span>
                  <span className="soft">, {job.stage.toLowerCase()}</span>
                </td>
                <td className="num right">
                  {job.configurationsClear} of {job.configurationsAll}
                </td>
                <td className="num right">{job.stops + job.undecided}</td>
                <td className="num right">{job.unreadCautions}</td>
                <td className="nowrap">
                  <Link to={job.clear ? `/jobs/${job.id}/dispatch` : `/jobs/${job.id}/bench?build=${job.firstBuild}`}>
                    {job.nextAct}
                  </Link>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {jobs.hasNextPage && (
        <p>
          <Button disabled={jobs.isFetchingNextPage} onClick={() => void jobs.fetchNextPage()}>
            Show older jobs
          </Button>{' '}
          <span className="soft">
            {loaded.length} of {jobs.data?.pages[0]?.total} shown
          </span>
        </p>
      )}
      {jobs.data && shown.length === 0 && (
        <p className="soft">
          {search
            ? `No job matches “${search}”. Clear the search to see all.`
            : 'No jobs yet. Open a package file to begin.'}
        </p>
      )}
    </main>
  );
}
