import { Button } from 'antd';
import type { ReactNode } from 'react';
import type { Schemas } from '../../shared/api/client';
import { RefusedHere } from '../../shared/kit/Field';

interface Option {
  value: string;
  label: string;
}

/** What every part of the asks is given: all of them, and what they may name. */
export interface AsksProps {
  asks: Schemas['Asks'];
  worn: Option[];
  lenses: Option[];
  onChange: (asks: Schemas['Asks']) => void;
}

/** A list of which lines are edited, dropped and added, each time as a new list. */
export function useLines<T>(lines: readonly T[], onChange: (lines: T[]) => void) {
  return {
    edit: (at: number, change: Partial<T>) => onChange(lines.map((l, i) => (i === at ? { ...l, ...change } : l))),
    drop: (at: number) => onChange(lines.filter((_, i) => i !== at)),
    add: (line: T) => onChange([...lines, line]),
  };
}

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

interface LineProps {
  /** Where the request carries it. */
  place: string;
  onDrop: () => void;
  children: ReactNode;
}

/** One line of a list, with what was refused of it below. */
export function Line({ place, onDrop, children }: LineProps) {
  return (
    <div>
      <div className="ask-line">
        {children}
        <Button type="text" aria-label="Drop this line" onClick={onDrop}>
          ×
        </Button>
      </div>
      <RefusedHere place={place} />
    </div>
  );
}
