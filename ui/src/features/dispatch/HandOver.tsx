import { Button, Input, Modal } from 'antd';
import { useState } from 'react';
import type { Schemas } from '../../shared/api/client';
import { Field } from '../../shared/kit/Field';
import { SignaturePad } from './SignaturePad';

interface Props {
  pieces: number;
  cases: number;
  busy: boolean;
  onHandOver: (given: Schemas['HandOver']) => void;
  onClose: () => void;
}

/** The package is given into somebody's hands, who signs for it. */
export function HandOver({ pieces, cases, busy, onHandOver, onClose }: Props) {
  const [to, setTo] = useState('');
  const [drawn, setDrawn] = useState('');
  return (
    <Modal open title="Hand it over" footer={null} onCancel={onClose} width={520}>
      <form
        className="hand-over"
        onSubmit={(e) => {
          e.preventDefault();
          onHandOver({ to: to.trim(), drawn });
        }}
      >
        <p>
          {pieces} pieces in {cases === 1 ? 'one case' : `${cases} cases`}. Count the cases together before anybody
          signs.
        </p>
        <Field label="Who takes it over" place="to">
          <Input autoFocus required maxLength={80} value={to} onChange={(e) => setTo(e.target.value)} />
        </Field>
        <div className="hand-over-sign">
          <span>Signs for it</span>
          <Button type="text" disabled={drawn === ''} onClick={() => setDrawn('')}>
            Wipe
          </Button>
        </div>
        <SignaturePad drawn={drawn} onDraw={setDrawn} />
        {drawn === '' && <p className="soft">Without a signature it leaves as “not signed for”.</p>}
        <p className="form-acts">
          <Button type="primary" htmlType="submit" disabled={busy || to.trim() === ''}>
            Hand over and dispatch
          </Button>
          <Button onClick={onClose}>Cancel</Button>
        </p>
      </form>
    </Modal>
  );
}
