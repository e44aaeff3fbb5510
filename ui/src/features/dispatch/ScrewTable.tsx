import type { Schemas } from '../../shared/api/client';

/** Screws of the package, the keys that drive them, and whether one is packed. Those without a key come first. */
export function ScrewTable({ screws }: { screws: Schemas['Screws'][] }) {
  if (screws.length === 0) return null;
  return (
    <table className="sheet screws">
      <caption>Screws and keys</caption>
      <thead>
        <tr>
          <th>Screw</th>
          <th className="right">Count</th>
          <th>Driven by</th>
          <th>Packed</th>
          <th>Where</th>
        </tr>
      </thead>
      <tbody>
        {screws.map((s) => (
          <tr key={`${s.thread} ${s.keys.join()} ${s.captive}`}>
            <td className="num nowrap">
              {s.thread} <span className="soft">{s.captive ? 'captive' : 'loose'}</span>
            </td>
            <td className="num right">{s.count}</td>
            <td>{s.keys.join(' or ')}</td>
            <td>
              {s.held.length > 0 ? (
                s.held.join('; ')
              ) : (
                <span className="mark stop">
                  none{s.near.length > 0 && `; ${s.near.join(', ')} is near and rounds the head`}
                </span>
              )}
            </td>
            <td className="soft">{s.where.join('; ')}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
