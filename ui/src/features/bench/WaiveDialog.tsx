import { Input, Modal } from 'antd';
import { useState } from 'react';
import type { Finding } from './logic';

/** A stop accepted as bad as it is now, for a reason that is kept. */
export function WaiveDialog({
  finding,
  onClose,
  onWaive,
}: {
  finding: Finding;
  onClose: () => void;
  onWaive: (reason: string) => void;
}) {
  const [reason, setReason] = useState('');
  return (
    <Modal
      open
      title={`Waive: ${finding.title}`}
      okText="Waive it"
      okButtonProps={{ disabled: !reason.trim() }}
      onCancel={onClose}
      onOk={() => onWaive(reason.trim())}
    >
      <p>You accept it as bad as it is now. It opens again when it gets worse, and closes when the finding is gone.</p>
      <label className="field">
        <span>Reason, kept with your name</span>
        <Input.TextArea autoFocus rows={3} maxLength={500} value={reason} onChange={(e) => setReason(e.target.value)} />
      </label>
    </Modal>
  );
}
