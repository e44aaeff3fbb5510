import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, unwrap } from '../../api/client';
import { waysQuery } from '../../api/queries';
import type { Schemas } from '../../api/client';
import { Waiting } from '../../app/Waiting';

/** Questions on which good houses differ; a lead answers for the house, and the open jobs are judged anew. */
export function WaysTable({ edits, onDone }: { edits: boolean; onDone: (words: string) => void }) {
  const ways = useQuery(waysQuery);
  const client = useQueryClient();
  const answer = useMutation({
    mutationFn: async ({ id, option }: { id: string; option: string }) =>
      unwrap(await api.PUT('/api/house/ways/{id}', { params: { path: { id } }, body: { option } })),
    onSuccess: async (done) => {
      await client.invalidateQueries();
      const changed = done.changed.length > 0 ? `changed: ${done.changed.join(', ')}` : 'none changed its verdict';
      onDone(`${done.jobs} open jobs judged anew; ${changed}.`);
    },
    onError: (e) => onDone(e.message),
  });
  if (ways.isPending) return <Waiting />;
  if (ways.isError) return <p className="error">{ways.error.message}</p>;
  return (
    <table className="sheet ways">
      <thead>
        <tr>
          <th>Question</th>
          <th>Here</th>
          <th>Because</th>
          <th>Changes</th>
        </tr>
      </thead>
      <tbody>
        {ways.data.map((w) => (
          <WayRow key={w.id} way={w} edits={edits && !answer.isPending} onAnswer={(option) => answer.mutate({ id: w.id, option })} />
        ))}
      </tbody>
    </table>
  );
}

function WayRow({ way, edits, onAnswer }: { way: Schemas['WayLine']; edits: boolean; onAnswer: (option: string) => void }) {
  const chosen = way.options.find((o) => o.id === way.chosen);
  return (
    <tr>
      <td>{way.question}</td>
      <td>
        <select className="input" aria-label={way.question} disabled={!edits} value={way.chosen} onChange={(e) => onAnswer(e.target.value)}>
          {way.options.map((o) => (
            <option key={o.id} value={o.id}>
              {o.title}
            </option>
          ))}
        </select>
        {way.by && <span className="soft">{way.by}</span>}
      </td>
      <td className="soft">{chosen?.reason}</td>
      <td>{chosen?.effects.length ? chosen.effects.join('; ') : <span className="soft">nothing: as it comes</span>}</td>
    </tr>
  );
}
