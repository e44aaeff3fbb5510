import './signin.css';
import { Button, Input } from 'antd';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { FormEvent } from 'react';
import { Link } from 'react-router';
import { csrfHeader, problemOf } from '../../shared/api/client';
import { keys } from '../../shared/api/queries';

export function SignInScreen() {
  const client = useQueryClient();
  const [error, setError] = useState('');
  const [busy, setBusy] = useState(false);

  const submit = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    setBusy(true);
    setError('');
    const form = new FormData(event.currentTarget);
    const body = new URLSearchParams({
      username: String(form.get('username') ?? '').trim(),
      password: String(form.get('password') ?? ''),
    });
    try {
      const answer = await fetch('/api/login', { method: 'POST', body, headers: csrfHeader() });
      if (!answer.ok) throw problemOf(answer.status, await answer.json().catch(() => null));
      await client.invalidateQueries({ queryKey: keys.session });
    } catch (e) {
      setError(e instanceof Error ? e.message : 'Signing in failed.');
      setBusy(false);
    }
  };

  return (
    <main className="signin">
      <section className="signin-plate" aria-hidden="true">
        <svg viewBox="0 0 420 420" className="signin-drawing">
          <g fill="none" stroke="currentColor" strokeWidth="1.2">
            <path d="M20 250h380" strokeDasharray="10 4 2 4" />
            <rect x="120" y="190" width="112" height="112" />
            <path d="M232 214h26v-6h62v84h-62v-6h-26M320 206h14l46-28v144l-46-28h-14M84 202h36v88H84z" />
            <path d="M108 302h140v14H108zM92 316h300v12H92zM128 328h108v18H128zM84 346h200v12H84z" />
            <path d="M140 358h84l18 46H122zM150 190v-46h78v46M142 130h120v14H142z" />
          </g>
        </svg>
      </section>
      <form onSubmit={(e) => void submit(e)} aria-labelledby="signin-title">
        <h1 id="signin-title">Wide Harbor</h1>
        <p className="soft">
          Camera packages, built on paper as they are built on the bench, and proved before they leave.
        </p>
        <label className="field">
          <span>Name</span>
          <Input name="username" autoComplete="username" autoFocus required maxLength={40} />
        </label>
        <label className="field">
          <span>Password</span>
          <Input.Password name="password" autoComplete="current-password" required maxLength={100} />
        </label>
        <p className="error" role="alert">
          {error}
        </p>
        <Button type="primary" htmlType="submit" disabled={busy}>
          Sign in
        </Button>
        <p className="soft small">
          Were you given a code? <Link to="/join">Choose your password</Link>. The first accounts of this installation
          are printed by ./harbor up.
        </p>
      </form>
    </main>
  );
}
