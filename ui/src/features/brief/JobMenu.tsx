import { App, Button, Dropdown, Input, Modal } from 'antd';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, unwrap } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { jobQuery, keys } from '../../shared/api/queries';
import { useRefusal } from '../../shared/kit/useRefusal';

/** What may be done with a job as a whole. */
export function JobMenu({ job }: { job: Schemas['JobView'] }) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const refused = useRefusal();
  const { modal } = App.useApp();
  const [title, setTitle] = useState<string | null>(null);
  const params = { path: { job: job.id } };
  const rename = useMutation({
    mutationFn: async (to: string) =>
      unwrap(await api.PUT('/api/jobs/{job}/title', { params, body: { revision: job.revision, title: to } })),
    onSuccess: (next) => {
      client.setQueryData(jobQuery(job.id).queryKey, next);
      void client.invalidateQueries({ queryKey: keys.jobs });
      setTitle(null);
    },
    onError: refused,
  });
  const leave = useMutation({
    mutationFn: async (how: 'aside' | 'deleted') =>
      how === 'aside'
        ? unwrap(await api.POST('/api/jobs/{job}/archive', { params }))
        : unwrap(await api.DELETE('/api/jobs/{job}', { params })),
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: keys.jobs });
      await navigate('/jobs');
    },
    onError: refused,
  });
  const askArchive = () =>
    modal.confirm({
      title: `Lay ${job.title} aside?`,
      content: 'It leaves the list and the week, and is kept among the jobs laid aside.',
      okText: 'Lay it aside',
      onOk: () => leave.mutate('aside'),
    });
  const askDelete = () =>
    modal.confirm({
      title: `Delete ${job.title}?`,
      content: (
        <>
          Until 30 days from now it can be brought back from the jobs laid aside; then it is gone for good.{' '}
          <a href={`/api/jobs/${job.id}/package.harbor.json`}>Keep its package file</a> first.
        </>
      ),
      okText: 'Delete it',
      okButtonProps: { danger: true },
      onOk: () => leave.mutate('deleted'),
    });
  return (
    <>
      <Dropdown
        trigger={['click']}
        menu={{
          items: [
            { key: 'rename', label: 'Rename the job', onClick: () => setTitle(job.title) },
            { key: 'archive', label: 'Lay it aside', onClick: askArchive },
            { key: 'delete', label: 'Delete the job', onClick: askDelete },
          ],
        }}
      >
        <Button type="text" className="noprint" aria-haspopup="menu">
          More
        </Button>
      </Dropdown>
      {title !== null && (
        <Modal
          open
          title="Rename the job"
          okText="Rename"
          okButtonProps={{ disabled: title.trim() === '' }}
          onOk={() => rename.mutate(title.trim())}
          onCancel={() => setTitle(null)}
        >
          <Input
            autoFocus
            aria-label="Title of the job"
            maxLength={80}
            value={title}
            onChange={(e) => setTitle(e.target.value)}
            onPressEnter={() => title.trim() && rename.mutate(title.trim())}
          />
        </Modal>
      )}
    </>
  );
}
