import './signal.css';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import type { Schemas } from '../../shared/api/client';
import { signalQuery } from '../../shared/api/queries';
import { Waiting } from '../../shared/kit/Waiting';
import { useActs, usePending } from '../../shared/job/useActs';
import { useStandpoint } from '../../shared/job/useStandpoint';
import { WornAs } from '../../shared/job/WornAs';
import { hasLeft } from '../../shared/job/stages';
import { CableTable } from './CableTable';
import { OrderCards } from './OrderCards';
import { SignalMap } from './SignalMap';
import { SoundAndTime } from './SoundAndTime';
import { SwitchTable } from './SwitchTable';
import { withPending } from './pending';
import { ViewerTable } from './ViewerTable';

/** Who sees, hears and controls what; a box is clicked to see what breaks without it. */
export function SignalScreen({ session }: { session: Schemas['Session'] }) {
  const at = useStandpoint();
  const { spot, build, data } = at;
  const [failed, setFailed] = useState('');
  const asked = signalQuery(spot);
  const query = useQuery({ ...asked, enabled: build !== undefined, placeholderData: keepPreviousData });
  const act = useActs(spot, { revision: query.data?.revision ?? 0, shown: asked.queryKey });
  const pending = usePending(spot);
  if (query.isError) return <p className="page error">{query.error.message}</p>;
  if (!build || query.isPending) return <Waiting />;
  const s = withPending(query.data, pending);
  const canEdit = session.editsBuilds && !hasLeft(data?.stage);
  const request = (asked: Schemas['EditRequest']) =>
    void act({ kind: 'edit', only: false, request: asked }).catch(() => undefined);
  const set = (key: string, value: number) => request({ kind: 'SET', key, value });
  const out = s.boxes.find((b) => b.id === failed);
  return (
    <main className="signal">
      <section aria-labelledby="map-title">
        <div className="signal-head">
          <h2 id="map-title">Picture, sound, time, control</h2>
          <WornAs at={at} />
          <Button type="text" onClick={() => window.print()}>
            Print
          </Button>
        </div>
        <SignalMap
          boxes={s.boxes}
          links={s.links}
          failed={failed}
          onFail={(id) => setFailed(id === failed ? '' : id)}
        />
        <p className="outage" role="status">
          {out ? (
            <>
              <span className="mark stop">without power</span> {out.title}
              {out.dark.length > 1 && (
                <>
                  , and with it{' '}
                  {out.dark
                    .filter((d) => d !== out.id)
                    .map((d) => s.boxes.find((b) => b.id === d)?.title ?? d)
                    .join(', ')}
                </>
              )}
              : {out.lost.length > 0 ? `${out.lost.join('; ')}.` : 'nothing else is lost.'}
            </>
          ) : (
            <span className="soft">
              Click a box, or reach it by Tab and press Enter, to see what breaks when it loses power.
            </span>
          )}
        </p>
      </section>
      <ViewerTable seats={s.seats} blind={out?.blind ?? []} brief={at.at('brief')} />
      <SoundAndTime sound={s.sound} time={s.time} canEdit={canEdit} onSet={set} />
      <OrderCards orders={s.orders} />
      <SwitchTable switches={s.switches} canEdit={canEdit} onSet={set} />
      <CableTable signals={s} spot={spot} bench={at.at('bench')} canEdit={canEdit} onRequest={request} />
    </main>
  );
}
