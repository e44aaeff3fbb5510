import { Button, Checkbox, Modal } from 'antd';
import { useState } from 'react';
import type { Schemas } from '../../shared/api/client';
import { words } from '../../shared/format/units';

interface Props {
  comparison: Schemas['PackageDifferences'];
  canMerge: boolean;
  onMerge: (withBrief: boolean) => void;
  onClose: () => void;
}

/** What a file would change in the job that is here, line by line. What is only here stays. */
export function MergePanel({ comparison: c, canMerge, onMerge, onClose }: Props) {
  const [brief, setBrief] = useState(false);
  const taken = c.lines.filter((l) => l.kind !== 'ONLY_HERE').length;
  return (
    <Modal
      open
      className="merge"
      width={760}
      title={`${c.title} is here already`}
      onCancel={onClose}
      footer={
        <>
          {!canMerge && <span className="soft">A lead takes the file’s side.</span>}
          <Button onClick={onClose}>Leave the job as it is</Button>
          {canMerge && (taken > 0 || brief) && (
            <Button type="primary" onClick={() => onMerge(brief)}>
              Take the file’s side, {taken} {taken === 1 ? 'change' : 'changes'}
            </Button>
          )}
        </>
      }
    >
      {c.lines.length === 0 && !c.briefDiffers && <p>The file says the same as the job. There is nothing to take.</p>}
      {c.lines.length > 0 && (
        <div className="merge-lines">
          <table className="sheet">
            <thead>
              <tr>
                <th>Difference</th>
                <th>What</th>
                <th>Here</th>
                <th>In the file</th>
              </tr>
            </thead>
            <tbody>
              {c.lines.map((l, i) => (
                <tr key={i}>
                  <td>
                    <span className={`mark ${l.kind === 'ONLY_HERE' ? 'note' : 'caution'}`}>{words(l.kind)}</span>
                  </td>
                  <td>
                    {l.what} <span className="num soft">{l.id}</span>
                  </td>
                  <td>{l.here}</td>
                  <td>{l.there}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      {c.more > 0 && <p className="soft">and {c.more} more</p>}
      {c.briefDiffers && (
        <Checkbox checked={brief} onChange={(e) => setBrief(e.target.checked)}>
          The brief differs too: take the file’s brief
        </Checkbox>
      )}
    </Modal>
  );
}
