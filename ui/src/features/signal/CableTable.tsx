import { Button } from 'antd';
import type { TableColumnsType } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../shared/api/client';
import { numbers } from '../../shared/kit/columns';
import { Sheet } from '../../shared/kit/Sheet';
import type { Spot } from '../../shared/api/queries';
import { fixed, words } from '../../shared/format/units';
import { LayDialog } from './LayDialog';
import { PlugDialog } from './PlugDialog';

type Cable = Schemas['CableView'];

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

interface Shown extends Pick<Props, 'bench' | 'canEdit' | 'onRequest'> {
  parts: readonly Schemas['PartView'][];
  onLay: (cable: string) => void;
}

function columns(shown: Shown): TableColumnsType<Cable> {
  const { parts, bench, canEdit } = shown;
  return [
    {
      title: 'Cable',
      key: 'cable',
      sorter: (a, b) => a.name.localeCompare(b.name),
      render: (_, c) => (
        <Twofold first={c.name} second={[words(c.carries), laid(c, parts)].filter(Boolean).join('; ')} />
      ),
    },
    {
      title: 'From',
      key: 'from',
      sorter: (a, b) => end(a.a).localeCompare(end(b.a)),
      render: (_, c) => <Twofold first={end(c.a)} second={plug(c.a)} />,
    },
    {
      title: 'To',
      key: 'to',
      sorter: (a, b) => end(a.b).localeCompare(end(b.b)),
      render: (_, c) => <Twofold first={end(c.b)} second={plug(c.b)} />,
    },
    {
      title: 'Needs',
      key: 'needs',
      ...numbers<Cable>((c) => c.neededMm),
      render: (_, c) => (
        <Twofold first={`${fixed(c.neededMm, 0)} mm`} second={c.turned && `${fixed(c.turnedMm, 0)} turned`} />
      ),
    },
    {
      title: 'Has',
      key: 'has',
      ...numbers<Cable>((c) => c.lengthMm),
      render: (_, c) => <Length of={c} bench={bench} />,
    },
    { title: 'Label', dataIndex: 'label', className: 'num', sorter: (a, b) => a.label.localeCompare(b.label) },
    { title: 'Not to be taken for', key: 'twins', className: 'soft', render: (_, c) => c.twins.join(', ') },
    ...(canEdit
      ? [{ key: 'acts', className: 'noprint acts', render: (_: unknown, c: Cable) => <Acts {...shown} of={c} /> }]
      : []),
  ];
}

function Twofold({ first, second }: { first: string; second: string | null }) {
  return (
    <>
      {first}
      {second && <div className="soft">{second}</div>}
    </>
  );
}

/** How long it is, and where that is not enough. */
function Length({ of: c, bench }: { of: Cable; bench: string }) {
  return (
    <>
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
    </>
  );
}

function Acts({ of: c, onLay, onRequest }: Shown & { of: Cable }) {
  return (
    <>
      <Button type="text" aria-label={`Lay ${c.label}`} onClick={() => onLay(c.id)}>
        Lay
      </Button>
      <Button type="text" aria-label={`Unplug ${c.label}`} onClick={() => onRequest({ kind: 'UNPLUG', cable: c.id })}>
        Unplug
      </Button>
    </>
  );
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
      <Sheet<Cable>
        rowKey="id"
        columns={columns({ parts, bench, canEdit, onLay: setLaying, onRequest })}
        dataSource={cables}
        empty="No cable is plugged in this configuration."
      />
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
