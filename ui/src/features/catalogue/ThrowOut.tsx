import { App, Button, Popconfirm } from 'antd';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { api, unwrap } from '../../shared/api/client';

/** Throws a part out for good, in all its revisions; refused while a job has it or may have it again. */
export function ThrowOut({ part, name }: { part: string; name: string }) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const { message } = App.useApp();
  const away = useMutation({
    mutationFn: async () => unwrap(await api.DELETE('/api/catalogue/parts/{ref}', { params: { path: { ref: part } } })),
    onSuccess: async () => {
      await navigate('/catalogue');
      void message.success(`${name} is thrown out.`);
      await client.invalidateQueries();
    },
    onError: (e) => message.error(e.message, 8),
  });
  return (
    <Popconfirm
      title={`Throw out ${name}, in all its revisions?`}
      description="It cannot be brought back. What a job is built of is refused."
      okText="Throw it out"
      onConfirm={() => away.mutate()}
    >
      <Button disabled={away.isPending}>Throw it out</Button>
    </Popconfirm>
  );
}
