import type { Schemas } from '../../shared/api/client';
import { fixed } from '../../shared/format/units';

/** Which stages serve which lenses: one set-up for all where there is one. */
export function SetUps({ setUps }: { setUps: Schemas['StageSetUp'][] }) {
  if (setUps.length === 0) return null;
  const all = setUps.find((s) => s.not.length === 0);
  return (
    <section aria-labelledby="set-ups-title">
      <h2 id="set-ups-title">One set-up for the set</h2>
      <p>
        {all
          ? `With ${all.stages === 1 ? 'one stage' : `${all.stages} stages`} every lens is served.`
          : 'No number of stages serves every lens; what is in the way is told of each.'}
      </p>
      <ul className="set-ups">
        {setUps.map((s) => (
          <li key={s.stages}>
            <b className="num">{s.stages}</b> {s.stages === 1 ? 'stage' : 'stages'}:{' '}
            {s.clear.length > 0 ? `serves ${s.clear.join(', ')}` : 'serves none'}
            {s.not.length > 0 && <span className="mark caution">not with {s.not.join(', ')}</span>}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The order of lenses that takes least, a card a change. */
export function Order({ order }: { order: Schemas['ChangeOrder'] }) {
  if (order.changes.length === 0) return null;
  const first = order.changes[0]?.from ?? '';
  const saved = order.asListed - order.minutes;
  return (
    <section aria-labelledby="order-title">
      <h2 id="order-title">Changing lenses</h2>
      <p>
        In the order {[first, ...order.changes.map((c) => c.to)].join(', ')} the changes take{' '}
        <b className="num">{fixed(order.minutes, 1)} min</b>
        {saved > 0.05 ? ` instead of ${fixed(order.asListed, 1)} as listed` : ', as listed'}
        {order.proven ? '; no order takes less.' : '; a shorter order may exist.'}
      </p>
      <ol className="change-cards">
        {order.changes.map((c) => (
          <li key={`${c.from} ${c.to}`}>
            <b>
              {c.from} to {c.to}
            </b>{' '}
            <span className="num soft">{fixed(c.minutes, 1)} min</span>
            <ul>
              {c.steps.map((s, i) => (
                <li key={i}>{s}</li>
              ))}
            </ul>
          </li>
        ))}
      </ol>
    </section>
  );
}
