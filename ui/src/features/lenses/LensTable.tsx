import { Button } from 'antd';
import type { TableColumnsType } from 'antd';
import type { Schemas } from '../../shared/api/client';
import { fixed, flangeText, mm } from '../../shared/format/units';
import { numbers } from '../../shared/kit/columns';
import { Sheet } from '../../shared/kit/Sheet';
import { MARKS, boxText, driveText, edgeText, focal, worst } from './said';
import type { LensRow } from './said';

interface Props {
  lenses: LensRow[];
  chosen: string;
  onChoose: (lens: string) => void;
}

function Corners({ row }: { row: LensRow }) {
  const edge = worst(row);
  if (!row.straight) return <span className="soft">sees half a sphere: the view is judged</span>;
  if (!edge) return <span className="soft">nothing stands before it</span>;
  const over = edge.stops.state === 'FOUND';
  return <span className={`mark ${over && !edge.cut ? 'caution' : MARKS[edge.stops.state]}`}>{edgeText(edge)}</span>;
}

function Circle({ circle, straight }: { circle: Schemas['FactView'] | null; straight: boolean }) {
  if (!straight) return <span className="soft">a circle, as fisheyes do</span>;
  if (!circle) return <span className="soft">no figure on file</span>;
  if (circle.state === 'NOT_CHECKED') return <span className="mark caution">not on file</span>;
  return (
    <span className={`mark ${MARKS[circle.state]}`}>
      {mm(circle.value)} of {mm(circle.need)}
    </span>
  );
}

function Room({ row }: { row: LensRow }) {
  return (
    <>
      {row.boxes.map((b) => (
        <div key={b.title}>
          <span className={`mark ${b.front.state === 'FINE' ? MARKS[b.room.state] : 'stop'}`}>{boxText(b)}</span>
        </div>
      ))}
    </>
  );
}

function Mount({ mounting }: { mounting: LensRow['mounting'] }) {
  if (!mounting) return null;
  return (
    <>
      {mounting.through.map((t) => (
        <div key={t} className="soft">
          {t}
        </div>
      ))}
      <span className={`mark ${MARKS[mounting.flange]}`}>{flangeText(mounting)}</span>
      {mounting.lossStops > 0 && <div className="num soft">{fixed(mounting.lossStops, 1)} stops lost in it</div>}
    </>
  );
}

/** What the filters tried cost, and where they are. */
function Glass({ glass }: { glass: LensRow['glass'] }) {
  return (
    <>
      <b className="num">−{fixed(glass.lossStops, 1)} stops</b>
      {glass.placed.map((p) => (
        <div key={p.filter + p.stage} className="soft">
          {p.filter}: {p.stage}
        </div>
      ))}
      {glass.left.map((f) => (
        <div key={f} className="mark stop">
          no room for {f}
        </div>
      ))}
      {!glass.clear && <div className="mark caution">{glass.stages} stages are in its corners</div>}
    </>
  );
}

function columns({ lenses, chosen, onChoose }: Props): TableColumnsType<LensRow> {
  return [
    {
      title: 'Lens',
      key: 'lens',
      render: (_, r) => (
        <Button type="text" className="lens-name" aria-pressed={r.lens === chosen} onClick={() => onChoose(r.lens)}>
          {r.title}
        </Button>
      ),
    },
    {
      title: 'Sees',
      key: 'sees',
      ...numbers<LensRow>((r) => r.acrossDegrees),
      render: (_, r) =>
        r.acrossDegrees === null || r.uprightDegrees === null
          ? ''
          : `${fixed(r.acrossDegrees, 1)}° × ${fixed(r.uprightDegrees, 1)}°`,
    },
    {
      title: 'At',
      key: 'at',
      ...numbers<LensRow>((r) => r.focalMm),
      render: (_, r) => `${focal(r)}, T${fixed(r.tStop, 1)}${r.squeeze > 1 ? `, ${fixed(r.squeeze, 1)}×` : ''}`,
    },
    {
      title: 'Glass before it',
      key: 'glass',
      hidden: lenses.every((r) => r.glass.placed.length + r.glass.left.length === 0),
      render: (_, r) => <Glass glass={r.glass} />,
    },
    { title: 'Mounted', key: 'mount', render: (_, r) => <Mount mounting={r.mounting} /> },
    {
      title: 'Draws',
      key: 'circle',
      render: (_, r) => <Circle circle={r.circle} straight={r.straight} />,
    },
    {
      title: 'Front',
      key: 'front',
      ...numbers<LensRow>((r) => r.frontMm),
      render: (_, r) => `Ø ${fixed(r.frontMm, 0)}`,
    },
    { title: 'In the box', key: 'box', render: (_, r) => <Room row={r} /> },
    { title: 'Corners', key: 'corners', render: (_, r) => <Corners row={r} /> },
    {
      title: 'Driven',
      key: 'driven',
      render: (_, r) =>
        r.drives.map((d) => (
          <div key={d.title}>
            <span className={`mark ${MARKS[d.state]}`}>{driveText(d)}</span>
          </div>
        )),
    },
    {
      title: 'Focuses to',
      key: 'close',
      ...numbers<LensRow>((r) => r.closeFocusMm),
      render: (_, r) => (r.closeFocusMm === null ? 'not on file' : `${fixed(r.closeFocusMm / 1000, 2)} m`),
    },
  ];
}

/** The set: what each lens draws, what cuts it, what turns it. */
export function LensTable(props: Props) {
  return (
    <Sheet<LensRow>
      rowKey="lens"
      dataSource={props.lenses}
      columns={columns(props)}
      rowClassName={(r) => (r.lens === props.chosen ? 'chosen-row' : '')}
      empty="The lens set is empty. Lenses are chosen on the Bench (l)."
    />
  );
}
