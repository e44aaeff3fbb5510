import { Checkbox, Input } from 'antd';
import type { Schemas } from '../../shared/api/client';
import { words } from '../../shared/format/units';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { crossFitQuery } from '../../shared/api/houseQueries';
import { hasWords } from '../../shared/format/search';
import { Waiting } from '../../shared/kit/Waiting';

const HOW: Record<Schemas['CrossFitCell']['how'], [string, string]> = {
  MADE_FOR_IT: ['made for it', 'met'],
  AS_IT_IS: ['goes on', ''],
  THROUGH_ADAPTERS: ['through', 'caution'],
  NO: ['no', 'stop'],
};

/** What goes on this body, and whether the same parts go on the others. */
export function CrossFit({ part }: { part: string }) {
  const query = useQuery(crossFitQuery(part));
  const [search, setSearch] = useState('');
  const [own, setOwn] = useState(true);
  if (query.isPending) return <Waiting />;
  if (query.isError) return <p className="error">{query.error.message}</p>;
  const lines = query.data.lines.filter(
    (l) => (!own || l.cells[0]?.how === 'MADE_FOR_IT') && hasWords(`${l.name} ${words(l.category)}`, search),
  );
  return (
    <section className="cross-fit">
      <div className="cross-head">
        <h2>What goes on it, and on the others</h2>
        <Input
          placeholder="Search"
          aria-label="Search parts"
          value={search}
          onChange={(e) => setSearch(e.target.value)}
        />
        <Checkbox checked={own} onChange={(e) => setOwn(e.target.checked)}>
          only what is made for it
        </Checkbox>
        <span className="num soft">{lines.length} parts</span>
      </div>
      {lines.length === 0 && (
        <p className="soft">
          {own
            ? 'Nothing in the catalogue says it is made for this body. Show all that goes on it.'
            : 'No part matches.'}
        </p>
      )}
      {lines.length > 0 && (
        <table className="sheet">
          <thead>
            <tr>
              <th>Part</th>
              {query.data.bodies.map((b) => (
                <th key={b.id}>{b.title}</th>
              ))}
            </tr>
          </thead>
          <tbody>
            {lines.map((l) => (
              <tr key={l.ref}>
                <td>
                  <Link to={`/catalogue/parts/${encodeURIComponent(l.ref)}`}>{l.name}</Link>{' '}
                  <span className="soft">{words(l.category)}</span>
                </td>
                {l.cells.map((c, i) => (
                  <td key={i}>
                    <span className={HOW[c.how][1] ? `mark ${HOW[c.how][1]}` : ''}>{HOW[c.how][0]}</span>{' '}
                    <span className="soft">{c.through}</span>
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
