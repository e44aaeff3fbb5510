import { Button } from 'antd';
import { memo, useEffect, useRef } from 'react';
import type { Schemas } from '../../shared/api/client';
import { counted, massText, words } from '../../shared/format/units';
import { settingText, severalText } from './logic';
import { PartCard } from './PartCard';
import type { BenchActions } from './useBenchKeys';
import type { DoAct } from './useBench';

interface Props {
  bench: Schemas['Bench'];
  chosen: string;
  /** Parts lit by a finding or pointed at on the drawing. */
  lit: readonly string[];
  actions: BenchActions;
  act: DoAct;
  onPoint: (placement: string) => void;
}

const LEVELS = ['ABOVE', 'BODY', 'BELOW'] as const;

/** The build in physical order: top of the rig first, ground last. */
export function StackPanel({ bench, chosen, lit, actions, act, onPoint }: Props) {
  return (
    <section className="stack" aria-label="Stack, top to ground">
      <div className="panel-head">
        <h2>Stack, top to ground</h2>
        <span className="num soft">{counted(bench.stack.length, 'part')}</span>
      </div>
      {actions.canEdit && actions.gathered.length > 0 && (
        <div className="gathered" role="status">
          <span>{counted(actions.gathered.length, 'part')} chosen</span>
          <Button onClick={() => actions.removeSaying(actions.gathered, severalText(actions.gathered))}>
            Take off
          </Button>
          <Button type="text" onClick={() => actions.gather('')}>
            None
          </Button>
        </div>
      )}
      <div className="stack-scroll">
        {bench.loose.length > 0 && (
          <div className="loose">
            <h3 className="mark stop">Held by nothing</h3>
            {bench.loose.map((l) => (
              <p key={l.placement}>
                <strong>{l.title}</strong> <span className="soft">{l.why}</span>{' '}
                {actions.canEdit && (
                  <Button type="text" onClick={() => actions.byHand(l.placement, l.title, 'MOVE')}>
                    Find it a port
                  </Button>
                )}
              </p>
            ))}
          </div>
        )}
        {bench.removed.length > 0 && (
          <details className="loose" open={bench.removed.length < 3}>
            <summary>{counted(bench.removed.length, 'part is', 'parts are')} taken off here</summary>
            {bench.removed.map((r) => (
              <p key={r.placement}>
                {r.title}
                {actions.canEdit && (
                  <Button
                    type="text"
                    onClick={() => act({ kind: 'edit', request: { kind: 'RESTORE', placement: r.placement } })}
                  >
                    Put back
                  </Button>
                )}
              </p>
            ))}
          </details>
        )}
        {actions.canEdit && <FirstSteps bench={bench} actions={actions} />}
        {LEVELS.map((level) => (
          <div key={level}>
            <h3 className="level">{words(level)}</h3>
            {bench.stack
              .filter((r) => r.level === level)
              .map((row) => (
                <StackRow
                  key={row.placement}
                  row={row}
                  chosen={row.placement === chosen}
                  lit={lit.includes(row.placement)}
                  gathered={actions.gathered.includes(row.placement)}
                  actions={actions}
                  act={act}
                  onPoint={onPoint}
                />
              ))}
          </div>
        ))}
      </div>
    </section>
  );
}

/** What a bare build wants next: something that carries it, a lens, the first part. */
function FirstSteps({ bench, actions }: { bench: Schemas['Bench']; actions: BenchActions }) {
  const root = bench.stack.find((r) => r.root);
  if (!root || (bench.supported && bench.lenses.length > 0)) return null;
  return (
    <div className="loose first-steps">
      {!bench.supported && (
        <p>
          Nothing carries this rig yet.{' '}
          <Button type="text" onClick={() => actions.byHand(root.placement, 'What carries it', 'CARRY')}>
            Choose what carries it
          </Button>
        </p>
      )}
      {bench.lenses.length === 0 && (
        <p>
          The lens set is empty.{' '}
          <Button type="text" onClick={actions.lensSet}>
            Choose lenses
          </Button>
        </p>
      )}
      {bench.stack.length === 1 && (
        <p className="soft">Any other part: choose the body below, then Add a part here (f).</p>
      )}
    </div>
  );
}

/** A row that is not chosen is drawn anew only when something on it changes. */
const StackRow = memo(
  RowFace,
  (a, b) => a.row === b.row && a.lit === b.lit && a.gathered === b.gathered && !a.chosen && !b.chosen,
);

interface RowProps {
  row: Schemas['Row'];
  chosen: boolean;
  lit: boolean;
  gathered: boolean;
  actions: BenchActions;
  act: DoAct;
  onPoint: (placement: string) => void;
}

function RowFace({ row, chosen, lit, gathered, actions, act, onPoint }: RowProps) {
  const ref = useRef<HTMLButtonElement>(null);
  const whole = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (!chosen) return;
    // Its card too, and the row itself in any case.
    whole.current?.scrollIntoView({ block: 'nearest' });
    ref.current?.scrollIntoView({ block: 'nearest' });
  }, [chosen]);
  const worst = row.worst ? words(row.worst) : '';
  return (
    <div
      ref={whole}
      className={['stack-row', chosen ? 'chosen' : '', lit ? 'pointed' : '', gathered ? 'gathered' : '', worst]
        .filter(Boolean)
        .join(' ')}
      onMouseEnter={() => onPoint(row.placement)}
      onMouseLeave={() => onPoint('')}
    >
      <Button
        ref={ref}
        type="text"
        className="row-face"
        aria-expanded={chosen}
        title={actions.canEdit && !row.root ? 'With Ctrl or Shift: choose several' : undefined}
        onClick={(e) =>
          actions.canEdit && !row.root && (e.ctrlKey || e.metaKey || e.shiftKey)
            ? actions.gather(row.placement)
            : actions.choose(chosen ? '' : row.placement)
        }
      >
        {worst && (
          <span className={`mark ${worst}`}>
            <span className="hush">{worst}</span>
          </span>
        )}
        <span className="row-title">{row.title}</span>
        <span className="num">{massText(row.mass)}</span>
        <span className="row-on soft">{row.on}</span>
        <span className="num soft">{row.settings[0] ? settingText(row.settings[0]) : ''}</span>
      </Button>
      {chosen && <PartCard key={row.placement} row={row} actions={actions} act={act} />}
    </div>
  );
}
