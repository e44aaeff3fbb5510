import { Form } from 'antd';
import { createContext, useContext } from 'react';
import type { ReactNode } from 'react';
import { Problem } from '../api/client';

const Refusal = createContext<unknown>(undefined);

/** Around the fields of a form: what the server refused of it is told at the field it is about. */
export function Refused({ by, children }: { by: unknown; children: ReactNode }) {
  return <Refusal.Provider value={by}>{children}</Refusal.Provider>;
}

/** What was refused at a place of the request, or within it: `brief.place`, `brief.asks.tapes[0]`; empty when nothing was. */
export function refusedAt(problem: unknown, place: string): string {
  if (!place || !(problem instanceof Problem)) return '';
  return problem.places
    .filter((p) => p.place === place || p.place.startsWith(`${place}.`) || p.place.startsWith(`${place}[`))
    .map((p) => p.message)
    .join('; ');
}

/** What was refused at a place, where it is shown: below a line of a list, say. */
export function RefusedHere({ place }: { place: string }) {
  const wrong = refusedAt(useContext(Refusal), place);
  return wrong ? (
    <em className="field-wrong" role="alert">
      {wrong}
    </em>
  ) : null;
}

interface Props {
  label: ReactNode;
  /** Where the request carries it, as the server names places. */
  place?: string;
  wide?: boolean;
  children: ReactNode;
}

/** A labelled field of a form, with what was refused of it below. */
export function Field({ label, place = '', wide = false, children }: Props) {
  const wrong = refusedAt(useContext(Refusal), place);
  return (
    <label className={wide ? 'field wide' : 'field'}>
      <span>{label}</span>
      <Form.Item noStyle validateStatus={wrong ? 'error' : ''}>
        {children}
      </Form.Item>
      <RefusedHere place={place} />
    </label>
  );
}
