import { Button, Checkbox, Dropdown, Tabs, Tooltip } from 'antd';
import type { Schemas } from '../../shared/api/client';
import { Pick } from '../../shared/kit/Pick';
import { counted } from '../../shared/format/units';
import type { BenchActions } from './useBenchKeys';

interface Props {
  bench: Schemas['Bench'];
  bodies: readonly Schemas['BuildRef'][];
  go: (name: string, value: string) => void;
  actions: BenchActions;
  only: boolean;
}

interface Standing {
  clear: boolean;
  stops: number;
  cautions: number;
}

function standing(tab: Standing): string {
  if (tab.clear) return 'clear';
  return tab.stops > 0 ? counted(tab.stops, 'stop') : counted(tab.cautions, 'caution');
}

const colour = (tab: Standing) => (tab.clear ? 'met' : tab.stops > 0 ? 'stop' : 'caution');

/** How a configuration stands; with many tabs the figure alone is shown and its word read out. */
function Stand({ tab, short }: { tab: Standing; short: boolean }) {
  if (!short || tab.clear) return <span className={`mark ${colour(tab)}`}>{standing(tab)}</span>;
  return (
    <span className={`mark ${colour(tab)}`}>
      {tab.stops > 0 ? tab.stops : tab.cautions}
      <span className="hush"> {tab.stops > 0 ? 'stops' : 'cautions'}</span>
    </span>
  );
}

/** Configuration, where changes go, lens, revision, undo and redo. */
export function BenchBar({ bench, bodies, go, actions, only }: Props) {
  const { canEdit } = actions;
  const titleOf = (id: string) => bench.configurations.find((c) => c.id === id)?.title ?? id;
  const follows = (c: Schemas['Bench']['configurations'][number]) => {
    const own = `${counted(c.changes, 'change')} of its own`;
    return c.basedOn ? `follows ${titleOf(c.basedOn)}, ${own}` : own;
  };
  const more = [
    { key: 'l', label: 'Lens set (l)', onClick: actions.lensSet },
    { key: 'm', label: 'Mounting points (m)', onClick: actions.budget },
    { key: 'b', label: 'Balance with each lens (b)', onClick: actions.balance },
    { key: 'h', label: 'Hands, shoulder, eye (h)', onClick: actions.hands },
    { key: 'r', label: 'As it was left (r)', onClick: actions.left },
    { key: 'y', label: 'History (y)', onClick: actions.history },
    { key: 'c', label: 'What was checked (c)', onClick: actions.checked },
  ];
  return (
    <div className="bench-bar">
      {bodies.length > 1 && (
        <Pick
          label="Body"
          value={bench.build}
          onChange={(b) => go('build', b)}
          options={bodies.map((b) => ({ value: b.id, label: b.title }))}
        />
      )}
      <Tabs
        className="bench-tabs"
        aria-label="Configurations"
        size="small"
        activeKey={bench.configuration}
        onChange={(c) => go('config', c)}
        items={bench.configurations.map((c) => ({
          key: c.id,
          label: (
            <span title={follows(c)}>
              <span className="tab-title">{c.title}</span> <Stand tab={c} short={bench.configurations.length > 2} />
            </span>
          ),
        }))}
      />
      {canEdit && (
        <Tooltip title="Configurations: derive, copy, rename, turn">
          <Button
            type="text"
            className="tab-add"
            onClick={actions.configure}
            aria-label="Configurations: derive, copy, turn"
          >
            +
          </Button>
        </Tooltip>
      )}
      <span className="push" />
      {canEdit && bench.configurations.length > 1 && (
        <Checkbox
          className="bench-only"
          title="What you change goes into this configuration alone; the others stay as they are"
          checked={only}
          onChange={(e) => go('only', e.target.checked ? '1' : '')}
        >
          change here only
        </Checkbox>
      )}
      {bench.lenses.length > 0 && (
        <Pick
          className="bench-lens"
          label="Lens in the slot"
          value={bench.lens}
          onChange={(v) => go('lens', v)}
          options={bench.lenses.map((l) => ({ value: l.id, label: l.clear ? l.title : `${l.title}, ${standing(l)}` }))}
        />
      )}
      <Dropdown trigger={['click']} menu={{ items: more }}>
        <Button type="text" aria-haspopup="menu">
          More
        </Button>
      </Dropdown>
      {canEdit && (
        <>
          <Button
            type="text"
            disabled={!bench.undo}
            onClick={actions.undo}
            title={bench.undo && `${bench.undo}, by ${bench.undoBy}`}
          >
            Undo
          </Button>
          <Button type="text" disabled={!bench.redo} onClick={actions.redo} title={bench.redo}>
            Redo
          </Button>
        </>
      )}
      <span className="soft revision">
        Revision <span className="num">{bench.revision}</span>
      </span>
    </div>
  );
}
