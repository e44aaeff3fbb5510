import { AutoComplete, Button } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Schemas } from '../../shared/api/client';
import { readyPiecesQuery } from '../../shared/api/wayQueries';
import { fixed } from '../../shared/format/units';
import type { DoAct } from './useBench';

/** Which of the house's pieces a part is: scanned, or chosen among those that may go. */
export function PieceField({ row, act }: { row: Schemas['Row']; act: DoAct }) {
  const [code, setCode] = useState(row.piece);
  const [open, setOpen] = useState(false);
  const type = row.item.split('@')[0] ?? '';
  const found = useQuery({ ...readyPiecesQuery(type), enabled: open });
  const asked = code.trim().toUpperCase();
  const say = (said: string) => {
    if (said.trim().toUpperCase() !== row.piece)
      act({ kind: 'edit', request: { kind: 'IDENTIFY', placement: row.placement, code: said.trim() } });
  };
  return (
    <form
      className="weigh"
      onSubmit={(e) => {
        e.preventDefault();
        say(code);
      }}
    >
      <label>
        <span>piece</span>
        <AutoComplete
          size="small"
          aria-label="Piece of the house"
          popupMatchSelectWidth={260}
          placeholder="scan its label"
          value={code}
          onChange={setCode}
          onFocus={() => setOpen(true)}
          onSelect={say}
          notFoundContent={found.isSuccess ? 'None of this type is ready in the house.' : null}
          options={(found.data ?? [])
            .filter((p) => asked === row.piece || p.code.includes(asked))
            .map((p) => ({ value: p.code, label: pieceWords(p) }))}
        />
      </label>
      <Button type="text" htmlType="submit" disabled={asked === row.piece}>
        {asked === '' && row.piece !== '' ? 'Take back' : 'Enter'}
      </Button>
    </form>
  );
}

const pieceWords = (p: Schemas['PieceLine']) =>
  [p.code, p.grams === null ? 'not weighed' : `${fixed(p.grams, 0)} g`, p.note].filter(Boolean).join(', ');
