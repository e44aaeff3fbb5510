import './bodies.css';
import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../shared/api/client';
import { counted } from '../../shared/format/units';
import { addressOf } from '../../shared/job/standpoint';
import { Retitle } from '../../shared/kit/Retitle';
import { NewBody } from './NewBody';
import { useBodies } from './useBodies';
import type { BodyAct } from './useBodies';

interface Props {
  job: Schemas['JobView'];
  /** Who builds adds bodies and takes them off. */
  canEdit: boolean;
}

/** The camera bodies of a job: which there are, what each is built on, one more, a twin. */
export function BodiesPanel({ job, canEdit }: Props) {
  const bodies = useBodies(job);
  const [adding, setAdding] = useState(job.builds.length === 0);
  const act = (a: BodyAct) => bodies.mutate(a, { onSuccess: () => a.kind === 'add' && setAdding(false) });
  return (
    <section className="bodies" aria-labelledby="bodies-title">
      <div className="head">
        <h3 id="bodies-title">Bodies</h3>
        {job.builds.length === 0 && (
          <span className="soft">None yet. A job is built up from its bodies: choose the first.</span>
        )}
        {canEdit && !adding && <Button onClick={() => setAdding(true)}>Add a body</Button>}
      </div>
      <ul>
        {job.builds.map((b) => (
          <BodyLine key={b.id} job={job.id} body={b} canEdit={canEdit} act={act} />
        ))}
      </ul>
      {canEdit && adding && (
        <NewBody
          bodies={job.builds}
          busy={bodies.isPending}
          onAdd={(title, item, like) => act({ kind: 'add', title, item, like })}
        />
      )}
      {bodies.error && (
        <p className="error" role="alert">
          {bodies.error.message}
        </p>
      )}
      {job.takenOff.map((b) => (
        <p key={b.id} className="soft">
          {b.title} is taken off, with all that was built on it.{' '}
          {canEdit && (
            <Button type="text" onClick={() => act({ kind: 'put-back', build: b.id })}>
              Put back
            </Button>
          )}
        </p>
      ))}
    </section>
  );
}

interface LineProps {
  job: string;
  body: Schemas['BuildRef'];
  canEdit: boolean;
  act: (a: BodyAct) => void;
}

const NOWHERE = new URLSearchParams();

function BodyLine({ job, body, canEdit, act }: LineProps) {
  const [titling, setTitling] = useState(false);
  const rename = (title: string) => {
    setTitling(false);
    if (title !== body.title) act({ kind: 'title', build: body.id, title });
  };
  return (
    <li>
      {titling ? (
        <Retitle title={body.title} longest={60} onDone={rename} />
      ) : (
        <Link to={addressOf(job, 'bench', NOWHERE, { build: body.id })}>
          <strong>{body.title}</strong>
        </Link>
      )}
      <span className="soft">
        worn {counted(body.configurations.length, 'way')}, {counted(body.lenses.length, 'lens', 'lenses')}
      </span>
      {canEdit && (
        <>
          <Button type="text" onClick={() => setTitling(true)}>
            Rename
          </Button>
          <Button type="text" onClick={() => act({ kind: 'take-off', build: body.id })}>
            Take off
          </Button>
        </>
      )}
    </li>
  );
}
