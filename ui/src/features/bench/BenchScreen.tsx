import './bench.css';
import './stack.css';
import './findings.css';
import './meters.css';
import './dialogs.css';
import './print.css';
import type { Schemas } from '../../shared/api/client';
import { useStandpoint } from '../../shared/job/useStandpoint';
import { Waiting } from '../../shared/kit/Waiting';
import { BodiesPanel } from '../bodies';
import { Bench } from './Bench';

/** The Bench of the body one stands at; every view has an address. */
export function BenchScreen({ session }: { session: Schemas['Session'] }) {
  const at = useStandpoint();
  if (!at.data) return <Waiting />;
  if (!at.build) {
    return (
      <main className="empty-build">
        <BodiesPanel job={at.data} canEdit={session.editsBuilds || session.editsBriefs} />
      </main>
    );
  }
  const canEdit = session.editsBuilds && at.data.stage !== 'DISPATCHED';
  return <Bench key={`${at.job}/${at.build.id}`} at={at} canEdit={canEdit} session={session} />;
}
