import './notesHere.css';
import { Button, Input } from 'antd';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { jobNotesQuery, writeNote } from '../api/noteQueries';
import { freshId } from '../format/ids';
import { day } from '../format/units';
import { useRefusal } from '../kit/useRefusal';

interface Props {
  job: string;
  /** What one stands at, as notes are about it: "type:head-120", "piece:BD-014". The first is what a new one is about. */
  about: readonly string[];
  mayWrite: boolean;
}

/** What people know of a thing, and what went wrong with it before, where it is used. */
export function NotesHere({ job, about, mayWrite }: Props) {
  const known = useQuery({ ...jobNotesQuery(job), staleTime: 60_000 }).data;
  const notes = (known?.notes ?? []).filter((n) => about.includes(n.about));
  const went = (known?.incidents ?? []).filter((i) => about.includes(`type:${i.type}`)).slice(0, 3);
  const first = about[0];
  if (first === undefined || (notes.length === 0 && went.length === 0 && !mayWrite)) return null;
  return (
    <aside className="notes-here" aria-label="What is known of it">
      {notes.map((n) => (
        <p key={n.id} className={n.kind === 'NEXT_TIME' ? 'next-time' : undefined}>
          {n.kind === 'NEXT_TIME' && <b>Next time: </b>}
          {n.words}{' '}
          <span className="soft">
            {n.who}
            {n.jobTitle !== '' && `, ${n.jobTitle}`}, {day(n.at.slice(0, 10))}
          </span>
        </p>
      ))}
      {went.map((i) => (
        <p key={i.at + i.piece}>
          <b>{i.kind === 'MISSING' ? 'Went missing' : 'Was damaged'}: </b>
          {i.words}{' '}
          <span className="soft">
            {i.piece} {i.jobTitle}, {day(i.at.slice(0, 10))}
          </span>
        </p>
      ))}
      {mayWrite && <NoteForm about={first} job={job} />}
    </aside>
  );
}

/** Writes down what the next one should know. */
function NoteForm({ about, job }: { about: string; job: string }) {
  const client = useQueryClient();
  const refused = useRefusal();
  const [open, setOpen] = useState(false);
  const [words, setWords] = useState('');
  const write = useMutation({
    mutationFn: (kind: 'KNOWN' | 'NEXT_TIME') => writeNote({ id: freshId(), kind, about, words: words.trim(), job }),
    onSuccess: async () => {
      setWords('');
      setOpen(false);
      await client.invalidateQueries({ queryKey: jobNotesQuery(job).queryKey });
      await client.invalidateQueries({ queryKey: ['notes'] });
    },
    onError: refused,
  });
  if (!open)
    return (
      <Button type="text" size="small" className="noprint" onClick={() => setOpen(true)}>
        Note something of it
      </Button>
    );
  const empty = words.trim() === '' || write.isPending;
  return (
    <div className="note-form">
      <Input.TextArea
        autoFocus
        autoSize={{ minRows: 2, maxRows: 6 }}
        maxLength={1000}
        aria-label="What the next one should know"
        placeholder="What the next one should know of it, on any job"
        value={words}
        onChange={(e) => setWords(e.target.value)}
      />
      <div className="form-acts">
        <Button size="small" disabled={empty} onClick={() => write.mutate('KNOWN')}>
          How it is
        </Button>
        <Button size="small" disabled={empty} onClick={() => write.mutate('NEXT_TIME')}>
          Do so next time
        </Button>
        <Button size="small" type="text" onClick={() => setOpen(false)}>
          Cancel
        </Button>
      </div>
    </div>
  );
}
