import { Button } from 'antd';
import type { TableColumnsType } from 'antd';
import { filterOf, numbers } from '../../shared/kit/columns';
import { Sheet } from '../../shared/kit/Sheet';
import { words } from '../../shared/format/units';
import { leftOf } from './packing';
import type { PackLine } from './packing';

interface Props {
  lines: PackLine[];
  /** On the way back: what is told of. */
  back: boolean;
  mayScan: boolean;
  /** All that is left of something that is only counted. */
  onAll: (line: PackLine, count: number) => void;
}

/** The pull list with what of it is in cases, or back. */
export function LineTable({ lines, back, mayScan, onAll }: Props) {
  return (
    <Sheet<PackLine>
      rowKey="type"
      columns={columns(lines, back, mayScan, onAll)}
      dataSource={back ? lines.filter((l) => l.in > 0) : lines}
      empty={
        back ? 'Nothing of this job was packed by scanning.' : 'Nothing is to be packed yet: the pull list is empty.'
      }
    />
  );
}

function columns(
  lines: readonly PackLine[],
  back: boolean,
  mayScan: boolean,
  onAll: Props['onAll'],
): TableColumnsType<PackLine> {
  const left = (l: PackLine) => leftOf(l, back);
  return [
    {
      title: 'Item',
      key: 'item',
      render: (_, l) => (
        <>
          {l.title}
          {!back && l.awaited.length > 0 && (
            <span className="soft">
              {' '}
              built with <span className="num">{l.awaited.join(' ')}</span>
            </span>
          )}
          {l.codes.length > 0 && <span className="soft pack-codes num"> {l.codes.join(' ')}</span>}
        </>
      ),
      sorter: (a, b) => a.title.localeCompare(b.title),
    },
    {
      title: 'Category',
      key: 'category',
      className: 'soft',
      render: (_, l) => words(l.category),
      sorter: (a, b) => a.category.localeCompare(b.category),
      ...filterOf(lines, (l) => l.category, words),
    },
    ...(back
      ? [
          { title: 'Left', key: 'out', ...numbers<PackLine>((l) => l.in), render: (_: unknown, l: PackLine) => l.in },
          {
            title: 'Back',
            key: 'back',
            ...numbers<PackLine>((l) => l.back),
            render: (_: unknown, l: PackLine) => l.back || '',
          },
          { title: 'Told', key: 'told', render: (_: unknown, l: PackLine) => told(l) },
        ]
      : [
          {
            title: 'Case',
            key: 'case',
            className: 'num',
            render: (_: unknown, l: PackLine) => l.planned.join(', '),
            sorter: (a: PackLine, b: PackLine) => (a.planned[0] ?? 999) - (b.planned[0] ?? 999),
          },
          {
            title: 'Wanted',
            key: 'wanted',
            ...numbers<PackLine>((l) => l.wanted),
            render: (_: unknown, l: PackLine) => l.wanted,
          },
          {
            title: 'In',
            key: 'in',
            ...numbers<PackLine>((l) => l.in),
            render: (_: unknown, l: PackLine) => l.in || '',
          },
        ]),
    {
      title: 'To do',
      key: 'left',
      ...numbers<PackLine>(left),
      render: (_, l) => {
        if (left(l) === 0) return <span className="mark met">done</span>;
        if (left(l) < 0) return <span className="mark caution">{-left(l)} too many</span>;
        if (!mayScan || l.toldApart) return left(l);
        return (
          <Button size="small" onClick={() => onAll(l, left(l))}>
            {left(l)} counted
          </Button>
        );
      },
    },
  ];
}

function told(l: PackLine) {
  const all = [
    [l.damaged, 'damaged', 'stop'],
    [l.missing, 'missing', 'stop'],
    [l.consumed, 'used up', 'met'],
  ] as const;
  return all
    .filter(([n]) => n > 0)
    .map(([n, word, mark]) => (
      <span key={word} className={`mark ${mark}`}>
        {n} {word}
      </span>
    ));
}
