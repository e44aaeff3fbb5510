import { Button, Input } from 'antd';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, unwrap } from '../../shared/api/client';
import { counted } from '../../shared/format/units';
import type { KitLine } from './kit';

/** A list from a spreadsheet or a message: read first, so that what is not plain is seen before it is taken. */
export function PasteList({ job, onTake }: { job: string; onTake: (lines: KitLine[]) => void }) {
  const [text, setText] = useState('');
  const read = useMutation({
    mutationFn: async () =>
      unwrap(await api.POST('/api/jobs/{job}/kit/read', { params: { path: { job } }, body: { text } })),
  });
  const plain = read.data?.filter((l) => l.item !== '') ?? [];
  const odd = read.data?.filter((l) => l.item === '') ?? [];
  return (
    <div className="kit-paste">
      <Input.TextArea
        autoFocus
        rows={5}
        aria-label="List to paste"
        placeholder={'4 x Battery 98 Wh\nRods 15, 400 mm, 2'}
        value={text}
        onChange={(e) => setText(e.target.value)}
      />
      <div className="finding-acts">
        <Button disabled={text.trim() === '' || read.isPending} onClick={() => read.mutate()}>
          Read it
        </Button>
        {plain.length > 0 && (
          <Button
            type="primary"
            onClick={() =>
              onTake(plain.map((l) => ({ item: l.item, name: l.name, category: 'OTHER', onRig: 0, count: l.count })))
            }
          >
            Take {counted(plain.length, 'line')}
          </Button>
        )}
      </div>
      {read.error && (
        <p className="error" role="alert">
          {read.error.message}
        </p>
      )}
      {odd.length > 0 && (
        <ul className="kit-odd" aria-label="Rows that are not plain">
          {odd.map((l) => (
            <li key={l.row}>
              <span className="mark caution">row {l.row}</span> {l.text}: {l.problem}
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
