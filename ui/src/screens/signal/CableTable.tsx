import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { fixed } from '../../format/units';

interface Props {
  cables: Schemas['CableView'][];
  job: string;
  build: string;
  configuration: string;
}

const end = (e: Schemas['End']) => `${e.part}, ${e.socket}`;
const plug = (e: Schemas['End']) => [e.connector, e.rightAngle ? 'right angle' : '', e.locks ? 'locks' : ''].filter(Boolean).join(', ');

/** Every cable with its ends, what it needs in length and has, and what looks like it. */
export function CableTable({ cables, job, build, configuration }: Props) {
  const labels = `/api/jobs/${job}/builds/${build}/signals/labels.pdf?configuration=${configuration}`;
  return (
    <section className="cables" aria-labelledby="cables-title">
      <div className="signal-head">
        <h2 id="cables-title">Cables</h2>
        <a className="btn plain noprint" href={labels} download>
          Labels with codes, PDF
        </a>
        <span className="soft">lengths along the rig’s axes, with plugs and a tenth to spare: estimated</span>
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
          </tr>
        </thead>
        <tbody>
          {cables.map((c) => (
            <tr key={c.id}>
              <td>
                {c.name}
                <div className="soft">{c.carries}</div>
              </td>
              <td>
                {end(c.a)}
                <div className="soft">{plug(c.a)}</div>
              </td>
              <td>
                {end(c.b)}
                <div className="soft">{plug(c.b)}</div>
              </td>
              <td className="num right">{fixed(c.neededMm, 0)} mm</td>
              <td className="num right">
                {fixed(c.lengthMm, 0)} mm
                {c.tooShort && (
                  <div>
                    <Link to={`/jobs/${job}/bench?build=${build}&config=${configuration}`} className="mark caution">
                      too short
                    </Link>
                  </div>
                )}
              </td>
              <td className="num">{c.label}</td>
              <td className="soft">{c.twins.join(', ')}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {cables.length === 0 && <p className="soft">No cable is plugged in this configuration.</p>}
    </section>
  );
}
