import type { Schemas } from '../../shared/api/client';

/** The body's own order of plugging, for bodies that have one. */
export function OrderCards({ orders }: { orders: Schemas['ConnectOrder'][] }) {
  return (
    <section aria-labelledby="order-title">
      <h2 id="order-title">Order of plugging, at every power cycle</h2>
      {orders.length === 0 && <p className="soft">This body has no rule of its own: plug in any order.</p>}
      {orders.map((o) => (
        <article key={o.body} className="order-card">
          <h3>{o.body}</h3>
          <div className="two">
            <div>
              <h4>On</h4>
              <ol>
                {o.on.map((step) => (
                  <li key={step}>{step}</li>
                ))}
              </ol>
            </div>
            <div>
              <h4>Off</h4>
              <ol>
                {o.off.map((step) => (
                  <li key={step}>{step}</li>
                ))}
              </ol>
            </div>
          </div>
          <p className="soft">Source: {o.source}.</p>
        </article>
      ))}
    </section>
  );
}
