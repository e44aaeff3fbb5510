import { Button } from 'antd';
import type { TableColumnsType } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { Sheet } from '../../shared/kit/Sheet';
import type { Schemas } from '../../shared/api/client';
import { standardsQuery } from '../../shared/api/houseQueries';
import { figureName, fixed, words } from '../../shared/format/units';
import { StandardForm } from './StandardForm';

type Standard = Schemas['StandardLine'];

const figures = (s: Standard) =>
  s.facts.map((f) => `${figureName(f.name).split(',')[0]} ${fixed(f.value, 1)}`).join(', ') +
  (s.loadGrams > 0 ? ` light loads, ${fixed(s.loadGrams, 0)} g` : '');

const COLUMNS: TableColumnsType<Standard> = [
  {
    title: 'Standard',
    key: 'title',
    sorter: (a, b) => a.title.localeCompare(b.title),
    render: (_, s) => (
      <>
        <Link to={`/catalogue?standard=${s.id}`}>{s.title}</Link>
        {s.note && <div className="soft">{s.note}</div>}
      </>
    ),
  },
  { title: 'Comes on', key: 'entry', className: 'soft', render: (_, s) => words(s.entry) },
  {
    title: 'One contact',
    key: 'twist',
    className: 'soft',
    render: (_, s) => (s.resistsTwist ? 'does not turn' : 'turns without pins'),
    filters: [
      { text: 'does not turn', value: true },
      { text: 'turns without pins', value: false },
    ],
    onFilter: (v, s) => s.resistsTwist === v,
  },
  { title: 'Figures', key: 'figures', className: 'num', render: (_, s) => figures(s) },
  { title: 'Parts', dataIndex: 'parts', align: 'right', className: 'num', sorter: (a, b) => a.parts - b.parts },
  { title: 'Rev', dataIndex: 'revision', align: 'right', className: 'num' },
];

interface Props {
  edits: boolean;
  onDone: (words: string) => void;
}

/** The mounting standards with their figures; a lead opens a row to change them. */
export function StandardsTable({ edits, onDone }: Props) {
  const standards = useQuery(standardsQuery);
  const [open, setOpen] = useState('');
  const change: TableColumnsType<Standard> = edits
    ? [
        {
          key: 'change',
          align: 'right',
          render: (_, s) => (
            <Button type="text" aria-expanded={open === s.id} onClick={() => setOpen(open === s.id ? '' : s.id)}>
              Change
            </Button>
          ),
        },
      ]
    : [];
  if (standards.isError) return <p className="error">{standards.error.message}</p>;
  return (
    <Sheet<Standard>
      rowKey="id"
      loading={standards.isPending}
      columns={[...COLUMNS, ...change]}
      dataSource={standards.data}
      expandable={{
        showExpandColumn: false,
        expandedRowKeys: open ? [open] : [],
        expandedRowRender: (s) => (
          <StandardForm
            standard={s}
            onDone={(told) => {
              setOpen('');
              onDone(told);
            }}
          />
        ),
      }}
    />
  );
}
