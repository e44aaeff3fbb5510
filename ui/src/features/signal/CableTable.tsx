import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../shared/api/client';
import type { Spot } from '../../shared/api/queries';
import { fixed, words } from '../../shared/format/units';
import { LayDialog } from './LayDialog';
import { PlugDialog } from './PlugDialog';

interface Props {
  signals: Schemas['Signals'];
  spot: Spot;
  canEdit: boolean;
  /** The address of the Bench from here. */
  bench: string;
  onRequest: (request: Schemas['EditRequest']) => void;
}

const end = (e: Schemas['End']) => `${e.part}, ${e.socket}`;
const plug = (e: Schemas['End']) =>
  [e.connector, e.rightAngle ? 'right angle' : '', e.locks ? 'locks' : ''].filter(Boolean).join(', ');

/** How a cable is laid, in words; empty when it goes the shortest way. */
export function laid(cable: Schemas['CableView'], parts: readonly Schemas['PartView'][]): string {
  const title = (id: string) => parts.find((p) => p.id === id)?.title ?? `${id}, not on the rig`;
  const along = cable.along.length > 0 ? `along ${cable.along.map(title).join(', ')}` : '';
  const stowed = cable.stowedIn ? `the rest in the battery bay of ${title(cable.stowedIn)}` : '';
  return [along, stowed].filter(Boolean).join('; ');
}

/** Every cable with its ends, what it needs in length and has, how it is laid, and what looks like it. */
export function CableTable({ signals, spot, bench, canEdit, onRequest }: Props) {
  const [laying, setLaying] = useState('');
  const [plugging, setPlugging] = useState(false);
  const { cables, parts } = signals;
  const labels = `/api/jobs/${spot.job}/builds/${spot.build}/signals/labels.pdf?configuration=${spot.configuration}`;
  const lying = cables.find((c) => c.id === laying);
  return (
    <section className="cables" aria-labelledby="cables-title">
      <div className="signal-head">
        <h2 id="cables-title">Cables</h2>
        {canEdit && (
          <Button className="noprint" onClick={() => setPlugging(true)}>
            Plug a cable
          </Button>
        )}
        <Button type="text" className="noprint" href={labels} download>
          Labels with codes, PDF
        </Button>
        <span className="soft">
          lengths from point to point along the rig’s axes, with plugs and a tenth to spare: estimated
        </span>
      </div>
      <table className="sheet">
        <thead>
          <tr>
            <th>Cable</th>
            <th>From</th>
            <th>To</th>
            <th className="right">Needs</th>
            <th className="right">Has</th>
            <th>Label</th>
            <th>Not to be taken for</th>
            {canEdit && <th className="noprint" />}
          </tr>
        </thead>
        <tbody>
          {cables.map((c) => (
            <tr key={c.id}>
              <td>
                {c.name}
                <div className="soft">{[words(c.carries), laid(c, parts)].filter(Boolean).join('; ')}</div>
              </td>
              <td>
                {end(c.a)}
                <div className="soft">{plug(c.a)}</div>
              </td>
              <td>
                {end(c.b)}
                <div className="soft">{plug(c.b)}</div>
              </td>
              <td className="num right">
                {fixed(c.neededMm, 0)} mm
                {c.turned && <div className="soft">{fixed(c.turnedMm, 0)} turned</div>}
              </td>
              <td className="num right">
                {fixed(c.lengthMm, 0)} mm
                {(c.tooShort || c.tautWhenTurned) && (
                  <div>
                    <Link
                      to={bench}
                      className={`mark ${c.tooShort ? 'caution' : 'note'}`}
                      title={c.tooShort ? undefined : `when ${c.turned} is turned`}
                    >
                      {c.tooShort ? 'too short' : 'taut when turned'}
                    </Link>
                  </div>
                )}
              </td>
              <td className="num">{c.label}</td>
              <td className="soft">{c.twins.join(', ')}</td>
              {canEdit && (
                <td className="noprint acts">
                  <Button type="text" aria-label={`Lay ${c.label}`} onClick={() => setLaying(c.id)}>
                    Lay
                  </Button>
                  <Button
                    type="text"

                    aria-label={`Unplug ${c.label}`}
                    onClick={() => onRequest({ kind: 'UNPLUG', cable: c.id })}
                  >
                    Unplug
                  </Button>
                </td>
              )}
            </tr>
          ))}
        </tbody>
      </table>
      {cables.length === 0 && <p className="soft">No cable is plugged in this configuration.</p>}
      {lying && (
        <LayDialog
          key={lying.id}
          cable={lying}
          parts={parts}
          onClose={() => setLaying('')}
          onLay={(along, bay) => {
            setLaying('');
            onRequest({ kind: 'LAY', cable: lying.id, along, bay });
          }}
        />
      )}
      {plugging && (
        <PlugDialog
          spot={spot}
          open={signals.open}
          onClose={() => setPlugging(false)}
          onPlug={(from, to, item) => {
            setPlugging(false);
            onRequest({ kind: 'PLUG', from, to, item });
          }}
        />
      )}
    </section>
  );
}
