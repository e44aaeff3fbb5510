import { Button, Input } from 'antd';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, unwrap } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { figureName, plainNumber } from '../../shared/format/units';
import { Field, Refused } from '../../shared/kit/Field';
import { judgedAnew } from './judged';

interface Props {
  standard: Schemas['StandardLine'];
  onDone: (words: string) => void;
}

/** Changes a standard's figures: stored as its next revision, with which every open job is judged anew. */
export function StandardForm({ standard: s, onDone }: Props) {
  const [title, setTitle] = useState(s.title);
  const [note, setNote] = useState(s.note);
  const [load, setLoad] = useState(String(s.loadGrams));
  const [facts, setFacts] = useState(s.facts.map((f) => ({ ...f, text: String(f.value) })));
  const client = useQueryClient();
  const save = useMutation({
    mutationFn: async () =>
      unwrap(
        await api.PUT('/api/house/standards/{id}', {
          params: { path: { id: s.id } },
          body: {
            revision: s.revision,
            title,
            note,
            loadGrams: Number(plainNumber(load)),
            facts: facts.map((f) => ({ name: f.name, unit: f.unit, value: Number(plainNumber(f.text)) })),
          },
        }),
      ),
    onSuccess: async (done) => {
      await client.invalidateQueries();
      onDone(`${done.standard.title} is at revision ${done.standard.revision}. ${judgedAnew(done)}`);
    },
  });
  return (
    <form
      className="filters"
      onSubmit={(e) => {
        e.preventDefault();
        save.mutate();
      }}
    >
      <Refused by={save.error}>
        <Field label="Title" place="title">
          <Input value={title} onChange={(e) => setTitle(e.target.value)} />
        </Field>
        {facts.map((f, i) => (
          <Field key={f.name} label={`${figureName(f.name)}${f.unit === '°' ? ', °' : ''}`} place={`facts[${i}]`}>
            <Input
              className="num"
              inputMode="decimal"
              value={f.text}
              onChange={(e) => setFacts(facts.map((o, k) => (k === i ? { ...o, text: e.target.value } : o)))}
            />
          </Field>
        ))}
        <Field label="Light load, g (0: none)" place="loadGrams">
          <Input className="num" inputMode="decimal" value={load} onChange={(e) => setLoad(e.target.value)} />
        </Field>
        <Field wide label="Note" place="note">
          <Input value={note} onChange={(e) => setNote(e.target.value)} />
        </Field>
      </Refused>
      <Button type="primary" htmlType="submit" disabled={save.isPending}>
        Store as revision {s.revision + 1}
      </Button>
      {save.error && (
        <p className="error" role="alert">
          {save.error.message}
        </p>
      )}
    </form>
  );
}
