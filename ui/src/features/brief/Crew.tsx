import { Button } from 'antd';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, unwrap } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { crewQuery } from '../../shared/api/peopleQueries';
import { day } from '../../shared/format/units';
import { GivenCode } from '../../shared/people/GivenCode';
import { InviteForm } from '../../shared/people/InviteForm';

/** People from outside who see this one job until it is back: they read, tick what the brief asks of people, and remark. */
export function Crew({ job, invites }: { job: string; invites: boolean }) {
  const [inviting, setInviting] = useState(false);
  const [given, setGiven] = useState<Schemas['CrewInvited'] | null>(null);
  const client = useQueryClient();
  const query = useQuery(crewQuery(job));
  const end = useMutation({
    mutationFn: async (user: string) =>
      unwrap(await api.DELETE('/api/jobs/{job}/crew/{user}', { params: { path: { job, user } } })),
    onSuccess: () => client.invalidateQueries({ queryKey: crewQuery(job).queryKey }),
  });
  const members = query.data ?? [];
  if (members.length === 0 && !invites) return null;
  return (
    <section className="brief-section noprint" aria-label="Crew from outside">
      <h3>Crew from outside</h3>
      <div className="crew">
        {members.length === 0 && (
          <p className="soft">Nobody. Whoever is invited sees this job and nothing else, until it is back.</p>
        )}
        <ul>
          {members.map((m) => (
            <li key={m.id}>
              <span>
                {m.displayName}{' '}
                <span className="soft">
                  {m.username}, {m.ended ? 'sees it no more' : `until ${day(m.until)}`}
                </span>
              </span>
              {invites && !m.ended && (
                <Button
                  size="small"
                  aria-label={`End it for ${m.displayName}`}
                  disabled={end.isPending}
                  onClick={() => end.mutate(m.id)}
                >
                  End it
                </Button>
              )}
            </li>
          ))}
        </ul>
        {given && (
          <p className="given" role="status">
            {given.code === '' ? (
              <>{given.member.displayName} sees it from now on, with the password they have.</>
            ) : (
              <GivenCode who={given.member.displayName} username={given.member.username} code={given.code} />
            )}
          </p>
        )}
        {invites && !inviting && <Button onClick={() => setInviting(true)}>Invite one of the crew</Button>}
        {inviting && (
          <InviteCrew
            job={job}
            onDone={(invited) => {
              setInviting(false);
              setGiven(invited);
            }}
          />
        )}
      </div>
    </section>
  );
}

function InviteCrew({ job, onDone }: { job: string; onDone: (invited: Schemas['CrewInvited'] | null) => void }) {
  const client = useQueryClient();
  const invite = useMutation({
    mutationFn: async (body: { username: string; displayName: string }) =>
      unwrap(await api.POST('/api/jobs/{job}/crew', { params: { path: { job } }, body })),
    onSuccess: async (invited) => {
      await client.invalidateQueries({ queryKey: crewQuery(job).queryKey });
      onDone(invited);
    },
  });
  return (
    <InviteForm
      label="Invite one of the crew"
      deed="Let them in"
      pending={invite.isPending}
      error={invite.error}
      onInvite={invite.mutate}
      acts={<Button onClick={() => onDone(null)}>Not now</Button>}
    />
  );
}
