import type { TableColumnsType, TableColumnType } from 'antd';
import { Link } from 'react-router';
import { Sheet } from '../../shared/kit/Sheet';
import type { Schemas } from '../../shared/api/client';
import { massText, words } from '../../shared/format/units';
import { size } from './text';

type Line = Schemas['PartLine'];

interface Props {
  /** Said while there is no line. */
  empty: string;
  lines: Line[];
  picked: string[];
  onPick: (refs: string[]) => void;
  /** What the server sorts by, and whether downwards. */
  sort: string;
  down: boolean;
  onSort: (name: string, down: boolean) => void;
  /** Found by what they look like: then the likest come first, and why is told. */
  byLook: boolean;
}

/** Only two are compared: the last chosen stay. */
const MOST_PICKED = 2;

function columns({ sort, down, byLook }: Props): TableColumnsType<Line> {
  const sorted = (name: string): Pick<TableColumnType<Line>, 'key' | 'sorter' | 'sortOrder'> =>
    byLook ? {} : { key: name, sorter: true, sortOrder: sort === name ? (down ? 'descend' : 'ascend') : null };
  return [
    {
      title: 'Part',
      ...sorted('name'),
      render: (_, l) => (
        <Link to={`/catalogue/parts/${encodeURIComponent(l.ref)}`}>
          <strong>{l.name}</strong>
          {l.standing !== 'OFFERED' && <span className="mark note">{words(l.standing)}</span>}
        </Link>
      ),
    },
    { title: 'Maker', ...sorted('maker'), className: 'soft', render: (_, l) => l.maker },
    { title: 'Category', ...sorted('category'), render: (_, l) => words(l.category) },
    {
      title: 'Mass',
      ...sorted('mass'),
      align: 'right',
      className: 'num nowrap',
      render: (_, l) => massText(l.mass),
    },
    { title: 'W × H × L, mm', ...sorted('length'), align: 'right', className: 'num nowrap', render: (_, l) => size(l) },
    { title: 'Ports', dataIndex: 'ports', align: 'right', className: 'num' },
    ...(byLook ? [{ title: 'Found by', className: 'soft', render: (_: unknown, l: Line) => l.by.join(', ') }] : []),
  ];
}

/** A page of the catalogue; two of its parts can be chosen to be compared. */
export function PartTable(props: Props) {
  const { lines, picked, onPick, onSort } = props;
  return (
    <Sheet<Line>
      rowKey="ref"
      sortDirections={['ascend', 'descend', 'ascend']}
      columns={columns(props)}
      dataSource={lines}
      empty={props.empty}
      rowSelection={{
        hideSelectAll: true,
        columnTitle: <span className="hush">Compare</span>,
        selectedRowKeys: picked,
        onChange: (keys) => onPick(keys.map(String).slice(-MOST_PICKED)),
        getCheckboxProps: (l) => ({ 'aria-label': `Compare ${l.name}` }),
      }}
      onChange={(_, __, sorter) => {
        const { columnKey, order } = Array.isArray(sorter) ? (sorter[0] ?? {}) : sorter;
        if (columnKey !== undefined) onSort(String(columnKey), order === 'descend');
      }}
    />
  );
}
