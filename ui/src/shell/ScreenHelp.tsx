import { Modal } from 'antd';
import { useOffered } from '../shared/commands/commands';
import { helpFor } from './help';

const EVERYWHERE = [
  ['?', 'what this screen is for'],
  ['/ or Ctrl K', 'find a job, part, finding, screen or command'],
] as const;

/** What the screen is for, the first things one does there, and its keys. */
export function ScreenHelp({ path, onClose }: { path: string; onClose: () => void }) {
  const commands = useOffered().flatMap((c): [string, string][] => (c.key ? [[c.key, c.title]] : []));
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
        {[...EVERYWHERE, ...(help?.keys ?? []), ...commands].map(([key, what]) => (
          <div key={`${key} ${what}`}>
            <dt className="num">{key}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
    </Modal>
  );
}
