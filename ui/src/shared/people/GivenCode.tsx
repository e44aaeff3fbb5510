import type { ReactNode } from 'react';

/** A code to join by; nobody is told it again. */
export function GivenCode({ who, username, code }: { who: string; username: string; code: string }): ReactNode {
  return (
    <>
      Code for {who}, who signs in as <b>{username}</b>. It is told once, works once and for a week, at <b>/join</b>:{' '}
      <b className="code num">{code}</b>
    </>
  );
}
