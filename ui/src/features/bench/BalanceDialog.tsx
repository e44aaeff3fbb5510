import { useQuery } from '@tanstack/react-query';
import { Button, Modal, Radio, Slider } from 'antd';
import { useState } from 'react';
import { balanceQuery } from '../../shared/api/queries';
import type { Spot } from '../../shared/api/queries';
import type { Schemas } from '../../shared/api/client';
import { Waiting } from '../../shared/kit/Waiting';
import { fixed, grams } from '../../shared/format/units';
import { BalanceChart } from './BalanceChart';

interface Props {
  spot: Spot;
  revision: number;
  canEdit: boolean;
  onClose: () => void;
  onSet: (key: string, value: number) => void;
}

/** The balance with every lens; slides are tried by pulling them, batteries by choosing them, before anything is changed. */
export function BalanceDialog({ spot, revision, canEdit, onClose, onSet }: Props) {
  const query = useQuery(balanceQuery(spot, revision));
  return (
    <Modal open title="Balance with each lens" footer={null} onCancel={onClose} width={820}>
      {query.isPending && <Waiting />}
      {query.isError && <p className="error">{query.error.message}</p>}
      {query.data && query.data.lenses.length === 0 && (
        <p>No support of this configuration says where it carries. Put the rig on one first.</p>
      )}
      {query.data && query.data.lenses.length > 0 && <Sheet sheet={query.data} canEdit={canEdit} onSet={onSet} />}
    </Modal>
  );
}

/** The settings at which every lens is within what the support forgives; pressing takes the middle of them. */
function Serves({ span, onPut }: { span: Schemas['Span'] | null; onPut: (value: number) => void }) {
  if (!span) return 'no one setting serves every lens';
  return (
    <Button type="text" onClick={() => onPut(Math.round((span.from + span.to) * 2) / 4)}>
      {fixed(span.from, 1)} to {fixed(span.to, 1)} serves every lens
    </Button>
  );
}

function Sheet({ sheet, canEdit, onSet }: { sheet: Schemas['BalanceSheet']; canEdit: boolean; onSet: Props['onSet'] }) {
  const [tried, setTried] = useState<Record<string, number>>({});
  const [swap, setSwap] = useState(-1);
  const shifts = sheet.lenses.map((_, i) =>
    sheet.slides.reduce((sum, s) => sum + ((tried[s.key] ?? s.value) - s.value) * (s.perMm[i] ?? 0), 0),
  );
  const from = swap < 0 ? undefined : sheet.swaps[swap];
  const off = sheet.lenses.map((l, i) => (from?.offMm[i] ?? l.offMm) + (shifts[i] ?? 0));
  return (
    <div className="balance">
      <BalanceChart lenses={sheet.lenses} off={off} />
      {sheet.slides.length === 0 && (
        <p className="soft">
          Nothing on this rig slides along the axis. Another battery, or another place for the plate, shifts it.
        </p>
      )}
      {sheet.slides.map((s) => {
        const value = tried[s.key] ?? s.value;
        const put = (v: number) => setTried({ ...tried, [s.key]: v });
        return (
          <div key={s.key} className="balance-slide">
            <span>
              {s.part} <span className="soft">{s.title}</span>
            </span>
            <Slider
              ariaLabelForHandle={`${s.part}, ${s.title}, mm`}
              min={s.range.from}
              max={s.range.to}
              step={0.5}
              value={value}
              onChange={put}
              tooltip={{ open: false }}
            />
            <span className="num">{fixed(value, 1)} mm</span>
            <span className="soft">
              <Serves span={s.serves} onPut={put} />
            </span>
            <Button disabled={!canEdit || value === s.value} onClick={() => onSet(s.key, value)}>
              Set it
            </Button>
          </div>
        );
      })}
      {sheet.swaps.length > 0 && (
        <fieldset className="balance-swaps">
          <legend>Try another battery</legend>
          <Radio.Group vertical value={swap} onChange={(e) => setSwap(e.target.value as number)}>
            <Radio value={-1}>as it is</Radio>
            {sheet.swaps.map((x, i) => (
              <Radio key={i} value={i}>
                {x.other.title} <span className="soft">for {x.part}</span>{' '}
                <span className="num">
                  {x.addsGrams >= 0 ? '+' : ''}
                  {grams(x.addsGrams)}
                </span>
              </Radio>
            ))}
          </Radio.Group>
        </fieldset>
      )}
      <table className="sheet">
        <thead>
          <tr>
            <th>Lens</th>
            <th className="right">Carried</th>
            <th className="right">Stands</th>
            <th className="right">Would stand</th>
            <th className="right">Forgives</th>
          </tr>
        </thead>
        <tbody>
          {sheet.lenses.map((l, i) => (
            <tr key={l.lens}>
              <td>{l.title}</td>
              <td className="num right">{grams(l.carriedGrams + (from?.addsGrams ?? 0))}</td>
              <td className="num right">{nose(l.offMm)}</td>
              <td className="num right">{nose(off[i] ?? 0)}</td>
              <td className="num right">± {fixed(l.toleranceMm, 1)} mm</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** Which way the rig leans, in words and a figure. */
export function nose(off: number): string {
  if (Math.abs(off) < 0.05) return 'over the support';
  return `${fixed(Math.abs(off), 1)} mm ${off > 0 ? 'ahead' : 'behind'}`;
}
