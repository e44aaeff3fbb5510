import { useQuery } from '@tanstack/react-query';
import { Link, useSearchParams } from 'react-router';
import { api, unwrap } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { Waiting } from '../../shared/kit/Waiting';
import { fixed, grams } from '../../shared/format/units';
import { Pick } from '../../shared/kit/Pick';

type Named = Schemas['Named'];

/** Every way of plates from a body to a support, with the heights it makes and what it blocks. */
export function Stacks() {
  const [params, setParams] = useSearchParams();
  const ends = useQuery({
    queryKey: ['catalogue', 'stack-ends'],
    queryFn: async () => unwrap(await api.GET('/api/catalogue/stack-ends')),
    staleTime: 60_000,
  });
  const body = params.get('body') ?? ends.data?.bodies[0]?.id ?? '';
  const support = params.get('support') ?? ends.data?.supports[0]?.id ?? '';
  const rods = params.get('rods') ?? '';
  const stacks = useQuery({
    queryKey: ['catalogue', 'stacks', body, support, rods],
    queryFn: async () => unwrap(await api.GET('/api/catalogue/stacks', { params: { query: { body, support, rods } } })),
    enabled: body !== '' && support !== '',
  });
  const choose = (name: string, value: string) =>
    setParams({ tab: 'stacks', body, support, rods, [name]: value }, { replace: true });
  if (ends.isError) return <p className="error">{ends.error.message}</p>;
  return (
    <div className="stacks">
      <div className="stack-ends">
        <End title="Body" value={body} options={ends.data?.bodies ?? []} onChange={(v) => choose('body', v)} />
        <End
          title="Carried by"
          value={support}
          options={ends.data?.supports ?? []}
          onChange={(v) => choose('support', v)}
        />
        <End
          title="With rods"
          value={rods}
          options={[{ id: '', title: 'with or without' }, ...(ends.data?.rods ?? [])]}
          onChange={(v) => choose('rods', v)}
        />
      </div>
      {stacks.isFetching && <Waiting />}
      {stacks.isError && <p className="error">{stacks.error.message}</p>}
      {stacks.data?.length === 0 && (
        <p className="soft">
          No stack of up to five plates joins the two. Look for a base plate made for this body in the catalogue.
        </p>
      )}
      {stacks.data && stacks.data.length > 0 && (
        <table className="sheet stacks-table">
          <thead>
            <tr>
              <th>Plates, from the body down</th>
              <th className="right">Plates</th>
              <th className="right">Axis over support, mm</th>
              <th className="right">Aside, mm</th>
              <th className="right">Mass</th>
              <th className="right">Quick releases</th>
              <th>Rods</th>
              <th>Blocks</th>
            </tr>
          </thead>
          <tbody>
            {stacks.data.map((s, i) => (
              <StackRow key={i} stack={s} />
            ))}
          </tbody>
        </table>
      )}
      <p className="soft">
        Fewest plates first, then the lowest. Slides stand at the middle of their travel; try the chosen stack on the
        bench.
      </p>
    </div>
  );
}

function End({
  title,
  value,
  options,
  onChange,
}: {
  title: string;
  value: string;
  options: Named[];
  onChange: (v: string) => void;
}) {
  return (
    <label className="calc-field">
      <span>{title}</span>
      <Pick
        label={title}
        value={value}
        onChange={onChange}
        options={options.map((o) => ({ value: o.id, label: o.title }))}
      />
    </label>
  );
}

function StackRow({ stack: s }: { stack: Schemas['StackLine'] }) {
  return (
    <tr>
      <td>
        {s.plates.length === 0 && <span className="soft">sits on it as it is</span>}
        {s.plates.map((p, i) => (
          <span key={i}>
            {i > 0 && <span className="soft"> › </span>}
            <Link to={`/catalogue/parts/${encodeURIComponent(p.id)}`}>{p.title}</Link>
          </span>
        ))}
        {s.alike.length > 0 && (
          <span className="soft" title={s.alike.join('\n')}>
            {' '}
            and {s.alike.length} alike
          </span>
        )}
        {!s.twistProof && <span className="mark caution">can turn on one screw</span>}
      </td>
      <td className="num right">{s.plates.length}</td>
      <td className="num right">{fixed(s.axisHeightMm, 1)}</td>
      <td className="num right">
        {s.asideMm === 0 ? '' : `${s.asideMm > 0 ? 'left' : 'right'} ${fixed(Math.abs(s.asideMm), 1)}`}
      </td>
      <td className="num right">{grams(s.massGrams)}</td>
      <td className="num right">{s.releases}</td>
      <td>
        {s.rods.map((r, i) => (
          <span key={i} className={`mark ${r.met ? 'met' : 'caution'}`}>
            {r.standard}: {fixed(r.heightMm, 1)} of {fixed(r.neededMm, 1)}
          </span>
        ))}
      </td>
      <td>
        {s.blocks.length === 0 ? (
          <span className="soft">nothing</span>
        ) : (
          s.blocks.map((b) => (
            <span key={b} className="mark stop">
              {b}
            </span>
          ))
        )}
      </td>
    </tr>
  );
}
