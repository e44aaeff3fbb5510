import { App } from 'antd';
import { useMemo, useState } from 'react';
import type { Schemas } from '../../shared/api/client';
import type { Spot } from '../../shared/api/queries';
import { useAddress } from '../../shared/kit/useAddress';
import { Waiting } from '../../shared/kit/Waiting';
import { BalanceDialog } from './BalanceDialog';
import { BenchBar } from './BenchBar';
import { BudgetDialog } from './BudgetDialog';
import { ConfigurationDialog } from './ConfigurationDialog';
import { ElevationPanel } from './ElevationPanel';
import { FindingsPanel } from './FindingsPanel';
import { FitDialog } from './FitDialog';
import { HandsDialog } from './HandsDialog';
import { KeysDialog } from './KeysDialog';
import { LeftDialog } from './LeftDialog';
import { scoped } from './logic';
import type { Finding } from './logic';
import { MetersBar } from './MetersBar';
import { StackPanel } from './StackPanel';
import { useBench } from './useBench';
import type { DoAct } from './useBench';
import { useBenchKeys } from './useBenchKeys';
import type { BenchActions } from './useBenchKeys';

interface Props {
  spot: Spot;
  canEdit: boolean;
  session: Schemas['Session'];
}

export function Bench({ spot, canEdit, session }: Props) {
  const { modal } = App.useApp();
  const [search, change] = useAddress();
  const [lit, setLit] = useState<Finding | null>(null);
  const [fitting, setFitting] = useState<string | null>(null);
  const [open, setOpen] = useState<'help' | 'budget' | 'configuring' | 'balancing' | 'hands' | 'left' | null>(null);
  const close = () => setOpen(null);
  const chosen = search.get('part') ?? '';

  const go = (name: string, value: string) => change({ [name]: value });

  const { query, busy, act, foresee, drop } = useBench(spot, (configuration) => go('config', configuration));
  const bench = query.data;
  const only = search.get('only') === '1';
  const run: DoAct = (a) =>
    void act(a.kind === 'edit' ? { kind: 'edit', ...scoped(a.request, only) } : a).catch(() => undefined);

  const undo = () => {
    if (!bench?.undo) return;
    if (bench.undoBy === session.displayName) return run({ kind: 'undo', anyway: false });
    modal.confirm({
      title: `Undo ${bench.undoBy}'s edit?`,
      content: bench.undo,
      okText: 'Undo it',
      onOk: () => run({ kind: 'undo', anyway: true }),
    });
  };

  const remove = (placement: string, withDependants: boolean) =>
    run({ kind: 'edit', request: { kind: 'REMOVE', placement, withDependants } });

  const actions: BenchActions = {
    canEdit,
    choose: (id) => go('part', id),
    set: (key, value) => run({ kind: 'edit', request: { kind: 'SET', key, value } }),
    askRemove: (placement) => {
      const row = bench?.stack.find((r) => r.placement === placement);
      if (!row || row.root || !canEdit) return;
      if (row.dependants === 0) return remove(placement, false);
      const dialog = modal.confirm({
        title: `Take off ${row.title}?`,
        content: `${row.dependants} ${row.dependants === 1 ? 'part hangs' : 'parts hang'} on it. Alone, they stay in the build and are held by nothing.`,
        okText: 'Take off alone',
        onOk: () => remove(placement, false),
        footer: (_, { OkBtn, CancelBtn }) => (
          <>
            <CancelBtn />
            <button
              type="button"
              className="btn"
              onClick={() => {
                dialog.destroy();
                remove(placement, true);
              }}
            >
              With dependants
            </button>
            <OkBtn />
          </>
        ),
      });
    },
    undo,
    redo: () => bench?.redo && run({ kind: 'redo' }),
    openFit: (placement) => canEdit && setFitting(placement),
    view: (v) => go('view', v),
    lens: (id) => go('lens', id),
    help: () => setOpen('help'),
    budget: () => setOpen('budget'),
    balance: () => setOpen('balancing'),
    hands: () => setOpen('hands'),
    left: () => setOpen('left'),
  };
  useBenchKeys(bench, chosen, actions, fitting !== null || open !== null);

  const sliding = (key: string, value: number) => scoped({ kind: 'SET', key, value }, only);
  const slide = {
    onDrop: (key: string, value: number) => drop(sliding(key, value)),
    onRest: (key: string, value: number) => foresee(sliding(key, value)),
  };

  const more = [
    { label: 'Mounting points (m)', onClick: actions.budget },
    { label: 'Hands, shoulder, eye (h)', onClick: actions.hands },
    { label: 'As it was left (r)', onClick: actions.left },
  ];
  const litPlacements = useMemo(() => lit?.placements ?? [], [lit]);
  if (query.isPending) return <Waiting />;
  if (query.isError || !bench) return <p className="page error">{query.error?.message}</p>;

  return (
    <div className="bench" aria-busy={busy}>
      <BenchBar
        bench={bench}
        go={go}
        onUndo={actions.undo}
        onRedo={actions.redo}
        canEdit={canEdit}
        onHelp={actions.help}
        more={more}
        onBalance={actions.balance}
        onConfigure={() => setOpen('configuring')}
        only={only}
      />
      <div className="bench-middle">
        <StackPanel bench={bench} chosen={chosen} actions={actions} act={run} />
        <ElevationPanel
          spot={spot}
          revision={bench.revision}
          view={search.get('view') ?? 'RIGHT'}
          chosen={chosen}
          lit={litPlacements}
          litAs={lit?.severity.toLowerCase() ?? ''}
          onChoose={actions.choose}
          onView={actions.view}
          slide={canEdit ? slide : undefined}
        />
        {/* While another configuration or lens is on its way, these findings are still of the one before: nobody acts on them. */}
        <FindingsPanel
          bench={bench}
          canEdit={canEdit}
          waives={session.waives}
          busy={busy || query.isPlaceholderData}
          act={run}
          onLight={setLit}
          onLens={actions.lens}
        />
      </div>
      <MetersBar meters={bench.meters} />
      {fitting !== null && (
        <FitDialog
          spot={spot}
          revision={bench.revision}
          placement={fitting}
          onClose={() => setFitting(null)}
          onAdd={(port, offer) => {
            setFitting(null);
            run({ kind: 'edit', request: { kind: 'ADD', port, item: offer.item, itemPort: offer.port } });
          }}
        />
      )}
      {open === 'budget' && (
        <BudgetDialog
          spot={spot}
          revision={bench.revision}
          onClose={close}
          onFit={(placement) => {
            close();
            actions.openFit(placement);
          }}
        />
      )}
      {open === 'configuring' && (
        <ConfigurationDialog
          bench={bench}
          onClose={close}
          onRequest={(request) => {
            close();
            run({ kind: 'edit', request });
          }}
        />
      )}
      {open === 'balancing' && (
        <BalanceDialog
          spot={spot}
          revision={bench.revision}
          canEdit={canEdit}
          onClose={close}
          onSet={(key, value) => {
            close();
            actions.set(key, value);
          }}
        />
      )}
      {open === 'hands' && <HandsDialog spot={spot} revision={bench.revision} onClose={close} />}
      {open === 'left' && (
        <LeftDialog
          spot={spot}
          revision={bench.revision}
          canEdit={canEdit}
          onClose={close}
          onComeBack={(id) => {
            close();
            run({ kind: 'edit', request: { kind: 'COME_BACK', state: id } });
          }}
        />
      )}
      {open === 'help' && <KeysDialog onClose={close} />}
    </div>
  );
}
