import './stock.css';
import { Button, Input, Segmented } from 'antd';
import type { TableColumnsType } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../shared/api/client';
import { piecesQuery } from '../../shared/api/wayQueries';
import { grams } from '../../shared/format/units';
import { conditionText } from '../../shared/job/conditions';
import type { Condition } from '../../shared/job/conditions';
import { Pages } from '../../shared/kit/Pages';
import { Sheet } from '../../shared/kit/Sheet';
import { useAddress } from '../../shared/kit/useAddress';
import { Waiting } from '../../shared/kit/Waiting';
import { PieceDialog } from './PieceDialog';
import { PiecesFile } from './PiecesFile';
import { conditionOptions, mayGo, ownerText } from './stock';
import type { Piece } from './stock';

/** The pieces of the house: what is where, in what state, and with whom it is out. */
export function StockScreen({ session }: { session: Schemas['Session'] }) {
  const [asked, change] = useAddress();
  const [adding, setAdding] = useState(false);
  const [reading, setReading] = useState(false);
  const text = asked.get('text') ?? '';
  const condition = conditionOptions.find((c) => c.value === asked.get('condition'))?.value ?? '';
  const page = Math.max(0, Number(asked.get('page') ?? 0) || 0);
  const query = useQuery(piecesQuery(text, condition, page));
  const code = asked.get('piece') ?? '';
  const close = () => {
    setAdding(false);
    change({ piece: '' });
  };
  return (
    <main className="page stock">
      <div className="head finds">
        <h1>Stock</h1>
        <Input.Search
          allowClear
          className="stock-find"
          aria-label="Search pieces"
          placeholder="code, type, serial, shelf, owner"
          defaultValue={text}
          maxLength={60}
          onSearch={(next) => change({ text: next.trim(), page: '' })}
        />
        <Segmented<Condition | ''>
          className="quiet-choice"
          aria-label="Condition"
          value={condition}
          options={[{ value: '', label: 'all' }, ...conditionOptions]}
          onChange={(next) => change({ condition: next, page: '' })}
        />
        <span className="stock-acts noprint">
          {session.editsBuilds && <Button onClick={() => setAdding(true)}>Add a piece</Button>}
          {session.waives && <Button onClick={() => setReading(true)}>From a file</Button>}
          <a
            href={`/api/stock/labels.pdf?${new URLSearchParams({ text, page: String(page), ...(condition && { condition }) }).toString()}`}
          >
            Labels
          </a>
          <a href="/api/stock/pieces.csv">CSV</a>
        </span>
      </div>
      {query.isPending && <Waiting />}
      {query.isError && <p className="error">{query.error.message}</p>}
      {query.data && (
        <Sheet<Piece>
          rowKey="code"
          columns={columns((piece) => change({ piece }))}
          dataSource={query.data.pieces}
          empty={
            text === '' && condition === ''
              ? 'No pieces yet. Add one, or take a list of them from a file: code and type are all it needs.'
              : 'No piece is like that. Search for less, or in another state.'
          }
        />
      )}
      {query.data && <Pages of={query.data} what="pieces" onPage={(n) => change({ page: n === 0 ? '' : String(n) })} />}
      {(code !== '' || adding) && <PieceDialog code={code} mayChange={session.editsBuilds} onClose={close} />}
      {reading && <PiecesFile onClose={() => setReading(false)} />}
    </main>
  );
}

function columns(open: (code: string) => void): TableColumnsType<Piece> {
  return [
    {
      title: 'Code',
      key: 'code',
      className: 'num nowrap',
      render: (_, p) => (
        <Button type="link" size="small" onClick={() => open(p.code)}>
          {p.code}
        </Button>
      ),
    },
    { title: 'What it is', key: 'name', render: (_, p) => p.name },
    { title: 'Serial', dataIndex: 'serial', className: 'num soft' },
    { title: 'Belongs to', key: 'owner', className: 'soft', render: (_, p) => ownerText(p) },
    {
      title: 'State',
      key: 'condition',
      render: (_, p) => (
        <>
          <span className={`mark ${mayGo(p.condition) ? 'met' : 'stop'}`}>{conditionText(p.condition)}</span>
          {p.note && <span className="soft"> {p.note}</span>}
        </>
      ),
    },
    {
      title: 'Where',
      key: 'where',
      render: (_, p) => (p.outJob ? <Link to={`/jobs/${p.outJob}/packing`}>with {p.outWith}</Link> : p.home),
    },
    {
      title: 'Weighed',
      key: 'grams',
      align: 'right',
      className: 'num nowrap',
      render: (_, p) => (p.grams === null ? '' : grams(p.grams)),
    },
  ];
}
