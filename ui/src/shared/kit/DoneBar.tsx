import './doneBar.css';
import { Progress } from 'antd';
import type { ReactNode } from 'react';

interface Props {
  label: string;
  done: number;
  of: number;
  /** Beside the bar, in place of the bare count. */
  children?: ReactNode;
}

/** How much of something is done. */
export function DoneBar({ label, done, of, children }: Props) {
  return (
    <span className="done-bar">
      <Progress percent={Math.round((100 * done) / Math.max(1, of))} showInfo={false} aria-label={label} />
      <span className="num">{children ?? `${done} of ${of}`}</span>
    </span>
  );
}
