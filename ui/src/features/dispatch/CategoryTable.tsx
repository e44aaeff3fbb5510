import type { TableColumnsType } from 'antd';
import { filterOf, numbers } from '../../shared/kit/columns';
import { Sheet } from '../../shared/kit/Sheet';
import type { Schemas } from '../../shared/api/client';
import { grams, words } from '../../shared/format/units';

type Line = Schemas['Line'];

const known = (l: Line, figure: number) => (l.massKnown ? figure : null);

function columns(lines: readonly Line[]): TableColumnsType<Line> {
  return [
    { title: 'Item', key: 'item', render: (_, l) => l.name, sorter: (a, b) => a.name.localeCompare(b.name) },
    {
      title: 'Category',
      key: 'category',
      className: 'soft',
      render: (_, l) => words(l.category),
      sorter: (a, b) => a.category.localeCompare(b.category),
      ...filterOf(lines, (l) => l.category, words),
    },
    { title: 'Maker', dataIndex: 'maker', className: 'soft', ...filterOf(lines, (l) => l.maker) },
    { title: 'On rig', key: 'rig', ...numbers((l) => l.onRig), render: (_, l) => l.onRig || '' },
    { title: 'In kit', key: 'kit', ...numbers((l) => l.inKit), render: (_, l) => l.inKit || '' },
    { title: 'Pieces', key: 'pieces', ...numbers((l) => l.pieces), render: (_, l) => l.pieces },
    {
      title: 'Each',
      key: 'each',
      ...numbers((l) => known(l, l.eachGrams)),
      render: (_, l) => (l.massKnown ? grams(l.eachGrams) : 'not weighed'),
    },
    {
      title: 'Together',
      key: 'together',
      ...numbers((l) => known(l, l.lineGrams)),
      render: (_, l) => (l.massKnown ? grams(l.lineGrams) : ''),
    },
    {
      title: 'Goes along',
      key: 'serves',
      className: 'soft serves',
      render: (_, l) => l.serves.join('; '),
      ...filterOf(lines, (l) => l.serves[l.serves.length - 1] ?? ''),
    },
  ];
}

/** What to pull, on the rig and spare, with mass: by category as it comes, sorted and filtered by its columns. */
export function CategoryTable({ lines }: { lines: Line[] }) {
  return <Sheet<Line> rowKey="item" columns={columns(lines)} dataSource={lines} empty="Nothing is to be pulled yet." />;
}
