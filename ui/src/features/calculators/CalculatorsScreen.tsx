import './calculators.css';
import { Button, Input } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { api, unwrap } from '../../shared/api/client';
import { fixed } from '../../shared/format/units';
import { Figure, shimsOf } from './Numbers';
import { CablePick } from './CablePick';
import { Cards } from './Cards';
import { Docking } from './Docking';
import { Corners, Flange, Gears } from './Optics';
import { Cabin, Lasting, OutputLoad } from './Power';
import { Rods } from './Rods';
import { Stacks } from './Stacks';
import { useAnswer } from './useAnswer';
import { plainNumber } from '../../shared/format/units';

const TABS = [
  ['shims', 'Shims'],
  ['docking', 'Docking gap'],
  ['rods', 'Rods and height'],
  ['stacks', 'Plate stacks'],
  ['keys', 'Keys'],
  ['lasting', 'Run time'],
  ['output', 'Output load'],
  ['cable', 'Cable'],
  ['cabin', 'Cabin'],
  ['corners', 'Corners'],
  ['flange', 'Flange'],
  ['gears', 'Gears'],
  ['cards', 'Cards'],
] as const;

/** Quick answers without a job. */
export function CalculatorsScreen() {
  const [params, setParams] = useSearchParams();
  const tab = params.get('tab') ?? 'shims';
  return (
    <main className="page calculators">
      <h1>Calculators</h1>
      <div className="calc-tabs" role="tablist" aria-label="Calculators">
        {TABS.map(([id, title]) => (
          <Button
            key={id}
            role="tab"
            aria-selected={tab === id}
            onClick={() => setParams({ tab: id }, { replace: true })}
          >
            {title}
          </Button>
        ))}
      </div>
      {tab === 'shims' && <Shims />}
      {tab === 'docking' && <Docking />}
      {tab === 'rods' && <Rods />}
      {tab === 'stacks' && <Stacks />}
      {tab === 'keys' && <Keys />}
      {tab === 'lasting' && <Lasting />}
      {tab === 'output' && <OutputLoad />}
      {tab === 'cable' && <CablePick />}
      {tab === 'cabin' && <Cabin />}
      {tab === 'corners' && <Corners />}
      {tab === 'flange' && <Flange />}
      {tab === 'gears' && <Gears />}
      {tab === 'cards' && <Cards />}
    </main>
  );
}

function Shims() {
  const [target, setTarget] = useState('7.3');
  const [tolerance, setTolerance] = useState('0.25');
  const [hand, setHand] = useState('0.5x2 1.0x3 2.0x2 5.0x1');
  const shims = shimsOf(hand);
  const ready = typeof shims !== 'string' && target !== '' && tolerance !== '';
  const answer = useAnswer(
    ['shims', target, tolerance, hand],
    async () =>
      unwrap(
        await api.POST('/api/calculators/shims', {
          body: {
            targetMm: Number(plainNumber(target)),
            toleranceMm: Number(plainNumber(tolerance)),
            atHand: typeof shims === 'string' ? [] : shims,
          },
        }),
      ),
    ready,
  );
  return (
    <div className="calc">
      <div>
        <Figure title="Height to make up" unit="mm" value={target} onChange={setTarget} />
        <Figure title="May miss by" unit="mm" value={tolerance} onChange={setTolerance} />
        <label className="calc-field">
          <span>At hand: thickness x count</span>
          <Input className="num" value={hand} onChange={(e) => setHand(e.target.value)} />
        </label>
        {typeof shims === 'string' && <p className="error">{shims}</p>}
      </div>
      <output className="calc-answer">
        {answer.isError && <p className="error">{answer.error.message}</p>}
        {answer.data?.found && (
          <>
            <p className="big num">{answer.data.stack.map((s) => fixed(s, 1)).join(' + ')}</p>
            <p className="num">
              {fixed(answer.data.sumMm, 2)} mm,{' '}
              {answer.data.errorMm === 0
                ? 'exact'
                : `${fixed(Math.abs(answer.data.errorMm), 2)} mm ${answer.data.errorMm > 0 ? 'over' : 'under'}`}
            </p>
            <div className="stack-picture" aria-hidden>
              {answer.data.stack.map((s, i) => (
                <span key={i} style={{ height: Math.max(4, s * 9) }} />
              ))}
            </div>
          </>
        )}
        {answer.data && !answer.data.found && (
          <p>No stack of up to six pieces lands within {fixed(Number(plainNumber(tolerance)), 2)} mm.</p>
        )}
        <p className="soft">Fewest pieces first, then the least error. Sums in whole micrometres.</p>
      </output>
    </div>
  );
}

function Keys() {
  const keys = useQuery({
    queryKey: ['calculator', 'keys'],
    queryFn: async () => unwrap(await api.GET('/api/calculators/keys', { params: { query: { kind: 'hex' } } })),
    staleTime: 60_000,
  });
  return (
    <div>
      <p className="soft">Only a screw’s own list of keys decides. A near size rounds the head.</p>
      {keys.isError && <p className="error">{keys.error.message}</p>}
      <table className="sheet keys-table">
        <thead>
          <tr>
            <th>Key</th>
            <th className="right">mm</th>
            <th>Taken for it</th>
          </tr>
        </thead>
        <tbody>
          {keys.data?.map((k) => (
            <tr key={k.key}>
              <td className="num">{k.key}</td>
              <td className="num right">{k.mm === null ? '' : fixed(k.mm, 2)}</td>
              <td>{k.near.length > 0 && <span className="mark caution">{k.near.join(', ')}</span>}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
