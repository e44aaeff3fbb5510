import { words } from '../../shared/format/units';
import './catalogue.css';
import { useQueries } from '@tanstack/react-query';
import { Link, useSearchParams } from 'react-router';
import type { Schemas } from '../../shared/api/client';
import { partQuery } from '../../shared/api/houseQueries';
import { Waiting } from '../../shared/kit/Waiting';
import { PartViews } from './PartViews';
import { bothLengths, bothMasses } from './text';

function rows(p: Schemas['PartSheet']): [string, string][] {
  return [
    ['maker', p.maker],
    ['category', words(p.category)],
    ['mass', bothMasses(p.mass)],
    ['width', bothLengths(p.width)],
    ['height', bothLengths(p.height)],
    ['length', bothLengths(p.length)],
    ['relied on for', p.capabilities.map(words).join(', ')],
    ...p.ports.map((q): [string, string] => [
      `port: ${q.id}`,
      [q.standard, `side ${q.role}`, q.occupancy, `pins ${q.pins}`, q.screws, q.rating && `rated ${q.rating}`]
        .filter(Boolean)
        .join('; '),
    ]),
    ...p.facets.flatMap((f) => f.figures.map((g): [string, string] => [`${f.kind}: ${g.name}`, g.value])),
  ];
}

/** Two parts side by side; rows that differ are marked. */
export function CompareScreen() {
  const [params] = useSearchParams();
  const [a, b] = useQueries({ queries: [partQuery(params.get('a') ?? ''), partQuery(params.get('b') ?? '')] });
  if (a.isPending || b.isPending) return <Waiting />;
  if (!a.data || !b.data) return <p className="page error">{a.error?.message ?? b.error?.message}</p>;
  const left = new Map(rows(a.data));
  const right = new Map(rows(b.data));
  const names = [...new Set([...left.keys(), ...right.keys()])];
  return (
    <main className="page">
      <div className="part-head">
        <h1>Two parts compared</h1>
        <Link to="/catalogue">Back to the catalogue</Link>
      </div>
      <table className="sheet compare">
        <thead>
          <tr>
            <th />
            {[a.data, b.data].map((p) => (
              <th key={p.ref}>
                <Link to={`/catalogue/parts/${encodeURIComponent(p.ref)}`}>{p.name}</Link>
                <PartViews part={p} />
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {names.map((n) => {
            const [x, y] = [left.get(n) ?? 'none', right.get(n) ?? 'none'];
            return (
              <tr key={n} className={x === y ? '' : 'differs'}>
                <th scope="row">
                  {n}
                  {x !== y && <span className="mark caution"> differs</span>}
                </th>
                <td>{x}</td>
                <td>{y}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </main>
  );
}
