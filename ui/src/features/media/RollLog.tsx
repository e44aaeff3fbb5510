import { Button, Input, Select } from 'antd';
import type { InputRef, TableColumnsType } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { useInOrder } from '../../shared/api/inOrder';
import { rollsQuery } from '../../shared/api/mediaQueries';
import { freshId } from '../../shared/format/ids';
import { counted, dayAndTime } from '../../shared/format/units';
import { Sheet } from '../../shared/kit/Sheet';
import { lowTone } from '../../shared/kit/tone';
import { Waiting } from '../../shared/kit/Waiting';
import { movedTo, STAGES } from './media';
import type { RollLine, Stage } from './media';

export interface BodyOf {
  id: string;
  title: string;
  mode: string;
}

interface Props {
  job: string;
  bodies: BodyOf[];
  mayWrite: boolean;
}

/** What was recorded on which card, and how far each roll is. */
export function RollLog({ job, bodies, mayWrite }: Props) {
  const query = useQuery(rollsQuery(job));
  const [told, setTold] = useState('');
  const refused = (e: Error) => {
    setTold(e.message);
    lowTone();
  };
  const acts = useInOrder({
    kind: 'roll',
    key: rollsQuery(job).queryKey,
    meanwhile: (now, { act }) => ('card' in act ? now : movedTo(now, act.roll, act.stage)),
    onSent: () => setTold(''),
    onRefused: refused,
  });
  const move = (roll: string, stage: Stage) => acts.send({ job, act: { id: freshId(), roll, stage } });
  if (query.isPending) return <Waiting />;
  if (query.isError) return <p className="error">{query.error.message}</p>;
  const out = query.data.filter((r) => r.stage !== 'FREED').length;
  return (
    <section aria-labelledby="rolls-title" className="roll-log">
      <div className="head">
        <h2 id="rolls-title">Log of rolls</h2>
        <span className="soft">
          {query.data.length === 0
            ? 'nothing is recorded yet'
            : `${counted(query.data.length, 'roll')}, ${out === 0 ? 'every card free' : `${counted(out, 'card')} not free`}`}
        </span>
        <a className="noprint" href={`/api/jobs/${job}/roll-labels.pdf`}>
          Labels for the next rolls
        </a>
      </div>
      {mayWrite && (
        <NewRoll
          bodies={bodies}
          onBegin={(body, card) => acts.send({ job, act: { id: freshId(), build: body.id, card, mode: body.mode } })}
        />
      )}
      <p className={told === '' ? 'roll-told' : 'roll-told bad'} role={told === '' ? 'status' : 'alert'}>
        {told || (acts.waiting > 0 ? `${acts.waiting} on their way to the house.` : '')}
      </p>
      <Sheet
        rowKey="id"
        columns={columns(bodies, mayWrite, move)}
        dataSource={query.data}
        empty="The first card that goes in begins the log."
      />
    </section>
  );
}

function NewRoll({ bodies, onBegin }: { bodies: BodyOf[]; onBegin: (body: BodyOf, card: string) => void }) {
  const [chosen, setChosen] = useState(bodies[0]?.id ?? '');
  const [card, setCard] = useState('');
  const field = useRef<InputRef>(null);
  const body = bodies.find((b) => b.id === chosen) ?? bodies[0];
  if (!body) return null;
  return (
    <form
      className="roll-new noprint"
      onSubmit={(e) => {
        e.preventDefault();
        if (card.trim() !== '') onBegin(body, card.trim());
        setCard('');
        field.current?.focus();
      }}
    >
      <Select
        aria-label="Body"
        value={body.id}
        options={bodies.map((b) => ({ value: b.id, label: b.title }))}
        onChange={setChosen}
      />
      <Input
        ref={field}
        aria-label="Card that goes in"
        placeholder="scan the card, or write what is on it"
        maxLength={40}
        value={card}
        onChange={(e) => setCard(e.target.value)}
      />
      <Button type="primary" htmlType="submit">
        Card in
      </Button>
    </form>
  );
}

function columns(
  bodies: BodyOf[],
  mayWrite: boolean,
  move: (roll: string, stage: Stage) => void,
): TableColumnsType<RollLine> {
  return [
    { title: 'Roll', dataIndex: 'name', rowScope: 'row', sorter: (a, b) => a.name.localeCompare(b.name) },
    { title: 'Body', render: (_, r) => bodies.find((b) => b.id === r.build)?.title ?? r.build },
    { title: 'Card', dataIndex: 'card', sorter: (a, b) => a.card.localeCompare(b.card) },
    { title: 'Mode', dataIndex: 'mode' },
    { title: 'Now', render: (_, r) => STAGES[r.stage].is, filters: filters(), onFilter: (v, r) => r.stage === v },
    {
      title: 'Last',
      render: (_, r) => {
        const last = r.steps.at(-1);
        return last && <span className="soft">{`${last.who}, ${dayAndTime(last.at)}`}</span>;
      },
    },
    {
      title: '',
      className: 'noprint',
      render: (_, r) => mayWrite && <Moves roll={r} onMove={(stage) => move(r.id, stage)} />,
    },
  ];
}

const filters = () => (Object.keys(STAGES) as Stage[]).map((s) => ({ text: STAGES[s].is, value: s }));

function Moves({ roll, onMove }: { roll: RollLine; onMove: (stage: Stage) => void }) {
  const { next, before } = roll;
  return (
    <span className="roll-moves">
      {next && (
        <Button size="small" aria-label={`${roll.name}: ${STAGES[next].act}`} onClick={() => onMove(next)}>
          {STAGES[next].act}
        </Button>
      )}
      {before && (
        <Button size="small" type="text" aria-label={`${roll.name}: take back`} onClick={() => onMove(before)}>
          take back
        </Button>
      )}
    </span>
  );
}
