import { Button } from 'antd';
import type { ReactNode } from 'react';

interface Props {
  title: string;
  add: (() => void) | undefined;
  /** Said while there is no line, and while there is one. */
  empty: string;
  note?: string;
  children: ReactNode[];
}

/** A list in a form that grows and shrinks a line at a time. */
export function Lines({ title, add, empty, note, children }: Props) {
  return (
    <fieldset>
      <legend>{title}</legend>
      <div className="wide ask-lines">
        {children.length === 0 && <p className="soft">{empty}</p>}
        {children.length > 0 && note && <p className="soft">{note}</p>}
        {children}
        {add && (
          <Button type="text" onClick={add}>
            Add a line
          </Button>
        )}
      </div>
    </fieldset>
  );
}

export function Drop({ onClick }: { onClick: () => void }) {
  return (
    <Button type="text" aria-label="Drop this line" onClick={onClick}>
      ×
    </Button>
  );
}
