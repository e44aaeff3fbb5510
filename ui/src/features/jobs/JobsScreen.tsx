import './jobs.css';
import { Button, Input } from 'antd';
import { useInfiniteQuery } from '@tanstack/react-query';
import { useDeferredValue, useMemo, useState } from 'react';
import type { Schemas } from '../../shared/api/client';
import { jobsQuery } from '../../shared/api/queries';
import { Waiting } from '../../shared/kit/Waiting';
import { JobTable } from './JobTable';
import { OpenPackage } from './OpenPackage';
import { WeekStrip } from './WeekStrip';

export function JobsScreen({ session }: { session: Schemas['Session'] }) {
  const [search, setSearch] = useState('');
  const jobs = useInfiniteQuery(jobsQuery(useDeferredValue(search.trim())));
  const loaded = useMemo(() => jobs.data?.pages.flatMap((p) => p.jobs) ?? [], [jobs.data]);
  const empty = search
    ? `No job matches “${search}”. Clear the search to see all.`
    : 'No jobs yet. Open a package file to begin.';

  return (
    <main className="page jobs">
      <div className="jobs-head">
        <h1>Jobs by load-out</h1>
        <label>
          <span className="hush">Search jobs</span>
          <Input
            allowClear
            type="search"
            placeholder="Search title, place, operator"
            value={search}
            onChange={(e) => setSearch(e.target.value)}
          />
        </label>
        {session.editsBriefs && <OpenPackage canMerge={session.waives} />}
      </div>
      {jobs.isPending && <Waiting />}
      {jobs.isError && <p className="error">{jobs.error.message}</p>}
      {jobs.data && <WeekStrip jobs={loaded} today={session.today} />}
      {jobs.data && <JobTable jobs={loaded} empty={empty} />}
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
    </main>
  );
}
