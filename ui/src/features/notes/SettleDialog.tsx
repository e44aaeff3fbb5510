import { Button, Input, Modal } from 'antd';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { Schemas } from '../../shared/api/client';
import { settleNote } from '../../shared/api/noteQueries';
import { Field } from '../../shared/kit/Field';

/** A note need not be shown any more, for a reason. */
export function SettleDialog({ note, onClose }: { note: Schemas['NoteView']; onClose: () => void }) {
  const client = useQueryClient();
  const [why, setWhy] = useState('');
  const settle = useMutation({
    mutationFn: () => settleNote(note.id, why.trim()),
    onSuccess: async () => {
      onClose();
      await client.invalidateQueries({ queryKey: ['notes'] });
      await client.invalidateQueries({ queryKey: ['job'] });
    },
  });
  return (
    <Modal open title={`Settle a note on ${note.title}`} footer={null} onCancel={onClose} width={480}>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          settle.mutate();
        }}
      >
        <p>{note.words}</p>
        <Field label="Why it need not be shown any more" place="why">
          <Input autoFocus required maxLength={300} value={why} onChange={(e) => setWhy(e.target.value)} />
        </Field>
        {settle.isError && (
          <p className="error" role="alert">
            {settle.error.message}
          </p>
        )}
        <p className="form-acts">
          <Button type="primary" htmlType="submit" disabled={why.trim() === '' || settle.isPending}>
            Settle
          </Button>
          <Button onClick={onClose}>Cancel</Button>
        </p>
      </form>
    </Modal>
  );
}
