import './people.css';
import { Button, Input } from 'antd';
import type { TableColumnsType } from 'antd';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, unwrap } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { ownSessionsQuery } from '../../shared/api/peopleQueries';
import { dayAndTime, words } from '../../shared/format/units';
import { Field, Refused } from '../../shared/kit/Field';
import { Sheet } from '../../shared/kit/Sheet';

/** One's own account: name, password, and where one is signed in. */
export function MeScreen({ session }: { session: Schemas['Session'] }) {
  return (
    <main className="page me">
      <h1>{session.displayName}</h1>
      <p className="soft">
        Signs in as {session.username}; {session.roles.map(words).join(', ')}.
      </p>
      <OwnName session={session} />
      <h2>Password</h2>
      <OwnPassword />
      <h2>Signed in</h2>
      <OwnSessions />
    </main>
  );
}

function OwnName({ session }: { session: Schemas['Session'] }) {
  const [name, setName] = useState(session.displayName);
  const client = useQueryClient();
  const save = useMutation({
    mutationFn: async () => unwrap(await api.PUT('/api/me/name', { body: { displayName: name } })),
    onSuccess: () => client.invalidateQueries(),
  });
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        save.mutate();
      }}
    >
      <Refused by={save.error}>
        <Field label="Is called" place="displayName">
          <Input maxLength={80} value={name} onChange={(e) => setName(e.target.value)} />
        </Field>
      </Refused>
      <Button htmlType="submit" disabled={name.trim() === '' || name === session.displayName || save.isPending}>
        Be called so
      </Button>
    </form>
  );
}

function OwnPassword() {
  const [now, setNow] = useState('');
  const [next, setNext] = useState('');
  const client = useQueryClient();
  const save = useMutation({
    mutationFn: async () => unwrap(await api.PUT('/api/me/password', { body: { now, next } })),
    onSuccess: async () => {
      setNow('');
      setNext('');
      await client.invalidateQueries({ queryKey: ownSessionsQuery.queryKey });
    },
  });
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        save.mutate();
      }}
    >
      <Field label="Password now">
        <Input.Password autoComplete="current-password" value={now} onChange={(e) => setNow(e.target.value)} />
      </Field>
      <Field label="New password, at least 10 characters">
        <Input.Password autoComplete="new-password" value={next} onChange={(e) => setNext(e.target.value)} />
      </Field>
      <Button type="primary" htmlType="submit" disabled={now === '' || next.length < 10 || save.isPending}>
        Change it
      </Button>
      {save.isError && (
        <p className="error" role="alert">
          {save.error.message}
        </p>
      )}
      {save.isSuccess && (
        <p className="mark met" role="status">
          Changed. Your other sessions have ended.
        </p>
      )}
    </form>
  );
}

const COLUMNS: TableColumnsType<Schemas['OwnSession']> = [
  { title: 'Since', key: 'since', className: 'num', render: (_, s) => dayAndTime(s.since) },
  { title: 'Last used', key: 'last', className: 'num', render: (_, s) => dayAndTime(s.last) },
  { key: 'current', render: (_, s) => (s.current ? <span className="mark met">this one</span> : '') },
];

function OwnSessions() {
  const query = useQuery(ownSessionsQuery);
  const client = useQueryClient();
  const end = useMutation({
    mutationFn: async () => unwrap(await api.POST('/api/me/sessions/end')),
    onSettled: () => client.invalidateQueries({ queryKey: ownSessionsQuery.queryKey }),
  });
  if (query.isError) return <p className="error">{query.error.message}</p>;
  return (
    <>
      <Sheet<Schemas['OwnSession']> rowKey="id" loading={query.isPending} columns={COLUMNS} dataSource={query.data} />
      {(query.data?.length ?? 0) > 1 && (
        <Button disabled={end.isPending} onClick={() => end.mutate()}>
          End all others
        </Button>
      )}
    </>
  );
}
