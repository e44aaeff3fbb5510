import { Modal } from 'antd';

const KEYS: [string, string][] = [
  ['↑ ↓', 'choose the part above or below'],
  ['← →', 'nudge its first setting by 1 (Shift 10, Alt 0.1)'],
  ['f', 'add a part to a port of it'],
  ['m', 'mounting points: used, free, covered'],
  ['b', 'balance with each lens'],
  ['h', 'hands, shoulder, eye: what there is to hold'],
  ['r', 'remember how it stands; how it was left'],
  ['d', 'measure on the drawing: distance, angle, height over the rods'],
  ['+ − 0', 'nearer, farther, all of it (also wheel, pinch, double-click)'],
  ['Delete', 'take it off'],
  ['Ctrl Z, Ctrl Shift Z', 'undo, redo'],
  ['1 2 3 4', 'from right, left, front, above'],
  ['[ ]', 'lens before, lens after'],
  ['Esc', 'choose nothing'],
  ['?', 'this list'],
];

export function KeysDialog({ onClose }: { onClose: () => void }) {
  return (
    <Modal open title="Keys" footer={null} onCancel={onClose}>
      <dl className="keys">
        {KEYS.map(([key, what]) => (
          <div key={key}>
            <dt className="num">{key}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
    </Modal>
  );
}
