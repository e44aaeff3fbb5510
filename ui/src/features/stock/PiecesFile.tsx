import { App, Button, Input, Modal, Upload } from 'antd';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { readPieces, storePieces } from '../../shared/api/wayQueries';
import { counted } from '../../shared/format/units';

const HEADING = 'code,type,serial,owner,from,condition,home,mass_g,note';

/** Pieces out of a list: read first, and stored only when nothing in it is wrong. */
export function PiecesFile({ onClose }: { onClose: () => void }) {
  const client = useQueryClient();
  const { message } = App.useApp();
  const [text, setText] = useState('');
  const read = useMutation({ mutationFn: readPieces });
  const store = useMutation({
    mutationFn: storePieces,
    onSuccess: async (done) => {
      if (!done.stored) return;
      void message.success(`${counted(done.fresh, 'piece')} new, ${done.changed} changed.`);
      onClose();
      await client.invalidateQueries({ queryKey: ['stock'] });
    },
  });
  const take = (next: string) => {
    setText(next);
    if (next.trim() !== '') read.mutate(next);
  };
  const seen = read.data;
  const error = read.error ?? store.error;
  return (
    <Modal open title="Pieces from a file" footer={null} onCancel={onClose} width={760}>
      <p>
        A CSV with the columns <code>{HEADING}</code>; code and type are needed. A code that is known is changed, others
        are added.
      </p>
      <Upload
        accept=".csv,text/csv"
        showUploadList={false}
        beforeUpload={(file) => {
          void file.text().then(take);
          return false;
        }}
      >
        <Button>Choose a file</Button>
      </Upload>
      <Input.TextArea
        rows={6}
        className="num pieces-text"
        aria-label="Or the list itself"
        placeholder={`${HEADING}\nBD-012,body-tern,QUE204417,HOUSE,,READY,Shelf A1,,`}
        value={text}
        onChange={(e) => take(e.target.value)}
      />
      {error && (
        <p className="error" role="alert">
          {error.message}
        </p>
      )}
      {seen && !read.isPending && (
        <>
          <p className="num">
            {counted(seen.rows, 'row')}: {seen.fresh} new, {seen.changed} changed, {seen.problems.length} wrong
          </p>
          {seen.problems.length > 0 && (
            <ul className="row-problems">
              {seen.problems.slice(0, 20).map((p) => (
                <li key={`${p.row} ${p.column}`}>
                  Row {p.row}, {p.column}: {p.message}
                </li>
              ))}
              {seen.problems.length > 20 && <li>and {seen.problems.length - 20} more</li>}
            </ul>
          )}
        </>
      )}
      <p className="form-acts">
        <Button
          type="primary"
          disabled={!seen || seen.rows === 0 || seen.problems.length > 0 || store.isPending || read.isPending}
          onClick={() => store.mutate(text)}
        >
          Store
        </Button>
        <Button onClick={onClose}>Cancel</Button>
      </p>
    </Modal>
  );
}
