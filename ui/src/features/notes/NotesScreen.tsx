import './notes.css';
import { Button, Checkbox, Input, Segmented } from 'antd';
import type { TableColumnsType } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../shared/api/client';
import { incidentsQuery, notesQuery } from '../../shared/api/noteQueries';
import { day, fixed } from '../../shared/format/units';
import { conditionText } from '../../shared/job/conditions';
import { Pages } from '../../shared/kit/Pages';
import { Sheet } from '../../shared/kit/Sheet';
import { useAddress } from '../../shared/kit/useAddress';
import { Waiting } from '../../shared/kit/Waiting';
import { SettleDialog } from './SettleDialog';

type Note = Schemas['NoteView'];
type Incident = Schemas['Incident'];

/** What the house has learnt: notes on things, and what broke or went missing. */
export function NotesScreen({ session }: { session: Schemas['Session'] }) {
  const [asked, change] = useAddress();
  const wrong = asked.get('of') === 'incidents';
  const page = Math.max(0, Number(asked.get('page') ?? 0) || 0);
  return (
    <main className="page notes">
      <div className="head finds">
        <h1>Notes</h1>
        <Segmented
          aria-label="What is shown"
          value={wrong ? 'incidents' : ''}
          options={[
            { value: '', label: 'what people know' },
            { value: 'incidents', label: 'what broke or went missing' },
          ]}
          onChange={(of) => change({ of, page: '', text: '' })}
        />
        {!wrong && (
          <>
            <Input.Search
              allowClear
              className="notes-find"
              aria-label="Search notes"
              placeholder="words, type, code"
              defaultValue={asked.get('text') ?? ''}
              maxLength={60}
              onSearch={(text) => change({ text: text.trim(), page: '' })}
            />
            <Checkbox
              checked={asked.get('settled') !== null}
              onChange={(e) => change({ settled: e.target.checked ? 'yes' : '', page: '' })}
            >
              settled ones too
            </Checkbox>
          </>
        )}
      </div>
      {wrong ? (
        <Incidents page={page} onPage={(n) => change({ page: n === 0 ? '' : String(n) })} />
      ) : (
        <Notes
          text={asked.get('text') ?? ''}
          settled={asked.get('settled') !== null}
          page={page}
          mayWrite={session.editsBuilds}
          onPage={(n) => change({ page: n === 0 ? '' : String(n) })}
        />
      )}
    </main>
  );
}

interface NotesProps {
  text: string;
  settled: boolean;
  page: number;
  mayWrite: boolean;
  onPage: (page: number) => void;
}

function Notes({ text, settled, page, mayWrite, onPage }: NotesProps) {
  const query = useQuery(notesQuery(text, settled, page));
  const [settling, setSettling] = useState<Note | null>(null);
  if (query.isError) return <p className="error">{query.error.message}</p>;
  if (query.isPending) return <Waiting />;
  return (
    <>
      <Sheet<Note>
        rowKey="id"
        columns={noteColumns(mayWrite, setSettling)}
        dataSource={query.data.notes}
        empty={
          text === ''
            ? 'Nothing yet. Notes are written where a thing is used: on the Bench, at a step, when a job comes back.'
            : 'No note has this. Search for less, or among the settled ones too.'
        }
      />
      <Pages of={query.data} what="notes" onPage={onPage} />
      {settling && <SettleDialog note={settling} onClose={() => setSettling(null)} />}
    </>
  );
}

function noteColumns(mayWrite: boolean, settle: (note: Note) => void): TableColumnsType<Note> {
  return [
    { title: 'Of', key: 'of', render: (_, n) => <About note={n} /> },
    {
      title: 'What is known',
      key: 'words',
      render: (_, n) => (
        <>
          {n.kind === 'NEXT_TIME' && <span className="mark caution">next time</span>} {n.words}
          {n.settled !== '' && <span className="soft"> Settled: {n.settled}</span>}
        </>
      ),
    },
    {
      title: 'Learnt',
      key: 'job',
      className: 'soft',
      render: (_, n) => (n.job === '' ? '' : <Link to={`/jobs/${n.job}`}>{n.jobTitle}</Link>),
    },
    {
      title: 'By',
      key: 'who',
      className: 'soft nowrap',
      render: (_, n) => `${n.who}, ${day(n.at.slice(0, 10))}`,
    },
    {
      title: '',
      key: 'settle',
      render: (_, n) =>
        mayWrite &&
        n.settled === '' && (
          <Button size="small" onClick={() => settle(n)}>
            Settle
          </Button>
        ),
    },
  ];
}

function About({ note }: { note: Note }) {
  const [of, id] = note.about.split(':');
  if (of === 'job') return <Link to={`/jobs/${id}`}>{note.title}</Link>;
  if (of === 'piece') return <Link to={`/stock?piece=${id}`}>{note.title}</Link>;
  return <>{note.title}</>;
}

function Incidents({ page, onPage }: { page: number; onPage: (page: number) => void }) {
  const query = useQuery(incidentsQuery(page));
  if (query.isError) return <p className="error">{query.error.message}</p>;
  if (query.isPending) return <Waiting />;
  return (
    <>
      <Sheet<Incident>
        rowKey={(i) => `${i.at} ${i.type} ${i.piece}`}
        columns={INCIDENTS}
        dataSource={query.data.incidents}
        empty="Nothing was told damaged or missing yet. What comes back otherwise than it left is told under Packing."
      />
      <Pages of={query.data} what="told" onPage={onPage} />
    </>
  );
}

const INCIDENTS: TableColumnsType<Incident> = [
  {
    title: 'What',
    key: 'what',
    render: (_, i) => (
      <>
        {i.pieces > 1 && `${i.pieces} × `}
        {i.name} {i.piece && <Link to={`/stock?piece=${i.piece}`}>{i.piece}</Link>}
      </>
    ),
  },
  {
    title: 'Happened',
    key: 'words',
    render: (_, i) => (
      <>
        <span className="mark stop">{i.kind === 'MISSING' ? 'missing' : 'damaged'}</span> {i.words}
      </>
    ),
  },
  { title: 'On', key: 'job', render: (_, i) => <Link to={`/jobs/${i.job}/packing`}>{i.jobTitle}</Link> },
  {
    title: 'Cost',
    key: 'cost',
    align: 'right',
    className: 'num',
    render: (_, i) => (i.cost === null ? '' : fixed(i.cost, 2)),
  },
  { title: 'Now', key: 'now', render: (_, i) => (i.now === null ? '' : conditionText(i.now)) },
  { title: 'Told by', key: 'who', className: 'soft nowrap', render: (_, i) => `${i.who}, ${day(i.at.slice(0, 10))}` },
];
