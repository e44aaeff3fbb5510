import './power.css';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { powerQuery } from '../../shared/api/queries';
import type { Schemas } from '../../shared/api/client';
import { Waiting } from '../../shared/kit/Waiting';
import { useActs } from '../../shared/job/useActs';
import { hasLeft } from '../../shared/job/stages';
import { useStandpoint } from '../../shared/job/useStandpoint';
import { WornAs } from '../../shared/job/WornAs';
import { Flown, OwnCells } from './Beside';
import { DayStates } from './DayStates';
import { FeedDrawing } from './FeedDrawing';
import { FeedTable } from './FeedTable';
import { MeasuredDraw } from './MeasuredDraw';
import { PlateDay } from './PlateDay';
import { useDayStates } from './useDayStates';
import { Pick } from '../../shared/kit/Pick';
import { NumberField } from '../../shared/kit/NumberField';

/** Will it run the day: where power goes, how the day draws it down, and what another battery or charger would do. */
export function PowerScreen({ session }: { session: Schemas['Session'] }) {
  const at = useStandpoint();
  const { spot, build, data } = at;
  const [battery, setBattery] = useState('');
  const [moreBatteries, setMoreBatteries] = useState(0);
  const [moreBays, setMoreBays] = useState(0);
  const asked = powerQuery(spot, { battery, moreBatteries, moreBays });
  const query = useQuery({
    ...asked,
    enabled: build !== undefined,
    placeholderData: keepPreviousData,
  });
  const states = useDayStates(spot);
  const act = useActs(spot, { revision: query.data?.revision ?? 0, shown: asked.queryKey });
  const say = (request: Schemas['EditRequest']) =>
    void act({ kind: 'edit', only: false, request }).catch(() => undefined);
  if (query.isError) return <p className="page error">{query.error.message}</p>;
  if (!build || query.isPending) return <Waiting />;
  const p = query.data;
  const bench = (part: string) => at.at('bench', { part });
  const others = [...new Map(p.plates.flatMap((x) => x.others).map((o) => [o.item, o])).values()];
  return (
    <main className="power">
      <section className="wide" aria-labelledby="feed-title">
        <div className="power-head">
          <h2 id="feed-title">Feed</h2>
          <WornAs at={at} />
          <Button type="text" onClick={() => window.print()}>
            Print
          </Button>
        </div>
        <FeedDrawing rows={p.tree} bench={bench} />
      </section>
      <section aria-label="Feed in figures">
        <FeedTable rows={p.tree} bench={bench} />
        <OwnCells islands={p.islands} />
        <Flown batteries={p.flown} />
      </section>
      {p.plates.length > 0 && (
        <section aria-labelledby="day-title">
          <div className="power-head">
            <h2 id="day-title">The day</h2>
            {!p.dayWritten && (
              <span className="soft">
                on end to end: write the day in blocks in the <Link to={at.at('brief')}>brief</Link>
              </span>
            )}
          </div>
          <div className="power-try" role="group" aria-label="Try">
            <label>
              Try{' '}
              <Pick
                label="Try"
                value={battery}
                onChange={setBattery}
                options={[
                  { value: '', label: 'the batteries there are' },
                  ...others.map((o) => ({ value: o.item, label: `${o.title}, all of them` })),
                ]}
              />
            </label>
            <Count label="more batteries" value={moreBatteries} onChange={setMoreBatteries} />
            <Count label="more charger bays" value={moreBays} onChange={setMoreBays} />
          </div>
          {p.plates.map((plate) => (
            <PlateDay key={plate.part} plate={plate} day={p.day}>
              <MeasuredDraw
                plate={plate}
                mayMeasure={session.editsBuilds && !hasLeft(data?.stage)}
                onMeasure={(watts, plusMinus) => say({ kind: 'DRAWS', placement: plate.part, watts, plusMinus })}
                onForget={() => say({ kind: 'HOLDING', placement: plate.part, wattHours: 0, plusMinus: 0 })}
              />
            </PlateDay>
          ))}
          <p className="soft">
            The finding “Charge for the day” comes of this day. Plates of one standard, on all builds of the job, take
            their batteries and bays in turn. Time counts while on, not while rolling. Charge by makers’ figures, health
            and the block’s temperature; a draw measured off the battery replaces the sum of the nameplates for as long
            as the same things hang on it. Lithium cells: none damaged, terminals covered, charged in sight; the
            carrier’s and local rules decide.
          </p>
        </section>
      )}
      {p.devices.length > 0 && p.dayWritten && (
        <section className="wide" aria-labelledby="states-title">
          <div className="power-head">
            <h2 id="states-title">What is on, block by block</h2>
            <span className="soft">A device that is off takes what lives off it with it. Time counts while on.</span>
          </div>
          <DayStates
            day={p.day}
            devices={states.shown(p.devices, p.day)}
            bench={bench}
            canEdit={session.editsBriefs && data?.stage !== 'DISPATCHED'}
            onState={states.put}
          />
        </section>
      )}
    </main>
  );
}

function Count({ label, value, onChange }: { label: string; value: number; onChange: (value: number) => void }) {
  return (
    <label>
      <NumberField min={0} max={40} value={value} onChange={(v) => onChange(v ?? 0)} aria-label={label} /> {label}
    </label>
  );
}
