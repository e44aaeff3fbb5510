import './people.css';
import { Button, Input } from 'antd';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, unwrap } from '../../shared/api/client';
import { Field, Refused } from '../../shared/kit/Field';

/** Who was given a code chooses a password by it. */
export function JoinScreen() {
  const [username, setUsername] = useState('');
  const [code, setCode] = useState('');
  const [password, setPassword] = useState('');
  const navigate = useNavigate();
  const join = useMutation({
    mutationFn: async () => unwrap(await api.POST('/api/join', { body: { username, code, password } })),
    onSuccess: () => navigate('/sign-in'),
  });
  return (
    <main className="join">
      <h1>Choose your password</h1>
      <p className="soft">With the code that an administrator gave you. It works once.</p>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          join.mutate();
        }}
      >
        <Refused by={join.error}>
          <Field label="Name you sign in with" place="username">
            <Input autoFocus autoComplete="username" value={username} onChange={(e) => setUsername(e.target.value)} />
          </Field>
          <Field label="Code" place="code">
            <Input
              className="num"
              autoComplete="one-time-code"
              value={code}
              onChange={(e) => setCode(e.target.value)}
            />
          </Field>
          <Field label="Password, at least 10 characters" place="password">
            <Input.Password
              autoComplete="new-password"
              value={password}
              onChange={(e) => setPassword(e.target.value)}
            />
          </Field>
        </Refused>
        {join.isError && (
          <p className="error" role="alert">
            {join.error.message}
          </p>
        )}
        <Button
          type="primary"
          htmlType="submit"
          disabled={username.trim() === '' || code.trim() === '' || password.length < 10 || join.isPending}
        >
          Choose it
        </Button>
      </form>
      <p>
        <Link to="/sign-in">Sign in instead</Link>
      </p>
    </main>
  );
}
