import { Button } from 'antd';
import { memo, useState } from 'react';
import type { ReactNode } from 'react';
import { Photos } from '../../shared/photos/Photos';
import { evidence } from './logic';
import type { Finding } from './logic';
import { Remedies } from './Remedies';
import type { DoAct } from './useBench';

const STATE = { FOUND: '', FINE: '', UNDECIDED: ', undecided', NOT_CHECKED: ', not checked' } as const;

interface CardProps {
  at: { job: string; revision: number };
  f: Finding;
  fixing: boolean;
  /** One of its parts is pointed at or chosen. */
  pointed: boolean;
  canEdit: boolean;
  waives: boolean;
  act: DoAct;
  onLight: (f: Finding | null) => void;
  onWaive: () => void;
  children?: ReactNode;
}

/** Drawn anew only when its finding is another: what it does by its buttons stays the same from edit to edit. */
export const FindingCard = memo(
  FindingFace,
  (a, b) =>
    a.f === b.f &&
    a.fixing === b.fixing &&
    a.pointed === b.pointed &&
    a.at.revision === b.at.revision &&
    a.canEdit === b.canEdit &&
    a.waives === b.waives &&
    !a.children &&
    !b.children,
);

function FindingFace({ at, f, fixing, pointed, canEdit, waives, act, onLight, onWaive, children }: CardProps) {
  const severity = f.severity.toLowerCase();
  const e = evidence(f.evidence);
  const quiet = f.read || f.waived;
  const acts = (
    <Acts f={f} canEdit={canEdit} waives={waives} act={act} onWaive={onWaive}>
      {children}
    </Acts>
  );
  return (
    <article
      className={['finding', quiet ? 'quiet' : '', pointed ? 'pointed' : ''].filter(Boolean).join(' ')}
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
      {canEdit && f.state !== 'NOT_CHECKED' ? (
        <Remedies
          job={at.job}
          revision={at.revision}
          finding={f.key}
          applying={fixing}
          onApply={(fix) => act({ kind: 'edit', request: { kind: 'FIX', finding: f.key, fix } })}
        >
          {acts}
        </Remedies>
      ) : (
        <div className="finding-acts">{acts}</div>
      )}
      <HowJudged job={at.job} f={f} canEdit={canEdit} />
    </article>
  );
}

/** By what it is judged, and what was pictured of it; nothing of that is worked out while it is shut. */
function HowJudged({ job, f, canEdit }: { job: string; f: Finding; canEdit: boolean }) {
  const [open, setOpen] = useState(false);
  return (
    <details onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary>How it is judged</summary>
      <p>Expects that {f.expectation}.</p>
      {f.formula && <p className="num">{f.formula}</p>}
      <p className="soft">
        Source: {f.source}. Check {f.check}.
      </p>
      {open && <Photos job={job} of={`finding:${f.key}`} mayTake={canEdit} />}
    </details>
  );
}

type ActsProps = Pick<CardProps, 'f' | 'canEdit' | 'waives' | 'act' | 'onWaive' | 'children'>;

/** What one says to a finding: read, waived, withdrawn. */
function Acts({ f, canEdit, waives, act, onWaive, children }: ActsProps) {
  return (
    <>
      {f.severity === 'CAUTION' &&
        (f.read ? (
          <span className="mark met">read by {f.readBy}</span>
        ) : (
          canEdit && <Button onClick={() => act({ kind: 'read', finding: f.key })}>Mark read</Button>
        ))}
      {f.waived && <span className="mark met">waived: {f.waiver}</span>}
      {f.severity === 'STOP' &&
        waives &&
        canEdit &&
        (f.waived ? (
          <Button type="text" onClick={() => act({ kind: 'withdraw', finding: f.key })}>
            Withdraw waiver
          </Button>
        ) : (
          <Button type="text" onClick={onWaive}>
            Waive
          </Button>
        ))}
      {children}
    </>
  );
}
