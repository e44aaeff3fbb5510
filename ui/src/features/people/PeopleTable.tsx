import { App, Button, Popconfirm, Select } from 'antd';
import type { TableColumnsType } from 'antd';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, unwrap } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { peopleQuery } from '../../shared/api/peopleQueries';
import { words } from '../../shared/format/units';
import { Sheet } from '../../shared/kit/Sheet';
import { ROLES, STATES } from './roles';

type Person = Schemas['Person'];

interface Props {
  me: string;
  onCode: (given: Schemas['Invited']) => void;
}

type Wanted = { kind: 'change'; next: Person } | { kind: 'reset'; id: string } | { kind: 'suspend'; next: Person };

async function send(wanted: Wanted): Promise<Schemas['Invited'] | undefined> {
  switch (wanted.kind) {
    case 'change': {
      const { id, displayName, roles } = wanted.next;
      unwrap(await api.PUT('/api/people/{id}', { params: { path: { id } }, body: { displayName, roles } }));
      return undefined;
    }
    case 'suspend': {
      const { id, state } = wanted.next;
      unwrap(
        await api.POST('/api/people/{id}/suspended', {
          params: { path: { id } },
          body: { suspended: state !== 'SUSPENDED' },
        }),
      );
      return undefined;
    }
    case 'reset':
      return unwrap(await api.POST('/api/people/{id}/reset', { params: { path: { id: wanted.id } } }));
  }
}

/** Everybody with an account: roles, code, suspension. Sessions end with what they were let in by. */
export function PeopleTable({ me, onCode }: Props) {
  const people = useQuery(peopleQuery);
  const client = useQueryClient();
  const { message } = App.useApp();
  const act = useMutation({
    mutationFn: send,
    onSuccess: (given) => given && onCode(given),
    onError: (e) => message.error(e.message, 6),
    onSettled: () => client.invalidateQueries(),
  });
  if (people.isError) return <p className="error">{people.error.message}</p>;
  const columns: TableColumnsType<Person> = [
    {
      title: 'Person',
      key: 'name',
      sorter: (a, b) => a.displayName.localeCompare(b.displayName),
      render: (_, p) => (
        <>
          {p.displayName} <span className="soft">signs in as {p.username}</span>
        </>
      ),
    },
    {
      title: 'May',
      key: 'roles',
      width: 380,
      render: (_, p) => (
        <Select
          mode="multiple"
          aria-label={`What ${p.displayName} may`}
          style={{ width: '100%' }}
          value={[...p.roles]}
          disabled={act.isPending}
          options={ROLES.map((r) => ({ value: r.value, label: words(r.value) }))}
          onChange={(roles) => {
            if (roles.length > 0) act.mutate({ kind: 'change', next: { ...p, roles } });
          }}
        />
      ),
    },
    {
      title: 'Stands',
      key: 'state',
      render: (_, p) => <span className={`mark ${STATES[p.state][0]}`}>{STATES[p.state][1]}</span>,
    },
    { title: 'Sessions', dataIndex: 'sessions', align: 'right', className: 'num' },
    {
      key: 'acts',
      align: 'right',
      className: 'nowrap',
      render: (_, p) => (
        <>
          <Popconfirm
            title={`Take the password of ${p.displayName} away and give a code?`}
            description="Their sessions end."
            okText="Give a code"
            onConfirm={() => act.mutate({ kind: 'reset', id: p.id })}
          >
            <Button type="text" aria-label={`New code for ${p.displayName}`}>
              New code
            </Button>
          </Popconfirm>
          {p.username !== me && (
            <Button
              type="text"
              aria-label={`${p.state === 'SUSPENDED' ? 'Let in again' : 'Suspend'} ${p.displayName}`}
              onClick={() => act.mutate({ kind: 'suspend', next: p })}
            >
              {p.state === 'SUSPENDED' ? 'Let in again' : 'Suspend'}
            </Button>
          )}
        </>
      ),
    },
  ];
  return <Sheet<Person> rowKey="id" loading={people.isPending} columns={columns} dataSource={people.data} />;
}
