import type { TableColumnsType } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { Sheet } from '../../shared/kit/Sheet';
import type { Schemas } from '../../shared/api/client';
import { rulesQuery } from '../../shared/api/houseQueries';
import { fixed, words } from '../../shared/format/units';

type Rule = Schemas['RuleLine'];

const COLUMNS: TableColumnsType<Rule> = [
  { title: 'Rule', key: 'rule', sorter: (a, b) => a.rule.localeCompare(b.rule), render: (_, r) => words(r.rule) },
  {
    title: 'Figure',
    key: 'figure',
    align: 'right',
    className: 'num nowrap',
    render: (_, r) => `${fixed(r.value, r.value < 10 ? 2 : 0)} ${r.unit}`,
  },
  { title: 'Because', dataIndex: 'reason', className: 'soft' },
];

/** The house's numbers, each with its reason. */
export function RulesTable() {
  const rules = useQuery(rulesQuery);
  if (rules.isError) return <p className="error">{rules.error.message}</p>;
  return <Sheet<Rule> rowKey="rule" loading={rules.isPending} columns={COLUMNS} dataSource={rules.data} />;
}
