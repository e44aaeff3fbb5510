import { Button } from 'antd';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, unwrap } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { keys } from '../../shared/api/queries';
import { dayAndTime } from '../../shared/format/units';
import { Sheet } from '../../shared/kit/Sheet';
import { useRefusal } from '../../shared/kit/useRefusal';

/** Jobs laid aside: out of the list and the week, kept there; what was deleted, for 30 days. */
export function Archived({ jobs, mayBringBack }: { jobs: Schemas['JobLine'][]; mayBringBack: boolean }) {
  const client = useQueryClient();
  const refused = useRefusal();
  const back = useMutation({
    mutationFn: async (job: string) =>
      unwrap(await api.POST('/api/jobs/{job}/bring-back', { params: { path: { job } } })),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.jobs }),
    onError: refused,
  });
  return (
    <Sheet<Schemas['JobLine']>
      rowKey="id"
      dataSource={jobs}
      empty="Nothing is laid aside. A job laid aside on its brief is kept here; a deleted one for 30 days."
      columns={[
        { title: 'Loads out', key: 'load', className: 'num nowrap', render: (_, j) => dayAndTime(j.loadAt) },
        { title: 'Job', key: 'title', render: (_, j) => <strong>{j.title}</strong> },
        { title: 'Place', dataIndex: 'place', className: 'soft' },
        {
          title: 'Kept',
          key: 'kept',
          render: (_, j) => (j.forgetAt ? `deleted, gone on ${dayAndTime(j.forgetAt)}` : 'as long as the house'),
        },
        {
          title: '',
          key: 'back',
          align: 'right',
          render: (_, j) => (
            <span className="archived-acts">
              <a href={`/api/jobs/${j.id}/package.harbor.json`}>Package file</a>
              {mayBringBack && <Button onClick={() => back.mutate(j.id)}>Bring back</Button>}
            </span>
          ),
        },
      ]}
    />
  );
}
