import { Button, Checkbox } from 'antd';
import type { TableColumnsType } from 'antd';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, unwrap } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { catalogueQuery, partDifferencesQuery, uptakeQuery } from '../../shared/api/houseQueries';
import { figureName } from '../../shared/format/units';
import { ForeseenJob } from '../../shared/job/ForeseenJob';
import { Pick } from '../../shared/kit/Pick';
import { Sheet } from '../../shared/kit/Sheet';
import { Waiting } from '../../shared/kit/Waiting';

interface Props {
  part: Schemas['PartSheet'];
  edits: boolean;
}

const revisionOf = (ref: string) => Number(ref.split('@')[1]);

/** A place as the file names it, in words: "links.main.massGrams" as "links main mass grams". */
const inWords = (place: string) => place.split('.').map(figureName).join(', ');

/** This part in place of an earlier revision, or of another that is the same piece: what differs, and in which jobs. */
export function Revisions({ part: p, edits }: Props) {
  const earlier = p.revisions.filter((r) => r !== p.ref).sort((a, b) => revisionOf(b) - revisionOf(a));
  const [of, setOf] = useState(earlier.find((r) => revisionOf(r) < revisionOf(p.ref)) ?? earlier[0] ?? '');
  const alike = useQuery(
    catalogueQuery({
      search: '',
      look: '',
      category: p.category,
      standard: '',
      standing: '',
      sort: 'name',
      down: false,
      from: 0,
    }),
  );
  const id = p.ref.split('@')[0];
  const others = (alike.data?.lines ?? []).filter((l) => l.ref.split('@')[0] !== id);
  return (
    <section className="revisions" aria-labelledby="revisions-title">
      <h2 id="revisions-title">In place of</h2>
      <label className="field">
        <span>An earlier revision, or another that is the same piece</span>
        <Pick
          label="In place of"
          value={of}
          onChange={setOf}
          options={[
            { value: '', label: 'nothing' },
            ...earlier.map((r) => ({ value: r, label: `revision ${revisionOf(r)}` })),
            ...others.map((l) => ({ value: l.ref, label: `${l.name}, ${l.ref}` })),
          ]}
        />
      </label>
      {of && <Differences key={`d ${of}`} of={of} part={p} />}
      {of && <Uptake key={`u ${of}`} of={of} part={p} edits={edits} />}
    </section>
  );
}

function Differences({ of, part: p }: { of: string; part: Schemas['PartSheet'] }) {
  const query = useQuery(partDifferencesQuery(p.ref, of));
  if (query.isPending) return <Waiting />;
  if (query.isError) return <p className="error">{query.error.message}</p>;
  const columns: TableColumnsType<Schemas['PartDifference']> = [
    { title: 'What differs', key: 'place', width: 220, render: (_, d) => inWords(d.place) },
    { title: of, dataIndex: 'before', className: 'num' },
    { title: p.ref, dataIndex: 'after', className: 'num' },
  ];
  return (
    <Sheet<Schemas['PartDifference']>
      rowKey="place"
      empty="Both are written alike, place by place."
      columns={columns}
      dataSource={query.data}
    />
  );
}

function Uptake({ of, part: p, edits }: { of: string } & Props) {
  const query = useQuery(uptakeQuery(p.ref, of));
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const client = useQueryClient();
  const take = useMutation({
    mutationFn: async (jobs: { job: string; revision: number }[]) =>
      unwrap(
        await api.POST('/api/catalogue/parts/{ref}/uptake', {
          params: { path: { ref: p.ref } },
          body: { of, jobs },
        }),
      ),
    onSettled: () => {
      setChosen([]);
      void client.invalidateQueries();
    },
  });
  if (query.isPending) return <Waiting />;
  if (query.isError) return <p className="error">{query.error.message}</p>;
  const { jobs, inAll, name } = query.data;
  const ready = jobs.filter((j) => chosen.includes(j.foreseen.id));
  return (
    <>
      {take.data?.map((t) => (
        <p key={t.job} className={`mark ${t.refused ? 'stop' : 'met'}`} role="status">
          {t.title}: {t.refused || t.verdict}
        </p>
      ))}
      {take.isError && <p className="error">{take.error.message}</p>}
      {jobs.length === 0 && !take.data && <p className="soft">No job has {name}.</p>}
      {inAll > jobs.length && (
        <p className="soft">
          {inAll} jobs have it; these {jobs.length} load out first.
        </p>
      )}
      <ul className="uptake">
        {jobs.map(({ foreseen: f, refused }) => (
          <li key={f.id}>
            <Checkbox
              disabled={!edits || refused !== ''}
              checked={chosen.includes(f.id)}
              onChange={(e) => setChosen(e.target.checked ? [...chosen, f.id] : chosen.filter((c) => c !== f.id))}
            >
              {f.title}
            </Checkbox>{' '}
            <Link to={`/jobs/${f.id}/bench`}>open</Link>
            <div>{refused ? <span className="soft">{refused}</span> : <ForeseenJob of={f} />}</div>
          </li>
        ))}
      </ul>
      {edits && jobs.length > 0 && (
        <Button
          type="primary"
          disabled={ready.length === 0 || take.isPending}
          loading={take.isPending}
          onClick={() => take.mutate(ready.map((j) => ({ job: j.foreseen.id, revision: j.revision })))}
        >
          Use {p.ref} there
        </Button>
      )}
    </>
  );
}
