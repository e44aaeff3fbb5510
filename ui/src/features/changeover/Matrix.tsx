import { Button } from 'antd';
import type { Schemas } from '../../shared/api/client';
import { fixed } from '../../shared/format/units';

interface Props {
  data: Schemas['Changeovers'];
  from: string;
  to: string;
  onChoose: (from: string, to: string) => void;
}

/** Rows lead to columns; a cell tells the minutes, whether hands do it, and how it stands against the brief. */
export function Matrix({ data, from, to, onChoose }: Props) {
  return (
    <table className="sheet matrix">
      <thead>
        <tr>
          <th scope="col">from</th>
          {data.configurations.map((c) => (
            <th key={c.id} scope="col">
              to {c.title}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {data.configurations.map((row) => (
          <tr key={row.id}>
            <th scope="row">{row.title}</th>
            {data.configurations.map((col) => {
              const way = data.ways.find((w) => w.from === row.id && w.to === col.id);
              if (!way) return <td key={col.id} className="same" />;
              const chosen = row.id === from && col.id === to;
              return (
                <td key={col.id}>
                  <Button
                    className={`matrix-cell ${chosen ? 'chosen' : ''}`}
                    aria-pressed={chosen}
                    onClick={() => onChoose(row.id, col.id)}
                  >
                    <span className="num">{fixed(way.minutes, 1)} min</span>
                    <span className="soft">
                      {way.toolFree ? 'no tools' : `${way.keys.length} ${way.keys.length === 1 ? 'key' : 'keys'}`}
                    </span>
                    {way.askedMinutes > 0 && (
                      <span className={`mark ${way.met ? 'met' : 'stop'}`}>
                        {fixed(way.askedMinutes, 0)} min{way.askedToolFree && ', no tools'}
                      </span>
                    )}
                  </Button>
                </td>
              );
            })}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
