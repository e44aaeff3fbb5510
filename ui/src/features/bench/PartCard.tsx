import { Button, Input, Tooltip } from 'antd';
import { useState } from 'react';
import { useParams } from 'react-router';
import type { Schemas } from '../../shared/api/client';
import { fixed, words } from '../../shared/format/units';
import type { DoAct } from './useBench';
import type { BenchActions } from './useBenchKeys';
import { PieceField } from './PieceField';
import { NotesHere } from '../../shared/job/NotesHere';
import { NumberField } from '../../shared/kit/NumberField';

/** What can be set and done on the chosen part. */
export function PartCard({ row, actions, act }: { row: Schemas['Row']; actions: BenchActions; act: DoAct }) {
  const { job = '' } = useParams();
  const [grams, setGrams] = useState<number | null>(null);
  return (
    <div className="part-card">
      {row.settings.map((s) => (
        <SettingField key={s.key} setting={s} actions={actions} />
      ))}
      {row.settings.length > 0 && row.carries.length > 0 && <div className="soft tried">{movesWords(row.carries)}</div>}
      {row.confidence && (
        <div className="soft tried">
          joint {words(row.confidence)}
          {actions.canEdit && (row.confidence === 'PLAUSIBLE' || row.confidence === 'CLAIMED') && (
            <Button
              type="text"
              onClick={() => act({ kind: 'edit', request: { kind: 'TRIED', placement: row.placement } })}
            >
              Tried, fits
            </Button>
          )}
        </div>
      )}
      {row.marks && <div className="soft tried">goes on one way: {row.marks}</div>}
      <NotesHere key={row.placement} job={job} about={aboutOf(row)} mayWrite={actions.canEdit} />
      {row.note && <div className="mark caution">{row.note}</div>}
      {actions.canEdit && row.tip && (
        <TipFields key={row.tip.join()} placement={row.placement} tip={row.tip} act={act} />
      )}
      {actions.canEdit && (
        <>
          <PieceField key={row.piece} row={row} act={act} />
          <form
            className="weigh"
            onSubmit={(e) => {
              e.preventDefault();
              if (grams !== null) act({ kind: 'edit', request: { kind: 'WEIGH', placement: row.placement, grams } });
            }}
          >
            <label>
              <span>weighed</span>
              <NumberField
                size="small"
                min={0}
                max={200000}
                value={grams}
                onChange={setGrams}
                suffix="g"
                placeholder="scale"
              />
            </label>
            <Button type="text" htmlType="submit" disabled={grams === null}>
              Enter
            </Button>
          </form>
          {!row.root && <ImproviseForm row={row} act={act} />}
          <div className="part-acts">
            <Button onClick={() => actions.openFit(row.placement)}>Add a part here</Button>
            <Button onClick={() => actions.byHand(row.placement, row.title, 'EXCHANGE')}>Exchange</Button>
            {!row.root && (
              <>
                <Button onClick={() => actions.byHand(row.placement, row.title, 'MOVE')}>Move</Button>
                <Button onClick={() => actions.byHand(row.placement, row.title, 'DUPLICATE')}>One more</Button>
                <Button onClick={() => actions.byHand(row.placement, row.title, 'CLOSE')}>Join</Button>
                <Button onClick={() => actions.askRemove(row.placement)}>Take off</Button>
                <Button type="text" onClick={() => actions.removeSaying([row.placement], row.title)}>
                  Take off, saying why
                </Button>
              </>
            )}
          </div>
        </>
      )}
    </div>
  );
}

/** What notes on a part are about: its type, the piece that it is, and the standard by which it is held. */
const aboutOf = (row: Schemas['Row']) => [
  `type:${row.item.split('@')[0] ?? ''}`,
  `piece:${row.piece}`,
  `standard:${row.standard}`,
];

const TIP = [
  ['left', 'right'],
  ['up', 'down'],
  ['ahead', 'behind'],
] as const;

/** Where an arm's tip shall stand; the angles of its joints are worked out. A direction turns round when it is pressed. */
function TipFields({ placement, tip, act }: { placement: string; tip: number[]; act: DoAct }) {
  const [at, setAt] = useState(tip.map((v) => Math.round(v)));
  const put = (i: number, v: number) => setAt(at.map((old, k) => (k === i ? v : old)));
  return (
    <form
      className="tip"
      onSubmit={(e) => {
        e.preventDefault();
        act({ kind: 'edit', request: { kind: 'TIP', placement, at } });
      }}
    >
      <span>tip, mm from the mount</span>
      {TIP.map(([plus, minus], i) => {
        const value = at[i] ?? 0;
        const word = value < 0 ? minus : plus;
        return (
          <span key={plus} className="tip-axis">
            <Button type="text" title={`to the other side: ${value < 0 ? plus : minus}`} onClick={() => put(i, -value)}>
              {word}
            </Button>
            <NumberField
              size="small"
              aria-label={`Tip ${word}`}
              controls={false}
              min={0}
              max={2000}
              value={Math.abs(value)}
              onChange={(v) => put(i, value < 0 ? -(v ?? 0) : (v ?? 0))}
            />
          </span>
        );
      })}
      <Button type="text" htmlType="submit">
        Bring it there
      </Button>
    </form>
  );
}

/** Records that a part does here what it was not made for, with the limit everybody must know. */
function ImproviseForm({ row, act }: { row: Schemas['Row']; act: DoAct }) {
  const [open, setOpen] = useState(false);
  const [limit, setLimit] = useState(row.note);
  if (!open) {
    return (
      <Button type="text" className="improvise" onClick={() => setOpen(true)}>
        {row.note ? 'Change the note on its use' : 'Serves outside its purpose'}
      </Button>
    );
  }
  return (
    <form
      className="improvise"
      onSubmit={(e) => {
        e.preventDefault();
        act({ kind: 'edit', request: { kind: 'IMPROVISE', placement: row.placement, limit } });
        setOpen(false);
      }}
    >
      <Input
        size="small"
        autoFocus
        maxLength={160}
        value={limit}
        onChange={(e) => setLimit(e.target.value)}
        placeholder="What it is made for, and its limit here"
        aria-label="What it is made for, and its limit here"
      />
      <Button type="text" htmlType="submit" disabled={limit.trim() === ''}>
        Record
      </Button>
    </form>
  );
}

/** What goes along when a setting of a part is changed; a long list is cut. */
function movesWords(carried: readonly string[]): string {
  const shown = carried.slice(0, 4).join(', ');
  return carried.length > 4 ? `moves with it: ${shown} and ${carried.length - 4} more` : `moves with it: ${shown}`;
}

/** A number that is sent when it is left or Enter is pressed; arrows step it. */
function SettingField({ setting, actions }: { setting: Schemas['SettingView']; actions: BenchActions }) {
  const [typed, setTyped] = useState<{ base: number; value: number | null }>({
    base: setting.value,
    value: setting.value,
  });
  const value = typed.base === setting.value ? typed.value : setting.value;
  const send = () => {
    if (value !== null && value !== setting.value) actions.set(setting.key, value);
  };
  return (
    <div className="setting">
      <label className="setting-value">
        <span>{setting.title}</span>
        <NumberField
          size="small"
          disabled={!actions.canEdit}
          value={value}
          step={setting.step || 1}
          suffix={setting.unit}
          onChange={(v) => setTyped({ base: setting.value, value: v })}
          onBlur={send}
          onPressEnter={send}
        />
        <span className="num soft">
          {fixed(setting.from, 0)} to {fixed(setting.to, 0)}
        </span>
      </label>
      <Tooltip
        title={setting.byFeel ? 'Set by feel: press when it was measured' : 'Measured: press when it was set by feel'}
      >
        <Button
          type="text"
          size="small"
          className="felt"
          disabled={!actions.canEdit}
          aria-pressed={setting.byFeel}
          aria-label={`${setting.title} was set by feel`}
          onClick={() => actions.feel(setting.key, !setting.byFeel)}
        >
          ≈
        </Button>
      </Tooltip>
    </div>
  );
}
