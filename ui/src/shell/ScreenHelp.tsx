import { Modal } from 'antd';
import { useOffered } from '../shared/commands/commands';
import { helpFor } from './help';

/** What the screen is for, the first things one does there, and its keys. */
export function ScreenHelp({ path, onClose }: { path: string; onClose: () => void }) {
  const keyed = useOffered().filter((c) => c.key);
  const help = helpFor(path);
  return (
    <Modal open title={help?.title ?? 'Keys'} footer={null} onCancel={onClose}>
      {help && (
        <>
          <p>{help.purpose}</p>
          <ul className="help-first">
            {help.first.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </>
      )}
      <dl className="keys">
        <div>
          <dt className="num">?</dt>
          <dd>what this screen is for</dd>
        </div>
        <div>
          <dt className="num">/ or Ctrl K</dt>
          <dd>find a job, part, finding, screen or command</dd>
        </div>
        {keyed
          .filter((c) => c.key !== '?')
          .map((c) => (
            <div key={c.title}>
              <dt className="num">{c.key}</dt>
              <dd>{c.title}</dd>
            </div>
          ))}
      </dl>
    </Modal>
  );
}
