import { Dropdown, Select } from 'antd';
import type { Schemas } from '../../shared/api/client';

interface Props {
  bench: Schemas['Bench'];
  go: (name: string, value: string) => void;
  onUndo: () => void;
  onRedo: () => void;
  onHelp: () => void;
  more: { label: string; onClick: () => void }[];
  onBalance: () => void;
  onConfigure: () => void;
  only: boolean;
  canEdit: boolean;
}

interface Standing {
  clear: boolean;
  stops: number;
  cautions: number;
}

function standing(tab: Standing): string {
  if (tab.clear) return 'clear';
  if (tab.stops > 0) return `${tab.stops} stop${tab.stops === 1 ? '' : 's'}`;
  return `${tab.cautions} caution${tab.cautions === 1 ? '' : 's'}`;
}

/** With many tabs the figure alone is shown; its word is read out. */
function Short({ tab }: { tab: Standing }) {
  return (
    <>
      {tab.stops > 0 ? tab.stops : tab.cautions}
      <span className="hush"> {tab.stops > 0 ? 'stops' : 'cautions'}</span>
    </>
  );
}

const colour = (tab: Standing) => (tab.clear ? 'met' : tab.stops > 0 ? 'stop' : 'caution');

/** Configuration, where changes go, lens, revision, undo and redo. */
export function BenchBar({ bench, go, onUndo, onRedo, onHelp, more, onBalance, onConfigure, only, canEdit }: Props) {
  const titleOf = (id: string) => bench.configurations.find((c) => c.id === id)?.title ?? id;
  return (
    <div className="bench-bar">
      <div className="bench-tabs" role="tablist" aria-label="Configurations">
        {bench.configurations.map((c) => (
          <button
            key={c.id}
            type="button"
            role="tab"
            aria-selected={c.id === bench.configuration}
            title={
              c.basedOn
                ? `follows ${titleOf(c.basedOn)}, ${c.changes} changes of its own`
                : `${c.changes} changes of its own`
            }
            onClick={() => go('config', c.id)}
          >
            <span className="tab-title">{c.title}</span>{' '}
            <span className={`mark ${colour(c)}`}>
              {bench.configurations.length > 2 && !c.clear ? <Short tab={c} /> : standing(c)}
            </span>
          </button>
        ))}
      </div>
      {canEdit && (
        <button
          className="btn plain tab-add"
          type="button"
          onClick={onConfigure}
          aria-label="Configurations: derive, copy, turn"
        >
          +
        </button>
      )}
      <span className="push" />
      {canEdit && bench.configurations.length > 1 && (
        <label
          className="bench-only"
          title="What you change goes into this configuration alone; the others stay as they are"
        >
          <input type="checkbox" checked={only} onChange={(e) => go('only', e.target.checked ? '1' : '')} /> change here
          only
        </label>
      )}
      <label className="bench-lens">
        <Select
          value={bench.lens}
          popupMatchSelectWidth={false}
          onChange={(v: string) => go('lens', v)}
          aria-label="Lens in the slot"
          options={bench.lenses.map((l) => ({ value: l.id, label: l.clear ? l.title : `${l.title}, ${standing(l)}` }))}
        />
      </label>
      <button className="btn plain" type="button" onClick={onBalance}>
        Balance
      </button>
      <Dropdown
        trigger={['click']}
        menu={{ items: more.map((m) => ({ key: m.label, label: m.label, onClick: m.onClick })) }}
      >
        <button className="btn plain" type="button" aria-haspopup="menu">
          More
        </button>
      </Dropdown>
      <span className="soft">
        Revision <span className="num">{bench.revision}</span>
      </span>
      {canEdit && (
        <>
          <button
            className="btn plain"
            type="button"
            disabled={!bench.undo}
            onClick={onUndo}
            title={bench.undo && `${bench.undo}, by ${bench.undoBy}`}
          >
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
