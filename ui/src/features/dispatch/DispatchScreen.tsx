import './dispatch.css';
import { Button } from 'antd';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { api, unwrap } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { dispatchQuery, keys } from '../../shared/api/queries';
import { Waiting } from '../../shared/kit/Waiting';
import { hasLeft } from '../../shared/job/stages';
import { kilograms } from '../../shared/format/units';
import { BroughtPanel } from './BroughtPanel';
import { HandOver } from './HandOver';
import { Ladder } from './Ladder';
import { Signed } from './Signed';
import { PullTable } from './PullTable';

type Act = 'built' | 'checked' | 'sign' | 'packed' | 'reconciled' | 'recall' | Schemas['HandOver'];

async function act(job: string, what: Act): Promise<Schemas['Dispatch']> {
  const params = { params: { path: { job } } };
  if (typeof what === 'object') return unwrap(await api.POST('/api/jobs/{job}/dispatch', { ...params, body: what }));
  switch (what) {
    case 'built':
      return unwrap(await api.POST('/api/jobs/{job}/built', params));
    case 'checked':
      return unwrap(await api.POST('/api/jobs/{job}/checked', params));
    case 'packed':
      return unwrap(await api.POST('/api/jobs/{job}/packed', params));
    case 'reconciled':
      return unwrap(await api.POST('/api/jobs/{job}/reconciled', params));
    case 'sign':
      return unwrap(await api.POST('/api/jobs/{job}/sign', params));
    case 'recall':
      return unwrap(await api.POST('/api/jobs/{job}/recall', params));
  }
}

export function DispatchScreen({ session }: { session: Schemas['Session'] }) {
  const { job = '' } = useParams();
  const client = useQueryClient();
  const query = useQuery(dispatchQuery(job));
  const [error, setError] = useState('');
  const step = useMutation({
    mutationFn: (what: Act) => act(job, what),
    onMutate: () => setError(''),
    onError: (e) => setError(e.message),
    onSettled: async () => {
      await client.invalidateQueries({ queryKey: keys.job(job) });
      await client.invalidateQueries({ queryKey: keys.jobs });
    },
  });
  if (query.isPending) return <Waiting />;
  if (query.isError) return <p className="page error">{query.error.message}</p>;
  const d = query.data;

  return (
    <main className="dispatch">
      <section className="gate" aria-labelledby="gate-title">
        <h2 id="gate-title">The gate</h2>
        <Ladder d={d} />
        {d.stageNote && <p className="mark caution stage-note">{d.stageNote}</p>}
        <Step d={d} session={session} busy={step.isPending} onAct={(what) => step.mutate(what)} />
        {error && (
          <p className="error" role="alert">
            {error}
          </p>
        )}
        {d.heldBy.length > 0 && !hasLeft(d.stage) && (
          <div className="held-by">
            <h3>{d.verdict}</h3>
            <ul>
              {d.heldBy.map((t) => (
                <li key={t}>{t}</li>
              ))}
            </ul>
            <Link to={`/jobs/${job}/bench`}>Mend on the Bench</Link>
          </div>
        )}
        <BroughtPanel job={job} session={session} />
        <Signed d={d} />
        <div className="safety">
          <h3>Usual cautions</h3>
          {d.teamLift && (
            <p>
              {kilograms(d.totalGrams)} in all: split it into cases, and lift anything over {kilograms(d.teamLiftGrams)}{' '}
              with two people.
            </p>
          )}
          <p>
            Lithium batteries: terminals covered, none damaged, spares in the cabin when flying. The carrier and local
            law decide.
          </p>
          <p className="soft">Wide Harbor computes and reminds; local codes, insurers and licensed practice decide.</p>
        </div>
      </section>
      <PullTable d={d} canEdit={session.editsBuilds && !hasLeft(d.stage)} />
    </main>
  );
}

function Step({
  d,
  session,
  busy,
  onAct,
}: {
  d: Schemas['Dispatch'];
  session: Schemas['Session'];
  busy: boolean;
  onAct: (what: Act) => void;
}) {
  const [over, setOver] = useState(false);
  if (!session.editsBuilds)
    return <p className="soft">Technicians and leads move a job along; you can read it here.</p>;
  const next = NEXT[d.stage];
  const again = session.waives && d.whyNotOpenedAgain === '' && (
    <Button disabled={busy} onClick={() => onAct('recall')}>
      {d.stage === 'DISPATCHED' ? 'Recall to draft' : 'Open again'}
    </Button>
  );
  if (next) {
    const why = next.why(d);
    return (
      <div className="gate-next">
        <Button
          type="primary"
          disabled={busy || why !== ''}
          onClick={() => (next.act === 'over' ? setOver(true) : onAct(next.act))}
        >
          {next.title(d)}
        </Button>
        {again}
        {why && <p>{why}</p>}
        {d.stage === 'BUILT' && d.failedTests.length > 0 && (
          <p>
            <span className="mark stop">failed</span> {d.failedTests.join('; ')}
          </p>
        )}
        {over && (
          <HandOver
            pieces={d.packed.of}
            cases={d.casesPacked}
            busy={busy}
            onHandOver={(given) => {
              onAct(given);
              setOver(false);
            }}
            onClose={() => setOver(false)}
          />
        )}
      </div>
    );
  }
  if (d.stage === 'RECONCILED') return <p>It is back, and every piece is accounted for.</p>;
  return again || <p className="soft">It has left. A lead can recall it; scan what comes back under Packing.</p>;
}

/** What is done next at each stage, and why it cannot be yet. */
const NEXT: Partial<
  Record<
    Schemas['Dispatch']['stage'],
    {
      act: Exclude<Act, object> | 'over';
      title: (d: Schemas['Dispatch']) => string;
      why: (d: Schemas['Dispatch']) => string;
    }
  >
> = {
  DRAFT: { act: 'built', title: () => 'Mark built', why: (d) => d.whyNotBuilt },
  BUILT: { act: 'checked', title: () => 'Mark bench-checked', why: (d) => d.whyNotChecked },
  CHECKED: { act: 'sign', title: (d) => `Sign revision ${d.revision}`, why: (d) => d.whyNotSign },
  SIGNED: { act: 'packed', title: () => 'Mark packed', why: (d) => d.whyNotPacked },
  PACKED: { act: 'over', title: () => 'Dispatch', why: (d) => d.whyNotDispatch },
  RETURNED: { act: 'reconciled', title: () => 'Close the return', why: (d) => d.whyNotReconciled },
};
