import './signal.css';
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { App } from 'antd';
import { useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { api, unwrap } from '../../shared/api/client';
import type { Schemas } from '../../shared/api/client';
import { jobQuery, keys, signalQuery } from '../../shared/api/queries';
import { Waiting } from '../../shared/kit/Waiting';
import { WornAs } from '../../shared/kit/WornAs';
import { CableTable } from './CableTable';
import { OrderCards } from './OrderCards';
import { SignalMap } from './SignalMap';
import { SoundAndTime } from './SoundAndTime';
import { SwitchTable } from './SwitchTable';
import { ViewerTable } from './ViewerTable';

/** Who sees, hears and controls what; a box is clicked to see what breaks without it. */
export function SignalScreen({ session }: { session: Schemas['Session'] }) {
  const client = useQueryClient();
  const { message } = App.useApp();
  const { job = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const [failed, setFailed] = useState('');
  const jobData = useQuery(jobQuery(job));
  const build = jobData.data?.builds.find((b) => b.id === search.get('build')) ?? jobData.data?.builds[0];
  const configuration =
    build?.configurations.find((c) => c.id === search.get('config'))?.id ?? build?.configurations[0]?.id ?? '';
  const spot = { job, build: build?.id ?? '', configuration, lens: '' };
  const query = useQuery({ ...signalQuery(spot), enabled: build !== undefined, placeholderData: keepPreviousData });
  const editing = useMutation({
    mutationFn: async (request: Schemas['EditRequest']) =>
      unwrap(
        await api.POST('/api/jobs/{job}/builds/{build}/edits', {
          params: { path: { job, build: spot.build } },
          body: { revision: query.data?.revision ?? 0, configuration, lens: '', only: false, request },
        }),
      ),
    onError: (e) => void message.error(e.message, 6),
    onSettled: () => client.invalidateQueries({ queryKey: keys.job(job) }),
  });
  if (query.isError) return <p className="page error">{query.error.message}</p>;
  if (!build || query.isPending) return <Waiting />;
  const s = query.data;
  const canEdit = session.editsBuilds && jobData.data?.stage !== 'DISPATCHED';
  const set = (key: string, value: number) => editing.mutate({ kind: 'SET', key, value });
  const pending = editing.isPending && editing.variables.kind === 'SET' ? editing.variables : undefined;
  const out = s.boxes.find((b) => b.id === failed);
  const go = (next: { build: string; config: string }) => {
    setFailed('');
    setSearch(next, { replace: true });
  };
  return (
    <main className="signal">
      <section aria-labelledby="map-title">
        <div className="signal-head">
          <h2 id="map-title">Picture, sound, time, control</h2>
          <WornAs builds={jobData.data?.builds ?? []} build={build.id} configuration={configuration} onGo={go} />
          <button className="btn plain" type="button" onClick={() => window.print()}>
            Print
          </button>
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
      <ViewerTable seats={s.seats} blind={out?.blind ?? []} job={job} />
      <SoundAndTime sound={s.sound} time={s.time} canEdit={canEdit} busy={editing.isPending} onSet={set} />
      <OrderCards orders={s.orders} />
      <SwitchTable switches={s.switches} canEdit={canEdit} busy={editing.isPending} pending={pending} onSet={set} />
      <CableTable
        signals={s}
        spot={spot}
        canEdit={canEdit}
        busy={editing.isPending}
        onRequest={(request) => editing.mutate(request)}
      />
    </main>
  );
}
