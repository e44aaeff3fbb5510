import './changeover.css';
import { Button } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { changeoversQuery } from '../../shared/api/queries';
import type { Schemas } from '../../shared/api/client';
import { useStandpoint } from '../../shared/job/useStandpoint';
import { Waiting } from '../../shared/kit/Waiting';
import { fixed, kilograms } from '../../shared/format/units';
import { SideBySide } from './SideBySide';
import { Matrix } from './Matrix';
import { Pick } from '../../shared/kit/Pick';

/** What it takes to make one configuration into another, against what the brief asks; and how the two differ. */
export function ChangeoverScreen() {
  const at = useStandpoint();
  const { job, build, asked: search } = at;
  const { lens } = at.spot;
  const query = useQuery({ ...changeoversQuery(job, at.spot.build, lens), enabled: build !== undefined });
  if (query.isError) return <p className="page error">{query.error.message}</p>;
  if (!build || query.isPending) return <Waiting />;
  const d = query.data;
  if (d.configurations.length < 2) {
    return (
      <main className="page">
        <p>
          This build has one configuration. Derive another on the <Link to={at.at('bench')}>Bench</Link>, and what the
          change takes is told here.
        </p>
      </main>
    );
  }
  const first = d.ways.find((w) => !w.met) ?? d.ways.find((w) => w.askedMinutes > 0) ?? d.ways[0];
  const from = search.get('from') ?? first?.from ?? '';
  const to = search.get('to') ?? first?.to ?? '';
  const way = d.ways.find((w) => w.from === from && w.to === to);
  const choose = (a: string, b: string) => at.go({ from: a, to: b });
  const title = (id: string) => d.configurations.find((c) => c.id === id)?.title ?? id;
  return (
    <main className="changeover">
      <section aria-labelledby="matrix-title">
        <div className="change-head">
          <h2 id="matrix-title">Minutes from one to another</h2>
          <label>
            with{' '}
            <Pick
              label="Lens in the slot"
              value={lens}
              onChange={(next) => at.go({ lens: next })}
              options={build.lenses.map((l) => ({ value: l.id, label: l.title }))}
            />
          </label>
          <Button type="text" onClick={() => window.print()}>
            Print
          </Button>
        </div>
        <Matrix data={d} from={from} to={to} onChoose={choose} />
      </section>
      {way && (
        <div className="change-columns">
          <section aria-labelledby="steps-title">
            <h2 id="steps-title">
              {title(way.from)} to {title(way.to)}
            </h2>
            <Summary way={way} />
            <Steps way={way} />
            <Twin way={way} to={title(way.to)} />
          </section>
          <section aria-labelledby="compare-title">
            <h2 id="compare-title">Side by side</h2>
            <SideBySide spot={{ job, build: build.id, configuration: way.from, lens }} other={way.to} />
          </section>
        </div>
      )}
    </main>
  );
}

function Summary({ way }: { way: Schemas['Way'] }) {
  return (
    <p className="change-summary">
      <b className="num">{fixed(way.minutes, 1)} min</b>{' '}
      {way.toolFree ? 'by hand alone' : <>with {way.keys.join(', ')}</>}
      {way.askedMinutes > 0 && (
        <span className={`mark ${way.met ? 'met' : 'stop'}`}>
          asked: {fixed(way.askedMinutes, 0)} min{way.askedToolFree && ', no tools'}
        </span>
      )}
    </p>
  );
}

/** A second body left ready, against the change. */
function Twin({ way, to }: { way: Schemas['Way']; to: string }) {
  const t = way.twin;
  if (t.pieces === 0) return null;
  return (
    <details className="twin">
      <summary>
        <b>Or a second body left ready</b> in {to}: <span className="num">{t.pieces}</span> pieces more,{' '}
        <span className="num">{kilograms(t.extraGrams)}</span>;{' '}
        {t.savedMinutes > 0 ? (
          <>
            saves <span className="num">{fixed(t.savedMinutes, 1)} min</span>
          </>
        ) : (
          'saves nothing'
        )}{' '}
        <span className={`mark ${t.worthIt ? 'met' : ''}`}>
          {t.worthIt ? 'worth it here' : 'the change is quick enough here'}
        </span>
      </summary>
      <p className="soft">
        What both wear is doubled; the lens goes over in <span className="num">{fixed(t.handOverMinutes, 1)} min</span>.
        Of the pieces <span className="num">{t.inKit}</span> are in the kit. Settings and cards of the two bodies are
        kept alike.
      </p>
      <ul className="compare-list">
        {t.parts.map((p) => (
          <li key={p.title}>
            <span className="num">{p.pieces}</span> {p.title}{' '}
            {p.inKit > 0 && <span className="soft">{p.inKit} in the kit</span>}
          </li>
        ))}
      </ul>
    </details>
  );
}

const ACTS = {
  UNPLUG: 'unplug',
  OFF: 'take off',
  ASIDE: 'set aside',
  OVER: 'move over',
  ON: 'put on',
  BACK: 'put back',
  SET: 'set',
  PLUG: 'plug',
} as const;

function Steps({ way }: { way: Schemas['Way'] }) {
  if (way.steps.length === 0) return <p className="soft">Nothing has to be done.</p>;
  return (
    <>
      <ol className="change-steps">
        {way.steps.map((s, i) => (
          <li key={i}>
            <span className="act">{ACTS[s.act]}</span>
            <span>
              {s.part} <span className="soft">{s.where}</span>
              {s.along.length > 0 && <span className="soft along">in one piece with {s.along.join(', ')}</span>}
              {s.why !== '' && <span className="soft along">{s.why}</span>}
              {s.keys.length > 0 && <span className="along num">{s.keys.join(', ')}</span>}
            </span>
            <span className="num right">{fixed(s.minutes, 1)}</span>
          </li>
        ))}
        {way.keys.length > 0 && (
          <li>
            <span className="act">fetch</span>
            <span>
              and put back <span className="num">{way.keys.join(', ')}</span>
            </span>
            <span className="num right">{fixed(way.toolMinutes, 1)}</span>
          </li>
        )}
      </ol>
      {way.leftBehind.length > 0 && (
        <p>
          <b>Left behind</b> <span className="soft">into its case, or by the rig:</span> {way.leftBehind.join(', ')}
        </p>
      )}
      {way.recheck.length > 0 && (
        <p>
          <b>Look at again</b> {way.recheck.join('; ')}
        </p>
      )}
      <p className="soft">
        One pair of hands, at the house’s times. Heavy rigs are lifted by two; antennas, lens and battery come off
        before a rig is turned over.
      </p>
    </>
  );
}
