import './catalogue.css';
import { Button, Input } from 'antd';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { api, unwrap } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { partTextQuery } from '../../shared/api/houseQueries';
import { Pick } from '../../shared/kit/Pick';
import { Waiting } from '../../shared/kit/Waiting';
import { words } from '../../shared/format/units';
import { CATEGORIES, blankPart, nextRevision, readFields, withFields } from './editing';
import type { Fields } from './editing';

/** A part as a few fields and, for all the rest, the text of the open file. A change is the next revision. */
export function EditScreen({ session }: { session: Schemas['Session'] }) {
  const [params] = useSearchParams();
  const from = params.get('from') ?? '';
  const query = useQuery({ ...partTextQuery(from), enabled: from !== '' });
  if (!session.editsBuilds) return <p className="page">Your role does not change parts.</p>;
  if (from !== '' && query.isPending) return <Waiting />;
  if (query.isError) return <p className="page error">{query.error.message}</p>;
  const text = from === '' ? blankPart() : nextRevision(query.data?.text ?? '');
  return <Editor key={text} start={text} isNew={from === ''} />;
}

const FIELDS: [Exclude<keyof Fields, 'category'>, string, string][] = [
  ['name', 'Name', 'as on the part'],
  ['maker', 'Maker', 'who made it, or the house'],
  ['massGrams', 'Mass, g', 'not weighed'],
];

/** What a part cannot do without; the rest may wait. */
function stillMissing(fields: Fields): string {
  const what = [!fields.name.trim() && 'a name', !fields.maker.trim() && 'a maker', !fields.category && 'a category']
    .filter(Boolean)
    .join(', ');
  return what && `It needs ${what}.`;
}

function Editor({ start, isNew }: { start: string; isNew: boolean }) {
  const [text, setText] = useState(start);
  const [error, setError] = useState('');
  const client = useQueryClient();
  const navigate = useNavigate();
  const fields = readFields(text);
  const missing = fields && stillMissing(fields);
  const save = async () => {
    setError('');
    try {
      const stored = unwrap(await api.POST('/api/catalogue/parts', { body: { text } }));
      await client.invalidateQueries({ queryKey: ['catalogue'] });
      await navigate(`/catalogue/parts/${encodeURIComponent(stored.ref)}`);
    } catch (e) {
      setError(e instanceof Error ? e.message : 'The part could not be stored.');
    }
  };
  return (
    <main className="page">
      <div className="part-head">
        <h1>{isNew ? 'New part' : 'The next revision of a part'}</h1>
        <span className="soft">Revisions on file never change; builds keep the one they have.</span>
      </div>
      {fields ? (
        <div className="filters">
          {FIELDS.map(([name, title, placeholder]) => (
            <label key={name}>
              <span>{title}</span>
              <Input
                value={fields[name]}
                placeholder={placeholder}
                onChange={(e) => setText(withFields(text, { ...fields, [name]: e.target.value }))}
              />
            </label>
          ))}
          <label>
            <span>Category</span>
            <Pick
              label="Category"
              placeholder="choose one"
              value={fields.category}
              options={CATEGORIES.map((c) => ({ value: c as string, label: words(c) }))}
              onChange={(category) => setText(withFields(text, { ...fields, category }))}
            />
          </label>
        </div>
      ) : (
        <p className="error">The text below is not valid JSON yet; the fields follow when it is.</p>
      )}
      <label className="part-text">
        <span>All of it: shapes in mm, ports, sockets and facets, as in package files</span>
        <Input.TextArea
          className="num"
          spellCheck={false}
          rows={22}
          value={text}
          onChange={(e) => setText(e.target.value)}
        />
      </label>
      {error && (
        <p className="error" role="alert">
          {error}
        </p>
      )}
      <Button type="primary" disabled={!!missing} onClick={() => void save()}>
        Store the part
      </Button>
      {missing && <span className="soft">{missing}</span>}
    </main>
  );
}
