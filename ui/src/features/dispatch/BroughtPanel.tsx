import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { api, unwrap } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { broughtQuery, keys } from '../../shared/api/queries';

type Act = { what: 'take' | 'leave'; findings: string[] } | { what: 'parts' } | { what: 'standards' };

async function carryOut(job: string, act: Act): Promise<Schemas['BroughtView']> {
  const path = { path: { job } };
  switch (act.what) {
    case 'take':
      return unwrap(
        await api.POST('/api/jobs/{job}/brought/proposals/take', { params: path, body: { findings: act.findings } }),
      );
    case 'leave':
      return unwrap(
        await api.POST('/api/jobs/{job}/brought/proposals/leave', { params: path, body: { findings: act.findings } }),
      );
    case 'parts':
      return unwrap(await api.POST('/api/jobs/{job}/brought/parts/take', { params: path }));
    case 'standards':
      return unwrap(await api.POST('/api/jobs/{job}/brought/standards/leave', { params: path }));
  }
}

/** What a file brought and nobody of the house has taken yet: it counts for nothing until somebody who may takes it. */
export function BroughtPanel({ job, session }: { job: string; session: Schemas['Session'] }) {
  const client = useQueryClient();
  const brought = useQuery(broughtQuery(job));
  const step = useMutation({
    mutationFn: (act: Act) => carryOut(job, act),
    onSettled: async () => {
      await client.invalidateQueries({ queryKey: keys.job(job) });
      await client.invalidateQueries({ queryKey: keys.jobs });
    },
  });
  const b = brought.data;
  if (!b || b.proposals.length + b.parts.length + b.standards.length === 0) return null;
  return (
    <section className="brought" aria-labelledby="brought-title">
      <h3 id="brought-title">Came with the file</h3>
      <Proposals list={b.proposals} session={session} busy={step.isPending} onAct={(act) => step.mutate(act)} />
      {b.parts.length + b.standards.length > 0 && (
        <Own brought={b} leads={session.waives} busy={step.isPending} onAct={(act) => step.mutate(act)} />
      )}
      {step.isError && (
        <p className="error" role="alert">
          {step.error.message}
        </p>
      )}
    </section>
  );
}

interface Acting {
  busy: boolean;
  onAct: (act: Act) => void;
}

/** What is said in the same words of several configurations or bodies is told once. */
function told(list: Schemas['ProposalLine'][]): { p: Schemas['ProposalLine']; times: number }[] {
  const all = new Map<string, { p: Schemas['ProposalLine']; times: number }>();
  for (const p of list) {
    const key = [p.said, p.title, p.who, p.reason].join('|');
    const known = all.get(key);
    if (known) known.times += 1;
    else all.set(key, { p, times: 1 });
  }
  return [...all.values()];
}

function Proposals({
  list,
  session,
  busy,
  onAct,
}: { list: Schemas['ProposalLine'][]; session: Schemas['Session'] } & Acting) {
  if (list.length === 0) return null;
  const mine = list.filter((p) => p.said === 'READ' || session.waives).map((p) => p.finding);
  return (
    <>
      <p className="soft">Said elsewhere of these findings. It counts once somebody here says the same.</p>
      <ul>
        {told(list).map(({ p, times }) => (
          <li key={p.finding}>
            {p.title}
            <span className="soft">
              {times > 1 && `, ${times} times`}, {p.said === 'READ' ? 'read' : 'waived'} by {p.who}
              {p.reason && `: ${p.reason}`}
            </span>
          </li>
        ))}
      </ul>
      {session.editsBuilds && (
        <p className="acts">
          <Button
            size="small"
            disabled={busy || mine.length === 0}
            onClick={() => onAct({ what: 'take', findings: mine })}
          >
            {session.waives ? 'Say the same of all' : 'Mark the cautions read'}
          </Button>
          <Button
            size="small"
            type="text"
            disabled={busy}
            onClick={() => onAct({ what: 'leave', findings: list.map((p) => p.finding) })}
          >
            Leave them
          </Button>
        </p>
      )}
    </>
  );
}

function Own({ brought, leads, busy, onAct }: { brought: Schemas['BroughtView']; leads: boolean } & Acting) {
  return (
    <>
      <p className="soft">Not the house’s: they serve this job alone, and it is not signed until a lead takes them.</p>
      <ul>
        {brought.parts.map((p) => (
          <li key={p.item}>
            {p.name} <span className="soft">{p.maker}</span>
          </li>
        ))}
        {brought.standards.map((s) => (
          <li key={s.id}>
            {s.title}
            <span className="soft">
              {s.here > 0 ? `, mounting standard; judged by the house’s revision ${s.here}` : ', mounting standard'}
            </span>
          </li>
        ))}
      </ul>
      {leads ? (
        <p className="acts">
          <Button size="small" disabled={busy} onClick={() => onAct({ what: 'parts' })}>
            Take into the house
          </Button>
          {brought.standards.some((s) => s.here > 0) && (
            <Button size="small" type="text" disabled={busy} onClick={() => onAct({ what: 'standards' })}>
              Stay with the house’s standards
            </Button>
          )}
        </p>
      ) : (
        <p className="soft">A lead takes them.</p>
      )}
    </>
  );
}
