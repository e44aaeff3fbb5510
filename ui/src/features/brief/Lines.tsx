import type { ReactNode } from 'react';

interface Props {
  title: string;
  add: (() => void) | undefined;
  empty: string;
  children: ReactNode[];
}

/** A list in a form that grows and shrinks a line at a time. */
export function Lines({ title, add, empty, children }: Props) {
  return (
    <fieldset>
      <legend>{title}</legend>
      <div className="wide ask-lines">
        {children.length === 0 && <p className="soft">{empty}</p>}
        {children}
        {add && (
          <button className="btn plain" type="button" onClick={add}>
            Add a line
          </button>
        )}
      </div>
    </fieldset>
  );
}

export function Drop({ onClick }: { onClick: () => void }) {
  return (
    <button className="btn plain" type="button" aria-label="Drop this line" onClick={onClick}>
      ×
    </button>
  );
}
