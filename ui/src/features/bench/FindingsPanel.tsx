import { Button, Input } from 'antd';
import { useEffect, useState } from 'react';
import { flushSync } from 'react-dom';
import type { Schemas } from '../../shared/api/client';
import { Pick } from '../../shared/kit/Pick';
import { FindingCard } from './FindingCard';
import { GROUPINGS, grouped, KINDS, matching } from './findings';
import type { Asked } from './findings';
import { counts } from './logic';
import type { Finding } from './logic';
import type { DoAct } from './useBench';
import { WaiveDialog } from './WaiveDialog';

interface Props {
  bench: Schemas['Bench'];
  canEdit: boolean;
  waives: boolean;
  /** While another configuration or lens is on its way, what stands here is still of the one before. */
  waiting: boolean;
  /** Findings one of whose fixes is on its way. */
  fixing: readonly string[];
  /** Parts pointed at in the stack or on the drawing. */
  pointed: readonly string[];
  chosen: string;
  act: DoAct;
  onLight: (f: Finding | null) => void;
  onLens: (id: string) => void;
}

/** A rig with more is far from done; the rest are shown when asked for. */
const FIRST = 30;

const ALL: Asked = { search: '', kind: 'ALL', by: 'LENS' };

/** What is found, by lens, part or matter; searched, and by kind. */
export function FindingsPanel({ bench, waiting, fixing, pointed, chosen, onLens, ...card }: Props) {
  const [waiving, setWaiving] = useState<Finding | null>(null);
  const [asked, setAsked] = useState(ALL);
  const [whole, setWhole] = useState(false);
  // Paper shows everything: a sheet that is silently cut would be read as the whole.
  useEffect(() => {
    const show = () => flushSync(() => setWhole(true));
    window.addEventListener('beforeprint', show);
    return () => window.removeEventListener('beforeprint', show);
  }, []);
  const found = matching(bench.findings, asked);
  const groups = grouped(found, asked.by, bench, whole ? Infinity : FIRST);
  const rest = found.length - groups.reduce((n, g) => n + g.findings.length, 0);
  const touches = (f: Finding) => f.placements.some((p) => p === chosen || pointed.includes(p));
  const title = (lens: string) => bench.lenses.find((l) => l.id === lens)?.title ?? lens;
  return (
    <section className="findings" aria-label="Findings">
      <div className="panel-head">
        <h2>Findings</h2>
        <span className="soft counts">{counts(bench.findings) || 'none'}</span>
      </div>
      {bench.findings.length > 0 && <Tools asked={asked} onAsk={setAsked} />}
      <fieldset className="findings-scroll" aria-live="polite" disabled={waiting}>
        {bench.findings.length === 0 && (
          <p className="nothing">Every check of this configuration is fine with every lens.</p>
        )}
        {bench.findings.length > 0 && found.length === 0 && (
          <p className="nothing">
            None of {bench.findings.length} is of this kind and has these words.{' '}
            <Button type="text" size="small" onClick={() => setAsked({ ...ALL, by: asked.by })}>
              Show all
            </Button>
          </p>
        )}
        {groups.map((g) => (
          <div key={g.title}>
            {g.title && <h3 className="level">{g.title}</h3>}
            {g.findings.map((f) => (
              <FindingCard
                key={f.key}
                at={bench}
                f={f}
                fixing={fixing.includes(f.key)}
                pointed={touches(f)}
                onWaive={() => setWaiving(f)}
                {...card}
              >
                {f.lens !== '' && f.lens !== bench.lens && (
                  <Button type="text" onClick={() => onLens(f.lens)}>
                    See with {title(f.lens)}
                  </Button>
                )}
              </FindingCard>
            ))}
          </div>
        ))}
        {rest > 0 && (
          <Button type="text" onClick={() => setWhole(true)}>
            Show {rest} more
          </Button>
        )}
      </fieldset>
      {waiving && (
        <WaiveDialog
          finding={waiving}
          onClose={() => setWaiving(null)}
          onWaive={(reason) => {
            card.act({ kind: 'waive', finding: waiving.key, reason });
            setWaiving(null);
          }}
        />
      )}
    </section>
  );
}

function Tools({ asked, onAsk }: { asked: Asked; onAsk: (next: Asked) => void }) {
  return (
    <div className="findings-tools noprint">
      <Input
        size="small"
        allowClear
        aria-label="Search findings"
        placeholder="Search"
        value={asked.search}
        onChange={(e) => onAsk({ ...asked, search: e.target.value })}
      />
      <Pick
        size="small"
        label="Kind of finding"
        value={asked.kind}
        options={KINDS}
        onChange={(kind) => onAsk({ ...asked, kind })}
      />
      <Pick
        size="small"
        label="Findings grouped by"
        value={asked.by}
        options={GROUPINGS}
        onChange={(by) => onAsk({ ...asked, by })}
      />
    </div>
  );
}
