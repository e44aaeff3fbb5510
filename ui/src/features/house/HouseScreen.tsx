import './house.css';
import { Button, Input } from 'antd';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, unwrap } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { rulesQuery, standardsQuery } from '../../shared/api/houseQueries';
import { Waiting } from '../../shared/kit/Waiting';
import { figureName, fixed, words } from '../../shared/format/units';
import { WaysTable } from './WaysTable';
import { plainNumber } from '../../shared/format/units';

type Standard = Schemas['StandardLine'];

/** The mounting standards and the house's numbers; a lead changes a standard, and the open jobs are judged anew. */
export function HouseScreen({ session }: { session: Schemas['Session'] }) {
  const standards = useQuery(standardsQuery);
  const rules = useQuery(rulesQuery);
  const [open, setOpen] = useState('');
  const [told, setTold] = useState('');
  return (
    <main className="page house">
      <h1>House</h1>
      <nav className="house-parts" aria-label="On this page">
        <a href="#standards">Mounting standards</a>
        <a href="#ways">Ways of working</a>
        <a href="#rules">House rules</a>
      </nav>
      {told && (
        <p className="told" role="status">
          {told}
        </p>
      )}
      <h2 id="standards">Mounting standards</h2>
      <p className="soft">
        As commonly drawn; confirm each with the maker's drawing. A changed figure makes a new revision and judges every
        open job anew.
      </p>
      {standards.isPending && <Waiting />}
      {standards.isError && <p className="error">{standards.error.message}</p>}
      <table className="sheet">
        <thead>
          <tr>
            <th>Standard</th>
            <th>Comes on</th>
            <th>One contact</th>
            <th>Figures</th>
            <th className="right">Parts</th>
            <th className="right">Rev</th>
            <th />
          </tr>
        </thead>
        <tbody>
          {standards.data?.map((s) => (
            <StandardRow
              key={s.id}
              standard={s}
              edits={session.waives}
              open={open === s.id}
              onOpen={() => setOpen(open === s.id ? '' : s.id)}
              onDone={(words) => {
                setOpen('');
                setTold(words);
              }}
            />
          ))}
        </tbody>
      </table>
      <h2 id="ways">Ways of working</h2>
      <p className="soft">
        Where good houses differ, this is how ours works; an operator or a brief may differ, and every finding says
        which answer decided it. None of them reaches what holds something up, tips or falls.
      </p>
      <WaysTable edits={session.waives} onDone={setTold} />
      <h2 id="rules">House rules</h2>
      <table className="sheet">
        <thead>
          <tr>
            <th>Rule</th>
            <th className="right">Figure</th>
            <th>Because</th>
          </tr>
        </thead>
        <tbody>
          {rules.data?.map((r) => (
            <tr key={r.rule}>
              <td>{words(r.rule)}</td>
              <td className="num right nowrap">
                {fixed(r.value, r.value < 10 ? 2 : 0)} {r.unit}
              </td>
              <td className="soft">{r.reason}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </main>
  );
}

interface RowProps {
  standard: Standard;
  edits: boolean;
  open: boolean;
  onOpen: () => void;
  onDone: (words: string) => void;
}

function StandardRow({ standard: s, edits, open, onOpen, onDone }: RowProps) {
  return (
    <>
      <tr>
        <td>
          <Link to={`/catalogue?standard=${s.id}`}>{s.title}</Link>
          {s.note && <div className="soft">{s.note}</div>}
        </td>
        <td className="soft">{words(s.entry)}</td>
        <td className="soft">{s.resistsTwist ? 'does not turn' : 'turns without pins'}</td>
        <td className="num">
          {s.facts.map((f) => `${figureName(f.name).split(',')[0]} ${fixed(f.value, 1)}`).join(', ')}
          {s.loadGrams > 0 && ` light loads, ${fixed(s.loadGrams, 0)} g`}
        </td>
        <td className="num right">{s.parts}</td>
        <td className="num right">{s.revision}</td>
        <td className="right">
          {edits && (
            <Button type="text" aria-expanded={open} onClick={onOpen}>
              Change
            </Button>
          )}
        </td>
      </tr>
      {open && (
        <tr>
          <td colSpan={7}>
            <StandardForm standard={s} onDone={onDone} />
          </td>
        </tr>
      )}
    </>
  );
}

function StandardForm({ standard: s, onDone }: { standard: Standard; onDone: (words: string) => void }) {
  const [title, setTitle] = useState(s.title);
  const [note, setNote] = useState(s.note);
  const [load, setLoad] = useState(String(s.loadGrams));
  const [facts, setFacts] = useState(s.facts.map((f) => ({ ...f, text: String(f.value) })));
  const [error, setError] = useState('');
  const client = useQueryClient();
  const save = async () => {
    setError('');
    try {
      const done = unwrap(
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
      );
      await client.invalidateQueries();
      const changed = done.changed.length > 0 ? `changed: ${done.changed.join(', ')}` : 'none changed its verdict';
      onDone(
        `${done.standard.title} is at revision ${done.standard.revision}. ${done.jobs} open jobs judged anew; ${changed}.`,
      );
    } catch (e) {
      setError(e instanceof Error ? e.message : 'The standard could not be stored.');
    }
  };
  return (
    <form
      className="filters"
      onSubmit={(e) => {
        e.preventDefault();
        void save();
      }}
    >
      <label>
        <span>Title</span>
        <Input value={title} onChange={(e) => setTitle(e.target.value)} />
      </label>
      {facts.map((f, i) => (
        <label key={f.name}>
          <span>{`${figureName(f.name)}${f.unit === '°' ? ', °' : ''}`}</span>
          <Input
            className="num"
            inputMode="decimal"
            value={f.text}
            onChange={(e) => setFacts(facts.map((o, k) => (k === i ? { ...o, text: e.target.value } : o)))}
          />
        </label>
      ))}
      <label>
        <span>Light load, g (0: none)</span>
        <Input className="num" inputMode="decimal" value={load} onChange={(e) => setLoad(e.target.value)} />
      </label>
      <label className="wide">
        <span>Note</span>
        <Input value={note} onChange={(e) => setNote(e.target.value)} />
      </label>
      <Button type="primary" htmlType="submit">
        Store as revision {s.revision + 1}
      </Button>
      {error && (
        <p className="error" role="alert">
          {error}
        </p>
      )}
    </form>
  );
}
