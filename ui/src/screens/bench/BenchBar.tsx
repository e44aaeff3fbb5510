import { Select } from 'antd';
import type { Schemas } from '../../api/client';

interface Props {
  bench: Schemas['Bench'];
  go: (name: string, value: string) => void;
  onUndo: () => void;
  onRedo: () => void;
  onHelp: () => void;
  onBudget: () => void;
  canEdit: boolean;
}

function standing(tab: Schemas['Tab']): string {
  if (tab.clear) return 'clear';
  if (tab.stops > 0) return `${tab.stops} stop${tab.stops === 1 ? '' : 's'}`;
  return `${tab.cautions} caution${tab.cautions === 1 ? '' : 's'}`;
}

const colour = (tab: Schemas['Tab']) => (tab.clear ? 'met' : tab.stops > 0 ? 'stop' : 'caution');

/** Configuration, lens, revision, undo and redo. */
export function BenchBar({ bench, go, onUndo, onRedo, onHelp, onBudget, canEdit }: Props) {
  return (
    <div className="bench-bar">
      <div className="bench-tabs" role="tablist" aria-label="Configurations">
        {bench.configurations.map((c) => (
          <button
            key={c.id}
            type="button"
            role="tab"
            aria-selected={c.id === bench.configuration}
            onClick={() => go('config', c.id)}
          >
            {c.title} <span className={`mark ${colour(c)}`}>{standing(c)}</span>
          </button>
        ))}
      </div>
      <label className="bench-lens">
        <span className="soft">Lens</span>
        <Select
          value={bench.lens}
          popupMatchSelectWidth={false}
          onChange={(v: string) => go('lens', v)}
          aria-label="Lens in the slot"
          options={bench.lenses.map((l) => ({ value: l.id, label: l.clear ? l.title : `${l.title}, ${standing(l)}` }))}
        />
        <span className="soft">of {bench.lenses.length}</span>
      </label>
      <button className="btn plain" type="button" onClick={onBudget}>
        Mounting points
      </button>
      <span className="soft">
        Revision <span className="num">{bench.revision}</span>
      </span>
      {canEdit && (
        <>
          <button className="btn plain" type="button" disabled={!bench.undo} onClick={onUndo} title={bench.undo && `${bench.undo}, by ${bench.undoBy}`}>
            Undo
          </button>
          <button className="btn plain" type="button" disabled={!bench.redo} onClick={onRedo} title={bench.redo}>
            Redo
          </button>
        </>
      )}
      <button className="btn plain" type="button" onClick={onHelp} aria-label="Keys">
        ?
      </button>
    </div>
  );
}
