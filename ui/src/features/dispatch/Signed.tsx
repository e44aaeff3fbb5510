import type { Schemas } from '../../shared/api/client';
import { dayAndTime } from '../../shared/format/units';
import { Drawn } from './SignaturePad';

/** A seal in groups, so that two people can compare it aloud. */
const groups = (sum: string) => sum.slice(0, 16).replace(/(.{4})(?=.)/g, '$1 ');

/** Who signed, what they put their names to, and who took it over. */
export function Signed({ d }: { d: Schemas['Dispatch'] }) {
  return (
    <div className="signatures">
      <h3>Signatures, revision {d.revision}</h3>
      {d.signatures.length === 0 && (
        <p className="soft">None yet. Two different people sign; any later edit reopens the job.</p>
      )}
      {d.signatures.map((s) => (
        <p key={s.who}>
          {s.who} <span className="num soft">{dayAndTime(s.when)}</span>
        </p>
      ))}
      {d.seal && <Sealed job={d.job} seal={d.seal} />}
      {d.handedOver && <Over over={d.handedOver} />}
    </div>
  );
}

function Sealed({ job, seal }: { job: string; seal: Schemas['Seal'] }) {
  return (
    <div className="seal">
      {seal.changed.length === 0 ? (
        <p>
          <span className="mark met">as signed</span> seal <span className="num">{groups(seal.sum)}</span>
        </p>
      ) : (
        <p>
          <span className="mark stop">not as signed</span> {seal.changed.join(', ')}
        </p>
      )}
      <ul aria-label="Papers as they were signed">
        {seal.papers.map((name) => (
          <li key={name}>
            <a href={`/api/jobs/${job}/signed/${encodeURIComponent(name)}`}>{name}</a>
          </li>
        ))}
      </ul>
    </div>
  );
}

function Over({ over }: { over: Schemas['HandedOver'] }) {
  return (
    <div className="handed-over">
      <h3>Handed over</h3>
      <p>
        to {over.to} by {over.by} <span className="num soft">{dayAndTime(over.at)}</span>
      </p>
      {over.drawn === '' ? <p className="mark caution">not signed for</p> : <Drawn drawn={over.drawn} of={over.to} />}
    </div>
  );
}
