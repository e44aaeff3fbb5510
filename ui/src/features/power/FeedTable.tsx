import { Link } from 'react-router';
import type { Schemas } from '../../shared/api/client';
import { fixed, words } from '../../shared/format/units';
import { stateInWords } from './states';

/** At the end of the usable charge, nominal, full; once where a converter holds them. */
export function volts({ volts: span, nominalVolts }: Pick<Schemas['FeedRow'], 'volts' | 'nominalVolts'>): string {
  if (!span) return '';
  if (span.from === span.to) return `${fixed(span.from, 1)} V`;
  return `${[span.from, nominalVolts, span.to].flatMap((v) => (v === null ? [] : [fixed(v, 1)])).join(', ')} V`;
}

/** Battery, outlets, cables, devices: volts as the charge goes, amperes at its end, watts against limits. */
export function FeedTable({ rows, bench }: { rows: Schemas['FeedRow'][]; bench: (placement: string) => string }) {
  if (rows.length === 0)
    return (
      <p className="soft">
        No battery is on this rig. Put one on a plate on the Bench, and what lives off it is told here.
      </p>
    );
  return (
    <table className="sheet feed">
      <thead>
        <tr>
          <th>From the battery to the devices</th>
          <th className="right">Volts at the end, nominal, full</th>
          <th className="right">Amperes</th>
          <th className="right">Running</th>
          <th className="right">Peak</th>
          <th className="right">Limit</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((r, i) => (
          <tr key={i} className={words(r.kind)}>
            <td style={{ paddingLeft: r.depth * 20 }}>
              {r.state !== 'FINE' && (
                <span className={`mark ${r.state === 'FOUND' ? 'stop' : 'caution'}`}>{stateInWords(r.state)}</span>
              )}{' '}
              <Link to={bench(r.placement)}>{r.title}</Link> <span className="soft">{r.through}</span>
            </td>
            {r.free ? (
              <td className="right soft" colSpan={4}>
                free
              </td>
            ) : (
              <>
                <td className="num right">{volts(r)}</td>
                <td className="num right">{r.amps > 0 ? `${fixed(r.amps, 1)} A` : ''}</td>
                <td className="num right">{fixed(r.runningWatts, 0)} W</td>
                <td className="num right">{fixed(r.peakWatts, 0)} W</td>
              </>
            )}
            <td className="num right">{r.limitWatts > 0 ? `${fixed(r.limitWatts, 0)} W` : ''}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
