import { Button, Input } from 'antd';
import type { TableColumnsType } from 'antd';
import { useInfiniteQuery } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import type { Schemas } from '../../shared/api/client';
import { auditQuery } from '../../shared/api/peopleQueries';
import type { AuditKind } from '../../shared/api/peopleQueries';
import { dayAndTime } from '../../shared/format/units';
import { Pick } from '../../shared/kit/Pick';
import { Sheet } from '../../shared/kit/Sheet';

type Line = Schemas['AuditLine'];

const KINDS = [
  { value: '', label: 'everything' },
  { value: 'DONE', label: 'what was done' },
  { value: 'SIGNED_IN', label: 'who signed in' },
  { value: 'SIGNED_OUT', label: 'who signed out' },
  { value: 'REFUSED', label: 'who was refused' },
] satisfies { value: AuditKind; label: string }[];

const COLUMNS: TableColumnsType<Line> = [
  { title: 'When', key: 'when', className: 'num nowrap', render: (_, l) => dayAndTime(l.when) },
  { title: 'Who', dataIndex: 'who' },
  {
    title: 'What',
    key: 'words',
    render: (_, l) => <span className={l.kind === 'REFUSED' ? 'mark caution' : ''}>{l.words}</span>,
  },
  { title: 'Of', dataIndex: 'subject', className: 'num' },
  { title: 'From', dataIndex: 'address', className: 'num soft' },
];

/** What was done here, searched by person, job or word, the latest first. */
export function AuditTable() {
  const [search, setSearch] = useState('');
  const [kind, setKind] = useState<AuditKind>('');
  const query = useInfiniteQuery(auditQuery(useDeferredValue(search.trim()), kind));
  if (query.isError) return <p className="error">{query.error.message}</p>;
  return (
    <>
      <div className="audit-head">
        <Input
          allowClear
          type="search"
          aria-label="Search what was done"
          placeholder="Person, job, word or address"
          value={search}
          onChange={(e) => setSearch(e.target.value)}
        />
        <Pick label="Kind" value={kind} options={KINDS} onChange={setKind} />
      </div>
      <Sheet<Line>
        rowKey="seq"
        empty="Nothing of this kind has these words."
        loading={query.isPending}
        columns={COLUMNS}
        dataSource={query.data?.pages.flat()}
      />
      {query.hasNextPage && (
        <Button type="text" disabled={query.isFetchingNextPage} onClick={() => void query.fetchNextPage()}>
          Show earlier
        </Button>
      )}
    </>
  );
}
