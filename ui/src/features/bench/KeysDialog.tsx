import { Modal } from 'antd';
import { useOffered } from '../../shared/commands/commands';

/** What only a key does, and keys that belong to the whole. */
const MOVES: [string, string][] = [
  ['↑ ↓', 'choose the part above or below'],
  ['← →', 'nudge its first setting by 1 (Shift 10, Alt 0.1)'],
  ['[ ]', 'lens before, lens after'],
  ['Esc', 'choose nothing; stop measuring'],
  ['/ or Ctrl K', 'find a job, part, finding, screen or command'],
];

export function KeysDialog({ onClose }: { onClose: () => void }) {
  const commands = useOffered().flatMap((c): [string, string][] => (c.key ? [[c.key, c.title]] : []));
  return (
    <Modal open title="Keys" footer={null} onCancel={onClose}>
      <dl className="keys">
        {[...MOVES, ...commands].map(([key, what]) => (
          <div key={key}>
            <dt className="num">{key}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
    </Modal>
  );
}
