import { Input } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, unwrap } from '../../shared/api/client';
import { standardsQuery } from '../../shared/api/houseQueries';
import { fixed } from '../../shared/format/units';
import { Figure } from './Numbers';
import { useAnswer } from './useAnswer';
import { Pick } from '../../shared/kit/Pick';
import { plainNumber } from '../../shared/format/units';

const numbers = (text: string) =>
  text
    .split(/[\s,+]+/)
    .filter(Boolean)
    .map(Number);

/** Axis over rods for a stack of plates; several rows of holes are answered one by one. */
export function Rods() {
  const [base, setBase] = useState('66.0');
  const [plates, setPlates] = useState('11.0');
  const [drops, setDrops] = useState('6.0');
  const [standard, setStandard] = useState('rod-15-lw');
  const standards = useQuery(standardsQuery);
  const between = numbers(plates);
  const holes = numbers(drops);
  const ready = between.every(Number.isFinite) && base !== '' && holes.length > 0 && holes.every(Number.isFinite);
  const answer = useAnswer(
    ['rods', base, plates, drops, standard],
    async () =>
      unwrap(
        await api.POST('/api/calculators/rods', {
          body: { baseToAxisMm: Number(plainNumber(base)), platesMm: between, bracketDropsMm: holes, standard },
        }),
      ),
    ready,
  );
  return (
    <div className="calc">
      <div>
        <Figure title="Axis to the body’s base (or top, for rods above)" unit="mm" value={base} onChange={setBase} />
        <label className="calc-field">
          <span>Plates between, from the body outwards</span>
          <Input className="num" value={plates} onChange={(e) => setPlates(e.target.value)} />
        </label>
        <label className="calc-field">
          <span>Rod centres beyond the bracket’s near face; a value for each row of holes</span>
          <Input className="num" value={drops} onChange={(e) => setDrops(e.target.value)} />
        </label>
        <label className="calc-field">
          <span>Rods</span>
          <Pick
            label="Rods"
            value={standard}
            onChange={setStandard}
            options={(standards.data ?? [])
              .filter((s) => s.facts.some((f) => f.name === 'axisHeightMm'))
              .map((s) => ({ value: s.id, label: s.title }))}
          />
        </label>
      </div>
      <output className="calc-answer">
        {answer.isError && <p className="error">{answer.error.message}</p>}
        {answer.data?.map((a, i) => (
          <div key={i}>
            <p className={answer.data.length > 1 ? 'num' : 'big num'}>
              {answer.data.length > 1 && `hole ${holes[i] === undefined ? '' : fixed(holes[i], 1)}: `}
              {fixed(a.hasMm, 1)}, needs {fixed(a.needsMm, 1)} ± {fixed(a.toleranceMm, 1)} mm
            </p>
            <p className={`mark ${a.met ? 'met' : 'stop'}`}>{a.words}</p>
          </div>
        ))}
        <p className="soft">
          The same sum serves rods above the body: at the standard’s height over the axis a matte box hangs on them
          upside down and still sits on the axis.
        </p>
      </output>
    </div>
  );
}
