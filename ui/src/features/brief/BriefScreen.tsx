import './brief.css';
import { Button } from 'antd';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router';
import type { Schemas } from '../../shared/api/client';
import { isCrew } from '../../shared/api/peopleQueries';
import { jobQuery } from '../../shared/api/queries';
import { hasLeft } from '../../shared/job/stages';
import { Glance } from './Glance';
import { BodiesPanel } from '../bodies';
import { BriefForm } from './BriefForm';
import { BriefSheet } from './BriefSheet';
import { Crew } from './Crew';
import { JobMenu } from './JobMenu';
import { Remarks } from './Remarks';
import { WantedTwice } from './WantedTwice';
import { RequirementList } from './RequirementList';

export function BriefScreen({ session }: { session: Schemas['Session'] }) {
  const { job = '' } = useParams();
  const query = useQuery(jobQuery(job));
  const client = useQueryClient();
  const [editing, setEditing] = useState(false);
  if (!query.data) return null;
  const data = query.data;
  return (
    <main className="brief">
      <section className="brief-left" aria-labelledby="brief-title">
        <div className="head">
          <h2 id="brief-title">Brief</h2>
          {session.editsBriefs && !editing && !hasLeft(data.stage) && (
            <Button onClick={() => setEditing(true)}>Edit the brief</Button>
          )}
          <Button type="text" className="noprint" onClick={() => window.print()}>
            Print
          </Button>
          {session.editsBriefs && !editing && <JobMenu job={data} />}
        </div>
        {editing ? (
          <BriefForm
            job={data}
            onDone={(next) => {
              if (next) {
                client.setQueryData(jobQuery(job).queryKey, next);
                void client.invalidateQueries({ queryKey: ['job', job] });
                void client.invalidateQueries({ queryKey: ['jobs'] });
              }
              setEditing(false);
            }}
          />
        ) : (
          <>
            <Glance job={data} />
            {!isCrew(session) && <WantedTwice job={data} />}
            <BodiesPanel job={data} canEdit={(session.editsBuilds || session.editsBriefs) && !hasLeft(data.stage)} />
            <BriefSheet job={data} />
            <Remarks job={job} settles={!isCrew(session)} me={session.displayName} />
            {!isCrew(session) && <Crew job={job} invites={session.editsBriefs} />}
          </>
        )}
      </section>
      <RequirementList job={data} edits={(session.editsBuilds || isCrew(session)) && !hasLeft(data.stage)} />
    </main>
  );
}
