import { Button } from 'antd';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, Problem, unwrap } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { Refused } from '../../shared/kit/Field';
import { AsksForm } from './AsksForm';
import { CrewFields } from './CrewFields';
import { DatesFields, DayFields } from './DatesFields';
import { onBodies } from './worn';

type Brief = Schemas['BriefView'];
type Job = Schemas['JobView'];

/** Edits the fields the checks and the papers use. Nothing is sent until it is saved, and never over another's change. */
export function BriefForm({ job, onDone }: { job: Job; onDone: (next?: Job) => void }) {
  const [draft, setDraft] = useState<Brief>(job.brief);
  const [base, setBase] = useState(job.revision);
  const change = (fields: Partial<Brief>) => setDraft((d) => ({ ...d, ...fields }));
  const worn = onBodies(job.builds, 'configurations');
  const lenses = onBodies(job.builds, 'lenses');
  const save = useMutation({
    mutationFn: async () =>
      unwrap(
        await api.PUT('/api/jobs/{job}/brief', {
          params: { path: { job: job.id } },
          body: { revision: base, brief: draft },
        }),
      ),
    onSuccess: (next) => onDone(next),
    onError: (e) => {
      if (e instanceof Problem && e.newer) setBase((e.newer as Job).revision);
    },
  });
  const overtaken = save.error instanceof Problem && save.error.newer !== undefined;

  return (
    <form
      className="brief-form"
      onSubmit={(e) => {
        e.preventDefault();
        save.mutate();
      }}
    >
      <Refused by={save.error}>
        <DatesFields brief={draft} onChange={change} />
        <DayFields brief={draft} onChange={change} />
        <CrewFields brief={draft} worn={worn} lenses={lenses} onChange={change} />
        <AsksForm
          asks={draft.asks}
          worn={worn}
          builds={job.builds}
          lenses={lenses}
          onChange={(asks) => change({ asks })}
        />
      </Refused>
      {save.error && (
        <p className="error" role="alert">
          {save.error.message}
          {overtaken && ' Save again to put your version over it, or cancel to see theirs.'}
        </p>
      )}
      <div className="brief-actions">
        <Button type="primary" htmlType="submit" disabled={save.isPending}>
          Save the brief
        </Button>
        <Button onClick={() => onDone()}>Cancel</Button>
        {job.stage !== 'DRAFT' && (
          <span className="soft">Saving reopens this job: signatures will not count for it.</span>
        )}
      </div>
    </form>
  );
}
