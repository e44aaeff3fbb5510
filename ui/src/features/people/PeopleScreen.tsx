import './people.css';
import { Button } from 'antd';
import { useState } from 'react';
import type { Schemas } from '../../shared/api/client';
import { AuditTable } from './AuditTable';
import { Invite } from './Invite';
import { PeopleTable } from './PeopleTable';

/** Who may sign in here and what they may do; what was done here, by whom. */
export function PeopleScreen({ session }: { session: Schemas['Session'] }) {
  const [inviting, setInviting] = useState(false);
  const [given, setGiven] = useState<Schemas['Invited'] | null>(null);
  if (!session.administers) return <p className="page">Only an administrator looks after the people.</p>;
  return (
    <main className="page people">
      <div className="people-head">
        <h1>People</h1>
        <Button type="primary" aria-expanded={inviting} onClick={() => setInviting(!inviting)}>
          Invite somebody
        </Button>
      </div>
      {given && <GivenCode given={given} />}
      {inviting && (
        <Invite
          onInvited={(invited) => {
            setInviting(false);
            setGiven(invited);
          }}
        />
      )}
      <PeopleTable me={session.username} onCode={setGiven} />
      <h2 id="audit">What was done</h2>
      <p className="soft">
        Who signed in, who tried, and what was changed beyond a build; a build has its own history. Nothing here can be
        changed or taken out.
      </p>
      <AuditTable />
    </main>
  );
}

function GivenCode({ given }: { given: Schemas['Invited'] }) {
  return (
    <div className="invite given" role="status">
      <p>
        Code for {given.person.displayName}, who signs in as <b>{given.person.username}</b>. It is told once, works once
        and for a week, at <b>/join</b>:
      </p>
      <span className="code">{given.code}</span>
    </div>
  );
}
