import { Button, Input } from 'antd';
import type { ReactNode } from 'react';
import { useState } from 'react';
import { Field, Refused } from '../kit/Field';

interface Props {
  label: string;
  className?: string;
  /** The words on the button that does it. */
  deed: string;
  /** What else has to be said is said. */
  ready?: boolean;
  pending: boolean;
  error: Error | null;
  onInvite: (person: { username: string; displayName: string }) => void;
  /** What else is asked. */
  children?: ReactNode;
  /** What else may be done. */
  acts?: ReactNode;
}

/** Asks who is invited: what they sign in as and what they are called. */
export function InviteForm({ label, className, deed, ready = true, pending, error, onInvite, children, acts }: Props) {
  const [username, setUsername] = useState('');
  const [displayName, setDisplayName] = useState('');
  return (
    <form
      className={`filters ${className ?? ''}`}
      aria-label={label}
      onSubmit={(e) => {
        e.preventDefault();
        onInvite({ username, displayName });
      }}
    >
      <Refused by={error}>
        <Field label="Signs in as" place="username">
          <Input autoFocus maxLength={39} value={username} onChange={(e) => setUsername(e.target.value.trim())} />
        </Field>
        <Field label="Is called" place="displayName">
          <Input maxLength={80} value={displayName} onChange={(e) => setDisplayName(e.target.value)} />
        </Field>
        {children}
      </Refused>
      <Button
        type="primary"
        htmlType="submit"
        disabled={username === '' || displayName.trim() === '' || !ready || pending}
      >
        {deed}
      </Button>
      {acts}
      {error && (
        <p className="error" role="alert">
          {error.message}
        </p>
      )}
    </form>
  );
}
