import { App, Button } from 'antd';
import type { Schemas } from '../../shared/api/client';
import type { Opened } from './BenchDialogs';
import type { DoAct } from './useBench';
import type { BenchActions } from './useBenchKeys';

interface Asked {
  bench: Schemas['Bench'] | undefined;
  me: string;
  canEdit: boolean;
  run: DoAct;
  go: (name: string, value: string) => void;
  open: (what: Opened) => void;
}

/** What one may do on the Bench, by mouse and by key alike; what cannot be taken back lightly is asked about first. */
export function useBenchActions({
  bench,
  me,
  canEdit,
  run,
  go,
  open,
}: Asked): Omit<BenchActions, 'measuring' | 'measure' | 'zoom' | 'fit' | 'gathered' | 'gather'> {
  const { modal, message } = App.useApp();
  const remove = (placement: string, withDependants: boolean, reason = '') =>
    run({ kind: 'edit', request: { kind: 'REMOVE', placements: [placement], withDependants, reason } });

  const askAboutDependants = (row: Schemas['Row']) => {
    const dialog = modal.confirm({
      title: `Take off ${row.title}?`,
      content: `${row.dependants} ${row.dependants === 1 ? 'part hangs' : 'parts hang'} on it. Alone, they stay in the build and are held by nothing.`,
      okText: 'Take off alone',
      onOk: () => remove(row.placement, false),
      footer: (_, { OkBtn, CancelBtn }) => (
        <>
          <CancelBtn />
          <Button
            onClick={() => {
              dialog.destroy();
              remove(row.placement, true);
            }}
          >
            With dependants
          </Button>
          <OkBtn />
        </>
      ),
    });
  };

  return {
    canEdit,
    choose: (id) => go('part', id),
    set: (key, value) => run({ kind: 'edit', request: { kind: 'SET', key, value } }),
    feel: (key, byFeel) => run({ kind: 'edit', request: { kind: 'FEEL', key, byFeel } }),
    askRemove: (placement) => {
      const row = bench?.stack.find((r) => r.placement === placement);
      if (!row || row.root || !canEdit) return;
      if (row.dependants === 0) remove(placement, false);
      else askAboutDependants(row);
    },
    removeSaying: (parts, title) => canEdit && open({ kind: 'remove', parts, title }),
    undo: () => {
      if (!bench?.undo) return;
      if (bench.undoBy === me) return run({ kind: 'undo', anyway: false });
      modal.confirm({
        title: `Undo ${bench.undoBy}'s edit?`,
        content: bench.undo,
        okText: 'Undo it',
        onOk: () => run({ kind: 'undo', anyway: true }),
      });
    },
    redo: () => bench?.redo && run({ kind: 'redo' }),
    openFit: (placement) => {
      if (canEdit) open({ kind: 'fit', placement });
      else void message.info('Only who edits builds adds a part.');
    },
    byHand: (part, title, deed) => {
      if (canEdit) open({ kind: 'hand', part, title, deed });
      else void message.info('Only who edits builds changes a rig.');
    },
    history: () => open({ kind: 'history' }),
    lensSet: () => open({ kind: 'lenses' }),
    view: (v) => go('view', v),
    lens: (id) => go('lens', id),
    budget: () => open({ kind: 'budget' }),
    balance: () => open({ kind: 'balance' }),
    hands: () => open({ kind: 'hands' }),
    checked: () => open({ kind: 'checked' }),
    left: () => open({ kind: 'left' }),
    configure: () => open({ kind: 'configure' }),
    tell: (words) => void message.info(words),
  };
}
