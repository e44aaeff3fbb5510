import { Checkbox, Input, Modal } from 'antd';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, unwrap } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { keys } from '../../shared/api/queries';
import { wornQuery } from '../../shared/api/houseQueries';
import { Field, Refused } from '../../shared/kit/Field';
import { Pick } from '../../shared/kit/Pick';
import { WhenPicker } from '../../shared/kit/WhenPicker';
import type { NewJobProps } from './NewJob';

type Worn = Schemas['WayWorn']['id'];

/** Title, day, and how it will be worn, or which job it is made after. */
export function NewJobDialog({ today, earlier, onClose }: NewJobProps & { onClose: () => void }) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const [title, setTitle] = useState('');
  const [out, setOut] = useState(today);
  const [worn, setWorn] = useState<Worn[]>([]);
  const [like, setLike] = useState('');
  const begin = useMutation({
    mutationFn: async () =>
      unwrap(await api.POST('/api/jobs', { body: { title: title.trim(), out, worn: like ? [] : worn, like } })),
    onSuccess: async ({ job }) => {
      await client.invalidateQueries({ queryKey: keys.jobs });
      await navigate(`/jobs/${job}/brief`);
    },
  });
  const ready = title.trim() !== '' && !begin.isPending;
  const submit = () => ready && begin.mutate();
  return (
    <Modal
      open
      title="New job"
      okText="Begin"
      okButtonProps={{ disabled: !ready }}
      onOk={submit}
      onCancel={onClose}
      width={680}
    >
      <Refused by={begin.error}>
        <div className="new-job">
          <Field wide label="Title" place="title">
            <Input
              autoFocus
              maxLength={80}
              value={title}
              onChange={(e) => setTitle(e.target.value)}
              onPressEnter={submit}
            />
          </Field>
          <Field label="Loads out on" place="out">
            <WhenPicker value={out} onChange={setOut} />
          </Field>
          <Field label="Made after" place="like">
            <Pick
              label="Made after"
              value={like}
              onChange={setLike}
              options={[
                { value: '', label: 'nothing: a bare job' },
                ...earlier.map((j) => ({ value: j.id, label: j.title })),
              ]}
            />
          </Field>
        </div>
        {like ? (
          <p className="soft">
            Its brief, bodies, lenses and kit are taken along, on days around the new load-out. What people read, waived
            and signed of it is not.
          </p>
        ) : (
          <WornChoice chosen={worn} onChange={setWorn} />
        )}
      </Refused>
      {begin.error && (
        <p className="error" role="alert">
          {begin.error.message}
        </p>
      )}
    </Modal>
  );
}

/** How it will be worn, each with what that cannot do without. */
function WornChoice({ chosen, onChange }: { chosen: Worn[]; onChange: (next: Worn[]) => void }) {
  const ways = useQuery(wornQuery);
  return (
    <fieldset className="worn-choice">
      <legend>How it will be worn, as far as anyone knows</legend>
      <Checkbox.Group value={chosen} onChange={(next) => onChange(next as Worn[])}>
        {(ways.data ?? []).map((w) => (
          <Checkbox key={w.id} value={w.id}>
            {w.title} <span className="soft">{w.needs}</span>
          </Checkbox>
        ))}
      </Checkbox.Group>
    </fieldset>
  );
}
