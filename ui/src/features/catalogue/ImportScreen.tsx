import './catalogue.css';
import { Button, Upload } from 'antd';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, csrfHeader, problemOf, unwrap } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { LinkButton } from '../../shared/kit/LinkButton';

type State = Schemas['ImportState'];

const BUSY = new Set(['WAITING', 'READING', 'STORING']);

const WORDS: Record<State['stage'], string> = {
  WAITING: 'waiting for its turn',
  READING: 'reading, nothing is stored',
  CHECKED: 'read, nothing is stored yet',
  STORING: 'storing',
  STORED: 'stored',
  REFUSED: 'refused, nothing was stored',
  CANCELLED: 'cancelled, nothing was stored',
};

/** A list of parts in two steps: a dry run that tells everything that is wrong, then all of it or nothing. */
export function ImportScreen({ session }: { session: Schemas['Session'] }) {
  const [id, setId] = useState('');
  const [error, setError] = useState('');
  const client = useQueryClient();
  const key = ['catalogue', 'import', id] as const;
  const query = useQuery({
    queryKey: key,
    queryFn: async () => unwrap(await api.GET('/api/catalogue/imports/{id}', { params: { path: { id } } })),
    enabled: id !== '',
    refetchInterval: (q) => (q.state.data && !BUSY.has(q.state.data.stage) ? false : 400),
  });
  const state = query.data;
  if (!session.waives) return <p className="page">Lists of parts are taken in by a lead.</p>;
  const begin = async (file: File) => {
    setError('');
    const answer = await fetch(`/api/catalogue/imports?name=${encodeURIComponent(file.name)}`, {
      method: 'POST',
      body: file,
      headers: { ...csrfHeader(), 'Content-Type': 'application/octet-stream' },
    });
    const body: unknown = await answer.json().catch(() => null);
    if (!answer.ok) setError(problemOf(answer.status, body).message);
    else setId((body as State).id);
  };
  const put = (next: State) => client.setQueryData(key, next);
  const path = { params: { path: { id } } };
  const store = async () => {
    put(unwrap(await api.POST('/api/catalogue/imports/{id}/store', path)));
    await client.invalidateQueries({ queryKey: key });
  };
  const cancel = async () => put(unwrap(await api.DELETE('/api/catalogue/imports/{id}', path)));
  return (
    <main className="page">
      <div className="part-head">
        <h1>Import a list of parts</h1>
        <Link to="/catalogue">Back to the catalogue</Link>
      </div>
      <p className="soft">
        A CSV with at least id, maker, name and category, or a harbor.json file. The{' '}
        <a href="/api/catalogue.csv">CSV of the catalogue</a> shows every column.
      </p>
      <Upload
        accept=".csv,.json"
        showUploadList={false}
        beforeUpload={(file) => {
          void begin(file);
          return false;
        }}
      >
        <Button>Choose a file</Button>
      </Upload>
      {error && (
        <p className="error" role="alert">
          {error}
        </p>
      )}
      {query.isError && <p className="error">{query.error.message}</p>}
      {state && <Progress state={state} onStore={() => void store()} onCancel={() => void cancel()} />}
    </main>
  );
}

function Progress({ state, onStore, onCancel }: { state: State; onStore: () => void; onCancel: () => void }) {
  const good = state.stage === 'CHECKED' && state.problems.length === 0;
  return (
    <section className="import-state" aria-live="polite">
      <h2>{state.name}</h2>
      <p>
        <span
          className={`mark ${state.stage === 'STORED' ? 'met' : state.problems.length > 0 || state.stage === 'REFUSED' ? 'stop' : 'note'}`}
        >
          {WORDS[state.stage]}
        </span>{' '}
        <span className="num">
          {state.rows} rows, {state.fresh} new, {state.known} on file already, {state.problems.length} problems
        </span>
      </p>
      {state.message && <p>{state.message}</p>}
      {state.stage === 'STORED' && state.fresh > 0 && (
        <p>
          What is new in the house is held: it is on file, and offered to nobody until it has been looked over.{' '}
          <LinkButton to="/catalogue?standing=HELD">Look it over</LinkButton>
        </p>
      )}
      {BUSY.has(state.stage) && (
        <>
          <progress
            max={Math.max(state.stage === 'STORING' ? state.fresh : state.rows, 1)}
            value={state.done}
            aria-label="Progress"
          />
          <Button onClick={onCancel}>Cancel</Button>
        </>
      )}
      {good && (
        <div className="finding-acts">
          <Button type="primary" disabled={state.fresh === 0} onClick={onStore}>
            Store {state.fresh} new parts
          </Button>
          <Button onClick={onCancel}>Leave it</Button>
        </div>
      )}
      {state.problems.length > 0 && (
        <table className="sheet">
          <thead>
            <tr>
              <th className="right">Row</th>
              <th>Column</th>
              <th>What is wrong</th>
            </tr>
          </thead>
          <tbody>
            {state.problems.map((p, i) => (
              <tr key={i}>
                <td className="num right">{p.row || ''}</td>
                <td className="num">{p.column}</td>
                <td>{p.message}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
