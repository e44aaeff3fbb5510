import { Button, Checkbox, Input } from 'antd';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, unwrap } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { Field, Refused } from '../../shared/kit/Field';
import { ROLES } from './roles';
import type { Role } from './roles';

/** Makes an account and its code. */
export function Invite({ onInvited }: { onInvited: (invited: Schemas['Invited']) => void }) {
  const [username, setUsername] = useState('');
  const [displayName, setDisplayName] = useState('');
  const [roles, setRoles] = useState<Role[]>([]);
  const client = useQueryClient();
  const invite = useMutation({
    mutationFn: async () => unwrap(await api.POST('/api/people', { body: { username, displayName, roles } })),
    onSuccess: async (invited) => {
      await client.invalidateQueries();
      onInvited(invited);
    },
  });
  return (
    <form
      className="invite filters"
      aria-label="Invite somebody"
      onSubmit={(e) => {
        e.preventDefault();
        invite.mutate();
      }}
    >
      <Refused by={invite.error}>
        <Field label="Signs in as" place="username">
          <Input autoFocus maxLength={39} value={username} onChange={(e) => setUsername(e.target.value.trim())} />
        </Field>
        <Field label="Is called" place="displayName">
          <Input maxLength={80} value={displayName} onChange={(e) => setDisplayName(e.target.value)} />
        </Field>
        <div className="wide may" role="group" aria-label="May">
          <Checkbox.Group options={ROLES} value={roles} onChange={setRoles} />
        </div>
      </Refused>
      <Button
        type="primary"
        htmlType="submit"
        disabled={username === '' || displayName.trim() === '' || roles.length === 0 || invite.isPending}
      >
        Give a code
      </Button>
      {invite.isError && (
        <p className="error" role="alert">
          {invite.error.message}
        </p>
      )}
    </form>
  );
}
