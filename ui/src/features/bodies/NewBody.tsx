import { Button, Input } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Schemas } from '../../shared/api/client';
import { catalogueQuery } from '../../shared/api/houseQueries';
import { Field } from '../../shared/kit/Field';
import { LinkButton } from '../../shared/kit/LinkButton';
import { Pick } from '../../shared/kit/Pick';

interface Props {
  bodies: readonly Schemas['BuildRef'][];
  busy: boolean;
  onAdd: (title: string, item: string, like: string) => void;
}

const BODIES = catalogueQuery({
  search: '',
  look: '',
  category: 'BODY',
  standard: '',
  standing: 'OFFERED',
  sort: 'name',
  down: false,
  from: 0,
});

const letter = (n: number) => `${String.fromCharCode(65 + (n % 26))} camera`;

/** Which body comes, and whether it is bare or rigged as another of the job. */
export function NewBody({ bodies, busy, onAdd }: Props) {
  const types = useQuery(BODIES);
  const [item, setItem] = useState('');
  const [like, setLike] = useState('');
  const [title, setTitle] = useState(letter(bodies.length));
  const twin = bodies.find((b) => b.id === like);
  const chosen = twin?.body ?? item;
  if (types.data?.total === 0) {
    return (
      <p>
        The house has no camera body on file. <LinkButton to="/catalogue/make?template=body">Make the first</LinkButton>
      </p>
    );
  }
  return (
    <form
      className="body-new"
      onSubmit={(e) => {
        e.preventDefault();
        if (chosen && title.trim()) onAdd(title.trim(), chosen, like);
      }}
    >
      <Field label="Called" place="title">
        <Input maxLength={60} value={title} onChange={(e) => setTitle(e.target.value)} />
      </Field>
      <Field label="Body" place="item">
        <Pick
          label="Body"
          placeholder="Choose"
          disabled={twin !== undefined}
          value={chosen}
          onChange={setItem}
          options={(types.data?.lines ?? []).map((l) => ({ value: l.ref, label: `${l.name}, ${l.maker}` }))}
        />
      </Field>
      <Field label="Rigged as" place="like">
        <Pick
          label="Rigged as"
          value={like}
          onChange={setLike}
          options={[
            { value: '', label: 'bare' },
            ...bodies.map((b) => ({ value: b.id, label: `${b.title}, as its twin` })),
          ]}
        />
      </Field>
      <Button type="primary" htmlType="submit" disabled={busy || !chosen || !title.trim()}>
        Add it
      </Button>
    </form>
  );
}
