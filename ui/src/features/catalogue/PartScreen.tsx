import { figureName, words } from '../../shared/format/units';
import './catalogue.css';
import { Button } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import type { Schemas } from '../../shared/api/client';
import { partQuery } from '../../shared/api/houseQueries';
import { LinkButton } from '../../shared/kit/LinkButton';
import { Waiting } from '../../shared/kit/Waiting';
import { CrossFit } from './CrossFit';
import { Revisions } from './Revisions';
import { ThrowOut } from './ThrowOut';
import { PartViews } from './PartViews';
import { NOT_OFFERED, idOf, useStanding } from './standing';
import { bothLengths, bothMasses, provenance } from './text';

/** One part: drawn with its ports, its figures with where they come from, and where it is used. */
export function PartScreen({ session }: { session: Schemas['Session'] }) {
  const { ref = '' } = useParams();
  const query = useQuery(partQuery(ref));
  const stand = useStanding();
  if (query.isPending) return <Waiting />;
  if (query.isError) {
    return (
      <main className="page">
        <p className="error">{query.error.message}</p>
        <Link to="/catalogue">Back to the catalogue</Link>
      </main>
    );
  }
  const p = query.data;
  return (
    <main className="page part-page">
      <div className="part-head">
        <h1>{p.name}</h1>
        <span className="soft">
          {p.maker}, {words(p.category)}
        </span>
        <span className="num soft">{p.ref}</span>
        <span className="push" />
        {p.revisions.length > 1 && (
          <span className="soft">
            {p.revisions.map((r) => (
              <Link key={r} to={`/catalogue/parts/${encodeURIComponent(r)}`}>
                {r === p.ref ? '' : ` revision ${r.split('@')[1] ?? ''}`}
              </Link>
            ))}
          </span>
        )}
        {p.standing !== 'OFFERED' && <span className="mark note">{NOT_OFFERED[p.standing]}</span>}
        {session.waives && p.standing !== 'OFFERED' && (
          <Button type="primary" onClick={() => stand([idOf(p.ref)], 'OFFERED')}>
            Offer it
          </Button>
        )}
        {session.waives && p.standing !== 'RETIRED' && (
          <Button onClick={() => stand([idOf(p.ref)], 'RETIRED')}>Retire it</Button>
        )}
        {session.waives && p.usedIn.length === 0 && <ThrowOut part={p.ref} name={p.name} />}
        {session.editsBuilds && (
          <LinkButton to={`/catalogue/edit?from=${encodeURIComponent(p.ref)}`}>Change it</LinkButton>
        )}
      </div>
      <PartViews part={p} />
      <div className="part-columns">
        <section>
          <h2>Ports</h2>
          <PortTable ports={p.ports} />
          {p.sockets.length > 0 && (
            <>
              <h2>Sockets</h2>
              <table className="sheet">
                <tbody>
                  {p.sockets.map((s) => (
                    <tr key={s.id}>
                      <td>{s.title}</td>
                      <td className="soft">
                        {words(s.kind)} {words(s.direction)}
                      </td>
                      <td>{s.connector}</td>
                      <td className="num">{s.pinOut}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </>
          )}
        </section>
        <section>
          <h2>Figures</h2>
          <dl className="figures">
            <Figure name="mass" value={bothMasses(p.mass)} more={provenance(p.mass)} />
            <Figure name="width" value={bothLengths(p.width)} />
            <Figure name="height" value={bothLengths(p.height)} />
            <Figure name="length" value={bothLengths(p.length)} />
            {p.capabilities.length > 0 && <Figure name="relied on for" value={p.capabilities.map(words).join(', ')} />}
          </dl>
          {p.facets.map((f, i) => (
            <div key={i}>
              <h3>{figureName(f.kind)}</h3>
              <dl className="figures">
                {f.figures.map((g) => (
                  <Figure key={g.name} name={figureName(g.name)} value={g.value} />
                ))}
              </dl>
            </div>
          ))}
          {p.relations.length > 0 && (
            <>
              <h2>With other parts</h2>
              <dl className="figures relations">
                {p.relations.map((r, i) => (
                  <div key={i}>
                    <dt>{words(r.kind)}</dt>
                    <dd>
                      {r.ref ? <Link to={`/catalogue/parts/${encodeURIComponent(r.ref)}`}>{r.other}</Link> : r.other}{' '}
                      <span className="soft">{r.why}</span>
                    </dd>
                  </div>
                ))}
              </dl>
            </>
          )}
          {p.falseFriends.length > 0 && (
            <>
              <h2 className="mark caution">Taken for it</h2>
              <ul>
                {p.falseFriends.map((f) => (
                  <li key={f}>{f}</li>
                ))}
              </ul>
            </>
          )}
          <h2>Used in</h2>
          {p.usedIn.length === 0 && <p className="soft">No job has it.</p>}
          <ul className="used-in">
            {p.usedIn.map((u, i) => (
              <li key={i}>
                <Link to={`/jobs/${u.job}/bench`}>{u.title}</Link> <span className="soft">{u.where}</span>
              </li>
            ))}
          </ul>
        </section>
      </div>
      <Revisions key={p.ref} part={p} edits={session.editsBuilds} />
      {p.category === 'BODY' && <CrossFit part={p.ref} />}
    </main>
  );
}

function Figure({ name, value, more }: { name: string; value: string; more?: string }) {
  return (
    <div>
      <dt>{name}</dt>
      <dd className="num">
        {value || 'not on file'} {more && <span className="soft">{more}</span>}
      </dd>
    </div>
  );
}

function PortTable({ ports }: { ports: Schemas['PortLine'][] }) {
  if (ports.length === 0) return <p className="soft">Nothing is mounted on it, and it is mounted on nothing.</p>;
  return (
    <table className="sheet ports-table">
      <thead>
        <tr>
          <th className="right">No</th>
          <th>Port</th>
          <th>Standard</th>
          <th>Takes</th>
          <th>Pins, screws and keys</th>
          <th>Worked by</th>
        </tr>
      </thead>
      <tbody>
        {ports.map((p, i) => (
          <tr key={p.id}>
            <td className="num right">{i + 1}</td>
            <td>{p.title}</td>
            <td>
              {p.standard} <span className="soft">side {p.role}</span>
            </td>
            <td className="soft">
              {p.occupancy}
              {p.rating && `, rated ${p.rating}`}
              {p.freedoms && `, ${p.freedoms}`}
              {p.mark && `; one way: ${p.mark}`}
            </td>
            <td className="soft">
              pins {p.pins}
              {p.screws && `; ${p.screws}`}
            </td>
            <td className="soft">{p.screws || p.worked !== 'screws' ? p.worked : ''}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
