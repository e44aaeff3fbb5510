import { Input, Modal } from 'antd';
import { memo, useEffect, useState } from 'react';
import { flushSync } from 'react-dom';
import type { Schemas } from '../../shared/api/client';
import { counts, evidence, forLens } from './logic';
import type { Finding } from './logic';
import { Remedies } from './Remedies';
import type { DoAct } from './useBench';

interface Props {
  bench: Schemas['Bench'];
  canEdit: boolean;
  waives: boolean;
  busy: boolean;
  act: DoAct;
  onLight: (f: Finding | null) => void;
  onLens: (id: string) => void;
}

/** A rig with more is far from done; the rest are shown when asked for. */
const FIRST = 30;

const STATE = { FOUND: '', FINE: '', UNDECIDED: ', undecided', NOT_CHECKED: ', not checked' } as const;

export function FindingsPanel({ bench, canEdit, waives, busy, act, onLight, onLens }: Props) {
  const [waiving, setWaiving] = useState<Finding | null>(null);
  const [all, setAll] = useState(false);
  // Paper shows everything: a sheet that is silently cut would be read as the whole.
  useEffect(() => {
    const whole = () => flushSync(() => setAll(true));
    window.addEventListener('beforeprint', whole);
    return () => window.removeEventListener('beforeprint', whole);
  }, []);
  const parted = forLens(bench.findings, bench.lens);
  const here = all ? parted.here : parted.here.slice(0, FIRST);
  const others = all ? parted.others : parted.others.slice(0, Math.max(0, FIRST - here.length));
  const rest = bench.findings.length - here.length - others.length;
  const title = (lens: string) => bench.lenses.find((l) => l.id === lens)?.title ?? lens;
  return (
    <section className="findings" aria-label="Findings">
      <div className="panel-head">
        <h2>Findings</h2>
        <span className="num soft">{counts(bench.findings) || 'none'}</span>
      </div>
      <fieldset className="findings-scroll" aria-live="polite" disabled={busy}>
        {bench.findings.length === 0 && (
          <p className="nothing">Every check of this configuration is fine with every lens.</p>
        )}
        {here.map((f) => (
          <FindingCard
            key={f.key}
            at={bench}
            f={f}
            canEdit={canEdit}
            waives={waives}
            act={act}
            onLight={onLight}
            onWaive={() => setWaiving(f)}
          />
        ))}
        {others.length > 0 && <h3 className="level">with other lenses</h3>}
        {others.map((f) => (
          <FindingCard
            key={f.key}
            at={bench}
            f={f}
            canEdit={canEdit}
            waives={waives}
            act={act}
            onLight={onLight}
            onWaive={() => setWaiving(f)}
          >
            <button className="btn plain" type="button" onClick={() => onLens(f.lens)}>
              See with {title(f.lens)}
            </button>
          </FindingCard>
        ))}
        {rest > 0 && (
          <button className="btn plain" type="button" onClick={() => setAll(true)}>
            Show {rest} more
          </button>
        )}
      </fieldset>
      {waiving && (
        <WaiveDialog
          finding={waiving}
          onClose={() => setWaiving(null)}
          onWaive={(reason) => {
            act({ kind: 'waive', finding: waiving.key, reason });
            setWaiving(null);
          }}
        />
      )}
    </section>
  );
}

interface CardProps {
  at: { job: string; revision: number };
  f: Finding;
  canEdit: boolean;
  waives: boolean;
  act: DoAct;
  onLight: (f: Finding | null) => void;
  onWaive: () => void;
  children?: React.ReactNode;
}

/** Drawn anew only when its finding is another: what it does by its buttons stays the same from edit to edit. */
const FindingCard = memo(
  FindingFace,
  (a, b) =>
    a.f === b.f &&
    a.at.revision === b.at.revision &&
    a.canEdit === b.canEdit &&
    a.waives === b.waives &&
    !a.children &&
    !b.children,
);

function FindingFace({ at, f, canEdit, waives, act, onLight, onWaive, children }: CardProps) {
  const severity = f.severity.toLowerCase();
  const e = evidence(f.evidence);
  const quiet = f.read || f.waived;
  return (
    <article
      className={`finding ${quiet ? 'quiet' : ''}`}
      onMouseEnter={() => onLight(f)}
      onMouseLeave={() => onLight(null)}
      onFocus={() => onLight(f)}
      onBlur={() => onLight(null)}
    >
      <header>
        <span className={`mark ${severity}`}>
          {severity}
          {STATE[f.state]}
        </span>
        <h3>{f.title}</h3>
      </header>
      <p className="evidence">
        <span className="soft">has</span> <b className="num">{e.has}</b> <span className="soft">needs</span>{' '}
        <b className="num">{e.needs}</b>
      </p>
      <p>{f.why}</p>
      {canEdit && f.state !== 'NOT_CHECKED' && (
        <Remedies
          job={at.job}
          revision={at.revision}
          finding={f.key}
          onApply={(fix) => act({ kind: 'edit', request: { kind: 'FIX', finding: f.key, fix } })}
        />
      )}
      <div className="finding-acts">
        {f.severity === 'CAUTION' &&
          (f.read ? (
            <span className="mark met">read by {f.readBy}</span>
          ) : (
            canEdit && (
              <button className="btn" type="button" onClick={() => act({ kind: 'read', finding: f.key })}>
                Mark read
              </button>
            )
          ))}
        {f.waived && <span className="mark met">waived: {f.waiver}</span>}
        {f.severity === 'STOP' &&
          waives &&
          canEdit &&
          (f.waived ? (
            <button className="btn plain" type="button" onClick={() => act({ kind: 'withdraw', finding: f.key })}>
              Withdraw waiver
            </button>
          ) : (
            <button className="btn plain" type="button" onClick={onWaive}>
              Waive
            </button>
          ))}
        {children}
      </div>
      <details>
        <summary>How it is judged</summary>
        <p>Expects that {f.expectation}.</p>
        {f.formula && <p className="num">{f.formula}</p>}
        <p className="soft">
          Source: {f.source}. Check {f.check}.
        </p>
      </details>
    </article>
  );
}

function WaiveDialog({
  finding,
  onClose,
  onWaive,
}: {
  finding: Finding;
  onClose: () => void;
  onWaive: (reason: string) => void;
}) {
  const [reason, setReason] = useState('');
  return (
    <Modal
      open
      title={`Waive: ${finding.title}`}
      okText="Waive it"
      okButtonProps={{ disabled: !reason.trim() }}
      onCancel={onClose}
      onOk={() => onWaive(reason.trim())}
    >
      <p>You accept it as bad as it is now. It opens again when it gets worse, and closes when the finding is gone.</p>
      <label className="field">
        <span>Reason, kept with your name</span>
        <Input.TextArea autoFocus rows={3} maxLength={500} value={reason} onChange={(e) => setReason(e.target.value)} />
      </label>
    </Modal>
  );
}
