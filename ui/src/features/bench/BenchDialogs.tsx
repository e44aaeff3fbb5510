import type { Schemas } from '../../shared/api/client';
import type { Deed, Spot } from '../../shared/api/queries';
import { BalanceDialog } from './BalanceDialog';
import { BudgetDialog } from './BudgetDialog';
import { CheckedDialog } from './CheckedDialog';
import { ConfigurationDialog } from './ConfigurationDialog';
import { FitDialog } from './FitDialog';
import { HandDialog } from './HandDialog';
import { HandsDialog } from './HandsDialog';
import { HistoryDialog } from './HistoryDialog';
import { LeftDialog } from './LeftDialog';
import { LensSetDialog } from './LensSetDialog';
import { RemoveDialog } from './RemoveDialog';

/** Which dialog is open over the Bench. */
export type Opened =
  | { kind: 'fit'; placement: string }
  | { kind: 'remove'; parts: readonly string[]; title: string }
  | { kind: 'hand'; part: string; deed: Deed; title: string }
  | { kind: 'budget' | 'balance' | 'hands' | 'left' | 'checked' | 'configure' | 'lenses' | 'history' };

interface Props {
  opened: Opened;
  bench: Schemas['Bench'];
  spot: Spot;
  canEdit: boolean;
  onOpen: (next: Opened | null) => void;
  onRequest: (request: Schemas['EditRequest']) => void;
  /** Everything since before an entry of the journal is taken back. */
  onBack: (seq: number) => void;
}

/** The one dialog that is open; what is decided in it closes it. */
export function BenchDialogs({ opened, bench, spot, canEdit, onOpen, onRequest, onBack }: Props) {
  const onClose = () => onOpen(null);
  const decide = (request: Schemas['EditRequest']) => {
    onClose();
    onRequest(request);
  };
  const at = { spot, revision: bench.revision, onClose };
  switch (opened.kind) {
    case 'fit':
      return (
        <FitDialog
          {...at}
          placement={opened.placement}
          onAdd={(port, offer) => decide({ kind: 'ADD', port, item: offer.item, itemPort: offer.port })}
        />
      );
    case 'remove':
      return <RemoveDialog parts={opened.parts} title={opened.title} onClose={onClose} onRequest={decide} />;
    case 'hand':
      return <HandDialog {...at} part={opened.part} deed={opened.deed} title={opened.title} onRequest={decide} />;
    case 'lenses':
      return <LensSetDialog {...at} lenses={bench.lenses} canEdit={canEdit} onRequest={onRequest} />;
    case 'history':
      return (
        <HistoryDialog
          {...at}
          canEdit={canEdit}
          onBack={(seq) => {
            onClose();
            onBack(seq);
          }}
        />
      );
    case 'budget':
      return <BudgetDialog {...at} onFit={(placement) => canEdit && onOpen({ kind: 'fit', placement })} />;
    case 'configure':
      return <ConfigurationDialog bench={bench} onClose={onClose} onRequest={decide} />;
    case 'balance':
      return <BalanceDialog {...at} canEdit={canEdit} onSet={(key, value) => decide({ kind: 'SET', key, value })} />;
    case 'hands':
      return <HandsDialog {...at} />;
    case 'left':
      return <LeftDialog {...at} canEdit={canEdit} onComeBack={(id) => decide({ kind: 'COME_BACK', state: id })} />;
    case 'checked':
      return <CheckedDialog job={bench.job} revision={bench.revision} onClose={onClose} />;
  }
}
