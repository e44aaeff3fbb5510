import type { TableColumnsType } from 'antd';
import type { Schemas } from '../../shared/api/client';
import { counted, fixed } from '../../shared/format/units';
import { Sheet } from '../../shared/kit/Sheet';
import { ARRANGED, gigabytes, minutesText } from './media';
import type { Plan } from './media';

const open = (what: string) => <span className="soft">{what}</span>;
const figure = (value: number | null, unit: string) =>
  value === null ? open('not on file') : `${fixed(value, 0)} ${unit}`;

const BODIES: TableColumnsType<Schemas['MediaBody']> = [
  { title: 'Body', dataIndex: 'title', rowScope: 'row' },
  {
    title: 'Records',
    render: (_, b) => (
      <>
        {b.mode || 'what it always does'}
        {b.fps !== null && <span className="soft"> {fixed(b.fps, Number.isInteger(b.fps) ? 0 : 3)} frames/s</span>}
      </>
    ),
  },
  {
    title: 'Rate',
    align: 'right',
    render: (_, b) => (
      <>
        {fixed(b.megabits, 0)} Mbit/s
        {b.reckoned !== null && b.megabits > b.reckoned && (
          <span className="mark caution"> brief {fixed(b.reckoned, 0)}</span>
        )}
      </>
    ),
  },
  {
    title: 'Cards',
    render: (_, b) =>
      b.arrangement === null ? open('not on file') : `${ARRANGED[b.arrangement]}, ${b.kinds.join(' or ')}`,
  },
  {
    title: 'One load lasts',
    align: 'right',
    render: (_, b) => (b.minutesEach === null ? open('not known') : minutesText(b.minutesEach)),
  },
  { title: 'In the day', align: 'right', render: (_, b) => gigabytes(b.gigabytes) },
];

/** What each body records, and how long its cards last. */
export function Bodies({ plan }: { plan: Plan }) {
  return <Sheet rowKey={(b) => b.title + b.mode} columns={BODIES} dataSource={plan.bodies} />;
}

const CARDS: TableColumnsType<Schemas['MediaCard']> = [
  { title: 'Card', dataIndex: 'name', rowScope: 'row' },
  { title: 'Packed', dataIndex: 'count', align: 'right' },
  {
    title: 'Goes into',
    render: (_, c) =>
      c.kind === '' ? (
        open('not on file')
      ) : c.goesIn ? (
        c.kind
      ) : (
        <span className="mark caution">{c.kind}: nothing here</span>
      ),
  },
  { title: 'Holds', align: 'right', render: (_, c) => figure(c.gigabytes, 'GB') },
  {
    title: 'Writes',
    align: 'right',
    render: (_, c) =>
      c.writes.state === 'NOT_CHECKED' ? (
        open('not on file')
      ) : (
        <span className={c.writes.state === 'FOUND' ? 'mark stop' : ''}>
          {fixed(c.writes.value, 0)} MB/s, {fixed(c.writes.need, 0)} needed
        </span>
      ),
  },
  { title: 'Reads', align: 'right', render: (_, c) => figure(c.reads, 'MB/s') },
];

/** The cards that are packed. */
export function Cards({ plan }: { plan: Plan }) {
  return <Sheet rowKey="name" columns={CARDS} dataSource={plan.cards} empty="No card is packed." />;
}

/** What the cards are read by and copied to, in words. */
export function Bench({ plan }: { plan: Plan }) {
  const { room } = plan;
  return (
    <ul className="media-bench">
      {plan.readers.length === 0 && (
        <li>
          <span className="mark caution">No reader is packed: full cards stay full.</span>
        </li>
      )}
      {plan.readers.map((r) => (
        <li key={r.name}>
          <b>{r.name}</b>: {counted(r.slots, 'slot')} for {r.kinds.join(', ')},{' '}
          {r.megabytes === null ? open('speed not on file') : `${fixed(r.megabytes, 0)} MB/s each`}
        </li>
      ))}
      {plan.drives.map((d) => (
        <li key={d.name}>
          <b>
            {d.count} {d.name}
          </b>
          {d.gigabytes !== null && `, ${gigabytes(d.gigabytes)} each`}
        </li>
      ))}
      {plan.drives.length === 0 && <li className="soft">No drive is packed: copies go to somebody else’s.</li>}
      {room !== null && (
        <li>
          {counted(plan.copies, 'copy', 'copies')}, each on a drive of its own; after {counted(plan.days, 'day')} at
          most{' '}
          {room.value >= 0 ? (
            `${gigabytes(room.value)} of each are left`
          ) : (
            <span className="mark caution">{gigabytes(-room.value)} do not fit on each</span>
          )}
        </li>
      )}
    </ul>
  );
}
