import { Checkbox } from 'antd';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, unwrap } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { InviteForm } from '../../shared/people/InviteForm';
import { ROLES } from './roles';
import type { Role } from './roles';

/** Makes an account and its code. */
export function Invite({ onInvited }: { onInvited: (invited: Schemas['Invited']) => void }) {
  const [roles, setRoles] = useState<Role[]>([]);
  const client = useQueryClient();
  const invite = useMutation({
    mutationFn: async (person: { username: string; displayName: string }) =>
      unwrap(await api.POST('/api/people', { body: { ...person, roles } })),
    onSuccess: async (invited) => {
      await client.invalidateQueries();
      onInvited(invited);
    },
  });
  return (
    <InviteForm
      label="Invite somebody"
      className="invite"
      deed="Give a code"
      ready={roles.length > 0}
      pending={invite.isPending}
      error={invite.error}
      onInvite={invite.mutate}
    >
      <div className="wide may" role="group" aria-label="May">
        <Checkbox.Group options={ROLES} value={roles} onChange={setRoles} />
      </div>
    </InviteForm>
  );
}
