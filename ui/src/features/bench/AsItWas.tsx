import { Button, Input } from 'antd';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, unwrap } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { asItWasDrawingQuery, asItWasQuery, keys } from '../../shared/api/queries';
import type { Spot } from '../../shared/api/queries';
import { Still } from '../../shared/drawing/Still';
import { dayAndTime } from '../../shared/format/units';
import { ComparisonView } from '../../shared/job/ComparisonView';
import { Pick } from '../../shared/kit/Pick';
import { Waiting } from '../../shared/kit/Waiting';

interface Props {
  spot: Spot;
  revision: number;
  seq: number;
  entries: readonly Schemas['Entry'][];
  canEdit: boolean;
}

/** Pixels. */
const SHEET = { width: 520, height: 250 };

const called = (e: Schemas['Entry']) => e.name || `${dayAndTime(e.when)}, ${e.summary}`;

/** The build as it stood after an entry: drawn, judged by today's parts and rules, beside what stands or another state. */
export function AsItWas({ spot, revision, seq, entries, canEdit }: Props) {
  const [against, setAgainst] = useState(0);
  const state = useQuery(asItWasQuery(spot, seq, against, revision));
  const drawing = useQuery(asItWasDrawingQuery(spot, seq, revision));
  const entry = entries.find((e) => e.seq === seq);
  const other = entries.find((e) => e.seq === against);
  const wrong = state.error ?? drawing.error;
  if (wrong) return <p className="error">{wrong.message}</p>;
  const c = state.data?.since;
  const same =
    c && [c.onlyOne, c.onlyOther, c.differs, c.raisedInOther, c.clearedInOther].every((list) => list.length === 0);
  return (
    <section className="as-it-was" aria-label="As it was">
      <Still drawing={drawing.data} size={SHEET} />
      {entry && canEdit && <NameState spot={spot} entry={entry} />}
      <label className="field">
        <span>Beside</span>
        <Pick
          label="Beside"
          value={against}
          onChange={setAgainst}
          options={[
            { value: 0, label: 'what stands now' },
            ...entries.filter((e) => e.seq !== seq).map((e) => ({ value: e.seq, label: `after ${called(e)}` })),
          ]}
        />
      </label>
      {state.isPending && <Waiting />}
      {state.data && c && (
        <>
          <p>
            The job would be: <b>{state.data.verdict}</b>{' '}
            <span className="soft">by today’s brief, parts and rules.</span>
          </p>
          {same ? (
            <p className="mark met">No part, place, setting or finding differs, worn as it is here.</p>
          ) : (
            <ComparisonView of={c} names={['Then', other ? other.name || 'the other' : 'Now']} />
          )}
        </>
      )}
    </section>
  );
}

/** What a state is called, so that it is found again: "as tested". */
function NameState({ spot, entry }: { spot: Spot; entry: Schemas['Entry'] }) {
  const [name, setName] = useState(entry.name);
  const client = useQueryClient();
  const save = useMutation({
    mutationFn: async () =>
      unwrap(
        await api.PUT('/api/jobs/{job}/builds/{build}/history/{seq}/name', {
          params: { path: { job: spot.job, build: spot.build, seq: entry.seq } },
          body: { name },
        }),
      ),
    onSuccess: () =>
      client.invalidateQueries({
        queryKey: keys.job(spot.job),
        predicate: (q) => ['journal', 'decisions'].includes(String(q.queryKey[2])),
      }),
  });
  return (
    <form
      className="name-state"
      onSubmit={(e) => {
        e.preventDefault();
        save.mutate();
      }}
    >
      <label className="field">
        <span>Called</span>
        <Input
          maxLength={80}
          value={name}
          placeholder="as tested, as it went out"
          onChange={(e) => setName(e.target.value)}
        />
      </label>
      <Button htmlType="submit" disabled={name.trim() === entry.name || save.isPending}>
        {name.trim() === '' && entry.name ? 'Take the name away' : 'Name this state'}
      </Button>
      {save.isError && <p className="error">{save.error.message}</p>}
    </form>
  );
}
