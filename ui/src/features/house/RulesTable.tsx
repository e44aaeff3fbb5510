import { Button, Input } from 'antd';
import type { TableColumnsType } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Sheet } from '../../shared/kit/Sheet';
import type { Schemas } from '../../shared/api/client';
import { rulesQuery } from '../../shared/api/houseQueries';
import { hasWords } from '../../shared/format/search';
import { day, words } from '../../shared/format/units';
import { RuleForm } from './RuleForm';
import { ruleFigure } from './rules';

type Rule = Schemas['RuleLine'];

/** Where a figure comes from: set by a lead, by an answer on ways of working, or the standard one. */
function Whence({ rule: r }: { rule: Rule }) {
  if (r.set && r.set.value !== null) {
    return (
      <>
        {r.set.reason}{' '}
        <span className="soft">
          {r.set.source}; {r.set.by}, {day(r.set.when.slice(0, 10))}; usually {ruleFigure(r.standard, r.unit)}
        </span>
      </>
    );
  }
  return <span className="soft">{r.because || r.reason}</span>;
}

const COLUMNS: TableColumnsType<Rule> = [
  { title: 'Rule', key: 'rule', sorter: (a, b) => a.rule.localeCompare(b.rule), render: (_, r) => words(r.rule) },
  {
    title: 'Figure',
    key: 'figure',
    align: 'right',
    className: 'num nowrap',
    render: (_, r) => ruleFigure(r.value, r.unit),
  },
  {
    title: 'Because',
    key: 'because',
    filters: [
      { text: 'set by us', value: 'us' },
      { text: 'by a way of working', value: 'way' },
      { text: 'standard', value: 'standard' },
    ],
    onFilter: (v, r) => v === whose(r),
    render: (_, r) => <Whence rule={r} />,
  },
];

const whose = (r: Rule) => (r.set && r.set.value !== null ? 'us' : r.because ? 'way' : 'standard');

interface Props {
  edits: boolean;
  onDone: (words: string) => void;
}

/** The house's numbers, each with its reason; a lead tries another on the open jobs and sets it. */
export function RulesTable({ edits, onDone }: Props) {
  const rules = useQuery(rulesQuery);
  const [open, setOpen] = useState('');
  const [search, setSearch] = useState('');
  if (rules.isError) return <p className="error">{rules.error.message}</p>;
  const found = rules.data?.filter((r) => hasWords(`${words(r.rule)} ${r.reason} ${r.unit}`, search));
  return (
    <>
      <div className="ways-head">
        <label>
          Find{' '}
          <Input
            allowClear
            type="search"
            value={search}
            placeholder="hand, cabin, rods"
            onChange={(e) => setSearch(e.target.value)}
          />
        </label>
        <span className="soft num">
          {found?.length} of {rules.data?.length}, {rules.data?.filter((r) => whose(r) === 'us').length} set by us
        </span>
      </div>
      <Sheet<Rule>
        rowKey="rule"
        empty="No rule has these words. Clear the search to see all."
        loading={rules.isPending}
        columns={[
          ...COLUMNS,
          {
            key: 'change',
            align: 'right',
            render: (_, r) => (
              <Button
                type="text"
                aria-label={`${edits ? 'Change' : 'History of'} ${words(r.rule)}`}
                aria-expanded={open === r.rule}
                onClick={() => setOpen(open === r.rule ? '' : r.rule)}
              >
                {edits ? 'Change' : 'History'}
              </Button>
            ),
          },
        ]}
        dataSource={found}
        expandable={{
          showExpandColumn: false,
          expandedRowKeys: open ? [open] : [],
          expandedRowRender: (r) => (
            <RuleForm
              key={r.set?.number ?? 0}
              rule={r}
              edits={edits}
              onDone={(told) => {
                setOpen('');
                onDone(told);
              }}
            />
          ),
        }}
      />
    </>
  );
}
