import './people.css';
import { Button } from 'antd';
import { useState } from 'react';
import type { Schemas } from '../../shared/api/client';
import { GivenCode } from '../../shared/people/GivenCode';
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
      {given && (
        <p className="invite given" role="status">
          <GivenCode who={given.person.displayName} username={given.person.username} code={given.code} />
        </p>
      )}
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
