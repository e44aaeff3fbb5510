import './jobs.css';
import { Button, Checkbox, Input } from 'antd';
import { useInfiniteQuery } from '@tanstack/react-query';
import { useDeferredValue, useMemo, useState } from 'react';
import type { Schemas } from '../../shared/api/client';
import { jobsQuery } from '../../shared/api/queries';
import { Waiting } from '../../shared/kit/Waiting';
import { Archived } from './Archived';
import { FirstSteps } from './FirstSteps';
import { JobTable } from './JobTable';
import { NewJob } from './NewJob';
import { OpenPackage } from './OpenPackage';
import { WeekStrip } from './WeekStrip';

export function JobsScreen({ session }: { session: Schemas['Session'] }) {
  const [search, setSearch] = useState('');
  const [archived, setArchived] = useState(false);
  const jobs = useInfiniteQuery(jobsQuery(useDeferredValue(search.trim()), archived));
  const loaded = useMemo(() => jobs.data?.pages.flatMap((p) => p.jobs) ?? [], [jobs.data]);
  const empty = search
    ? `No job matches “${search}”. Clear the search to see all.`
    : session.editsBriefs
      ? 'No jobs yet. Begin with New job, or open a package file.'
      : 'No jobs yet. The desk or a lead begins one.';

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
        <Checkbox checked={archived} onChange={(e) => setArchived(e.target.checked)}>
          laid aside
        </Checkbox>
        {session.editsBriefs && <OpenPackage canMerge={session.waives} />}
        {session.editsBriefs && <NewJob today={session.today} earlier={archived ? [] : loaded} />}
      </div>
      {jobs.isPending && <Waiting />}
      {jobs.isError && <p className="error">{jobs.error.message}</p>}
      {jobs.data && archived && <Archived jobs={loaded} mayBringBack={session.editsBriefs} />}
      {jobs.data && !archived && (
        <>
          <WeekStrip jobs={loaded} today={session.today} />
          <JobTable jobs={loaded} empty={empty} />
          {loaded.length === 0 && search === '' && (
            <FirstSteps begins={session.editsBriefs} makes={session.editsBuilds} />
          )}
        </>
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
    </main>
  );
}
