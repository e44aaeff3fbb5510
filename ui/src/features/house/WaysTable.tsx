import { Input } from 'antd';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Fragment, useState } from 'react';
import { api, unwrap } from '../../shared/api/client';
import { operatorsQuery, waysOf } from '../../shared/api/houseQueries';
import type { Schemas } from '../../shared/api/client';
import { hasWords } from '../../shared/format/search';
import { Waiting } from '../../shared/kit/Waiting';
import { Pick } from '../../shared/kit/Pick';
import { judgedAnew } from './judged';

/** Questions on which good houses differ; a lead answers for the house or for a person, and the open jobs are judged anew. */
export function WaysTable({ edits, onDone }: { edits: boolean; onDone: (words: string) => void }) {
  const [person, setPerson] = useState('');
  const [search, setSearch] = useState('');
  const ways = useQuery(waysOf(person));
  const operators = useQuery(operatorsQuery);
  const client = useQueryClient();
  const answer = useMutation({
    mutationFn: async ({ id, option }: { id: string; option: string }) =>
      unwrap(await api.PUT('/api/house/ways/{id}', { params: { path: { id } }, body: { option, person } })),
    onSuccess: async (done) => {
      await client.invalidateQueries();
      onDone(judgedAnew(done));
    },
    onError: (e) => onDone(e.message),
  });
  if (ways.isPending) return <Waiting />;
  if (ways.isError) return <p className="error">{ways.error.message}</p>;
  const found = ways.data.filter((w) =>
    hasWords(`${w.group} ${w.question} ${w.options.map((o) => o.title).join(' ')}`, search),
  );
  const groups = [...new Set(found.map((w) => w.group))];
  return (
    <>
      <div className="ways-head">
        <label>
          For{' '}
          <Pick
            label="For"
            value={person}
            onChange={setPerson}
            options={[
              { value: '', label: 'the house' },
              ...(operators.data ?? []).map((name) => ({ value: name, label: `${name}, operator` })),
            ]}
          />
        </label>
        <label>
          Find{' '}
          <Input
            allowClear
            type="search"
            value={search}
            placeholder="rods, battery, grip"
            onChange={(e) => setSearch(e.target.value)}
          />
        </label>
        <span className="soft num">
          {found.length} of {ways.data.length}, {ways.data.filter((w) => w.by).length} answered
        </span>
      </div>
      {found.length === 0 && <p className="soft">No question has these words. Clear the search to see all.</p>}
      <table className="sheet ways">
        <thead>
          <tr>
            <th>Question</th>
            <th>Here</th>
            <th>Because</th>
            <th>Changes</th>
          </tr>
        </thead>
        <tbody>
          {groups.map((group) => (
            <Fragment key={group}>
              <tr className="group">
                <th colSpan={4} scope="rowgroup">
                  {group}
                </th>
              </tr>
              {found
                .filter((w) => w.group === group)
                .map((w) => (
                  <WayRow
                    key={w.id}
                    way={w}
                    ofPerson={person !== ''}
                    edits={edits && !answer.isPending}
                    onAnswer={(option) => answer.mutate({ id: w.id, option })}
                  />
                ))}
            </Fragment>
          ))}
        </tbody>
      </table>
    </>
  );
}

interface RowProps {
  way: Schemas['WayLine'];
  ofPerson: boolean;
  edits: boolean;
  onAnswer: (option: string) => void;
}

function WayRow({ way, ofPerson, edits, onAnswer }: RowProps) {
  const chosen = way.options.find((o) => o.id === way.chosen);
  return (
    <tr>
      <td>{way.question}</td>
      <td>
        <Pick
          label={way.question}
          disabled={!edits}
          value={way.chosen}
          onChange={onAnswer}
          options={[
            ...(ofPerson ? [{ value: '', label: 'as the house' }] : []),
            ...way.options.map((o) => ({ value: o.id, label: o.title })),
          ]}
        />
        {way.by && <span className="soft">{way.by}</span>}
      </td>
      <td className="soft">{chosen?.reason}</td>
      <td>
        {chosen?.effects.length ? (
          chosen.effects.join('; ')
        ) : (
          <span className="soft">no check, figure or order of work</span>
        )}
      </td>
    </tr>
  );
}
