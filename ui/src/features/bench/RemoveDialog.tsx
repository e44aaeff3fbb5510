import { Checkbox, Input, Modal } from 'antd';
import { useState } from 'react';
import type { Schemas } from '../../shared/api/client';

interface Props {
  parts: readonly string[];
  title: string;
  onClose: () => void;
  onRequest: (request: Schemas['EditRequest']) => void;
}

/** Takes parts off for a reason that the journal keeps: who asks in a week will want to know who decided it. */
export function RemoveDialog({ parts, title, onClose, onRequest }: Props) {
  const [reason, setReason] = useState('');
  const [all, setAll] = useState(false);
  const several = parts.length > 1;
  const ready = several || reason.trim() !== '';
  const submit = () =>
    ready && onRequest({ kind: 'REMOVE', placements: [...parts], withDependants: all, reason: reason.trim() });
  return (
    <Modal
      open
      title={`Take off ${title}`}
      okText={several ? 'Take them off' : 'Take it off'}
      okButtonProps={{ disabled: !ready }}
      onOk={submit}
      onCancel={onClose}
    >
      <label className="field">
        <span>Why, and who decided it</span>
        <Input
          autoFocus
          maxLength={160}
          value={reason}
          placeholder="the operator wants both hands free, says Ines"
          onChange={(e) => setReason(e.target.value)}
          onPressEnter={submit}
        />
      </label>
      <Checkbox className="with-all" checked={all} onChange={(e) => setAll(e.target.checked)}>
        with all that hangs on {several ? 'them' : 'it'}
      </Checkbox>
    </Modal>
  );
}
