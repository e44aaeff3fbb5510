import './comparison.css';
import type { Schemas } from '../api/client';
import { fixed, kilograms } from '../format/units';

interface Props {
  of: Schemas['Comparison'];
  /** What the two are called here; their configurations' titles otherwise. */
  names?: readonly [string, string];
}

/** Two rigs of one body in two columns: figures, parts, places, settings, and what is found in one alone. */
export function ComparisonView({ of: c, names }: Props) {
  const [one, other] = names ?? [c.one.title, c.other.title];
  const row = (name: string, figure: (s: Schemas['Compared']) => string) => (
    <tr>
      <th scope="row">{name}</th>
      <td className="num">{figure(c.one)}</td>
      <td className="num">{figure(c.other)}</td>
    </tr>
  );
  return (
    <>
      <table className="sheet compare-sides">
        <thead>
          <tr>
            <td />
            <th scope="col">{one}</th>
            <th scope="col">{other}</th>
          </tr>
        </thead>
        <tbody>
          <tr>
            <th scope="row">carried by</th>
            <td>{c.one.support}</td>
            <td>{c.other.support}</td>
          </tr>
          {row('parts', (s) => fixed(s.parts, 0))}
          {row(
            'carried mass',
            (s) => kilograms(s.grams) + (s.unweighed.length > 0 ? ` and ${s.unweighed.length} unweighed` : ''),
          )}
          {row('balance', (s) =>
            s.offMm === null ? 'no support' : `${fixed(Math.abs(s.offMm), 1)} mm ${s.offMm >= 0 ? 'nose' : 'tail'}`,
          )}
          {row('from rear to front', (s) => `${fixed(s.deepMm, 0)} mm`)}
          {row('from bottom to top', (s) => `${fixed(s.highMm, 0)} mm`)}
          {row('stops', (s) => fixed(s.stops, 0))}
          {row('cautions', (s) => fixed(s.cautions, 0))}
        </tbody>
      </table>
      <List title={`Only in ${one}`} items={c.onlyOne} />
      <List title={`Only in ${other}`} items={c.onlyOther} />
      {c.differs.length > 0 && (
        <table className="sheet">
          <caption>Placed or set otherwise</caption>
          <tbody>
            {c.differs.map((d, i) => (
              <tr key={i}>
                <td>
                  {d.part} <span className="soft">{d.what}</span>
                </td>
                <td>{d.one}</td>
                <td>{d.other}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <List title={`Found only in ${other}`} items={c.raisedInOther} />
      <List title={`Found only in ${one}`} items={c.clearedInOther} />
    </>
  );
}

function List({ title, items }: { title: string; items: string[] }) {
  if (items.length === 0) return null;
  return (
    <>
      <h3>{title}</h3>
      <ul className="compare-list">
        {items.map((t) => (
          <li key={t}>{t}</li>
        ))}
      </ul>
    </>
  );
}
